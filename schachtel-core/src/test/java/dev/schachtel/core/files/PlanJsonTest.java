package dev.schachtel.core.files;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.model.Json;
import dev.schachtel.core.plan.Plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import tools.jackson.databind.JsonNode;

/** Everything can be checked from the plan's JSON alone, by a program that knows nothing else of us. */
class PlanJsonTest {
    static List<String> files() {
        return TestCards.files();
    }

    private static JsonNode json(String file) {
        Plan p = TestCards.whole(file).plan();
        return Json.parse(PlanJson.write(p.build(), p.movements(), p.findings(), p.cutting(), p.assembly()));
    }

    @ParameterizedTest
    @MethodSource("files")
    void sumsComeOutFromTheirTerms(String file) {
        for (JsonNode size : json(file).get("sizes")) {
            boolean plain =
                    size.get("formula") == null && !size.get("is").asString().contains("x");
            if (plain && size.get("is").isString()) {
                BigDecimal sum = BigDecimal.ZERO;
                for (JsonNode term : size.get("terms")) {
                    sum = sum.add(new BigDecimal(term.get("amount").asString())
                            .multiply(BigDecimal.valueOf(term.get("times").asInt())));
                }
                assertThat(sum)
                        .as(size.toString())
                        .isEqualByComparingTo(size.get("is").asString());
            }
        }
    }

    @ParameterizedTest
    @MethodSource("files")
    void everyPartIsCutAndFixedOnceAndInTime(String file) {
        JsonNode plan = json(file);
        Map<String, Integer> fixed = new HashMap<>();
        Map<String, Integer> cut = new HashMap<>();
        for (JsonNode step : plan.get("steps")) {
            int number = step.get("number").asInt();
            step.path("waitsFor").forEach(w -> assertThat(w.asInt()).isLessThan(number));
            step.path("cuts")
                    .forEach(p -> assertThat(cut.put(p.asString(), number)).isNull());
            for (JsonNode part : step.path("fixes").path("parts")) {
                assertThat(fixed.put(part.asString(), number))
                        .as(part.asString())
                        .isNull();
                assertThat(cut.getOrDefault(part.asString(), 0)).isLessThanOrEqualTo(number);
            }
        }
        Set<String> parts = new HashSet<>();
        for (JsonNode part : plan.get("parts")) {
            if (part.get("stays").asBoolean()) {
                parts.add(part.get("id").asString());
            }
        }
        parts.remove("base");
        assertThat(fixed.keySet()).containsExactlyInAnyOrderElementsOf(parts);
    }

    /** Whatever rests on something starts no lower than that ends, and on the highest of all without a gap. */
    @ParameterizedTest
    @MethodSource("files")
    void heightsFollowFromTheJoints(String file) {
        JsonNode plan = json(file);
        Map<String, double[]> at = new HashMap<>();
        plan.get("slabs")
                .forEach(s -> at.put(s.get("id").asString(), new double[] {
                    Double.parseDouble(s.get("bottom").asString()),
                    Double.parseDouble(s.get("top").asString())
                }));
        Map<String, Double> lies = new HashMap<>();
        List<String> hangs = new ArrayList<>();
        for (JsonNode joint : plan.get("joints")) {
            String upper = joint.get("upper").asString();
            double[] lower = at.get(joint.get("lower").asString());
            String hold = joint.get("hold").asString();
            double top = lower[1] + Double.parseDouble(joint.get("thickness").asString());
            if (hold.equals("hangs")) {
                hangs.add(joint.get("lower").asString());
            } else if (!hold.equals("tied")) {
                lies.merge(upper, top, Math::max);
            }
        }
        lies.forEach((upper, highest) -> {
            if (!hangs.contains(upper)) {
                assertThat(at.get(upper)[0]).as(upper).isCloseTo(highest, within(1e-9));
            }
        });
    }

    /** A finding says what it is about and how it is mended, in changes that any program can make. */
    @ParameterizedTest
    @MethodSource("files")
    void findingsCarryTheirRemedies(String file) {
        int remedies = 0;
        for (JsonNode finding : json(file).get("findings")) {
            assertThat(finding.get("rule").asString()).matches("[a-z-]+");
            for (JsonNode remedy : finding.get("remedies")) {
                remedies++;
                assertThat(remedy.get("changes"))
                        .isNotEmpty()
                        .allSatisfy(c -> assertThat(c.get("piece").asString()).isNotBlank());
            }
        }
        if (file.equals("bad/leaking-dam.json")) {
            assertThat(remedies).isPositive();
        }
    }
}
