package dev.schachtel.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.RandomCards;
import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.check.Finding;

import static org.assertj.core.api.Assertions.assertThat;

/** Each remedy that is offered, taken, does away with its finding and makes nothing new to mend. */
class MendingTest {
    private int tried;

    static List<String> files() {
        return TestCards.files();
    }

    @ParameterizedTest
    @MethodSource("files")
    void remediesOfTheDemoMend(String file) {
        check(file, TestCards.whole(file).spec());
    }

    /** Sound cards with one to three things changed at random. */
    @Test
    void remediesOfFiveHundredMutatedCardsMend() {
        List<String> files = TestCards.files();
        for (int seed = 0; seed < 500; seed++) {
            Random random = new Random(seed);
            CardSpec spec =
                    TestCards.of(files.get(random.nextInt(files.size()))).spec();
            for (int i = 0; i <= random.nextInt(3); i++) {
                spec = RandomCards.mutated(spec, random);
            }
            check("seed " + seed, spec);
        }
        assertThat(tried).isGreaterThan(80);
    }

    private void check(String what, CardSpec spec) {
        Plan before = Planner.plan(spec, TestCards.WORKSHOP);
        for (Finding finding : before.findings().all()) {
            for (Remedy remedy : finding.remedies()) {
                tried++;
                Plan after = Planner.plan(remedy.taken(spec), TestCards.WORKSHOP);
                assertThat(many(after, finding))
                        .as("%s: %s after %s", what, finding, remedy)
                        .isLessThan(many(before, finding));
                assertThat(newMends(before, after))
                        .as("%s: made by %s against %s", what, remedy, finding)
                        .isEmpty();
            }
        }
    }

    private static long many(Plan plan, Finding like) {
        return plan.findings().all().stream()
                .filter(f -> f.rule() == like.rule() && f.owner().equals(like.owner()))
                .filter(f -> f.severity().compareTo(like.severity()) <= 0)
                .count();
    }

    /** Stock and time are not the card's own: more of one card may run short of the other. */
    private static List<String> newMends(Plan before, Plan after) {
        Map<String, Long> had = mends(before).stream().collect(Collectors.groupingBy(k -> k, Collectors.counting()));
        List<String> made = new ArrayList<>(mends(after));
        had.forEach((k, n) -> {
            for (int i = 0; i < n; i++) {
                made.remove(k);
            }
        });
        return made;
    }

    private static List<String> mends(Plan plan) {
        return plan.findings().of(Severity.MEND).all().stream()
                .filter(f -> f.rule() != RuleId.STOCK_SHORT && f.rule() != RuleId.ROLL_NARROW)
                .map(f -> f.rule() + " of " + f.owner())
                .toList();
    }
}
