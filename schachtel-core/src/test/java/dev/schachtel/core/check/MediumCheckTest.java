package dev.schachtel.core.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.assembly.Assembly;
import dev.schachtel.core.assembly.Step;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.material.Medium;
import dev.schachtel.core.material.Pairing;
import dev.schachtel.core.material.Under;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;

import static org.assertj.core.api.Assertions.assertThat;

/** What goes on what, by the maker's table: found before paper is cut, mended by one click, and never planned wrongly. */
class MediumCheckTest {
    private static TestCards worked(String card, String way) {
        return TestCards.raised()
                .set("panel", "card", card)
                .add("treatment")
                .set("treatment", "on", "panel")
                .set("treatment", "way", way);
    }

    @ParameterizedTest
    @CsvSource({
        "white-300, ink-blend,",
        "damson-300, ink-blend, MEND",
        "pattern-180, ink-blend, WATCH",
        "ivory-120, paste-stencil, MEND",
        "white-300, paste-stencil,",
        "pattern-180, watercolour, MEND",
        "white-120, colour-pens, WATCH",
        "damson-300, emboss,",
    })
    void byTheTable(String card, String way, Severity severity) {
        List<Finding> found =
                worked(card, way).findings().of(RuleId.MEDIUM_PAPER).all();
        if (severity == null) {
            assertThat(found).isEmpty();
        } else {
            assertThat(found).isNotEmpty().anyMatch(f -> f.severity() == severity);
        }
    }

    /** Each remedy that is offered for ink on dark card leaves nothing to mend there. */
    @Test
    void theRemediesMend() {
        Plan plan = worked("damson-300", "ink-blend").plan();
        Finding fault = plan.findings().of(RuleId.MEDIUM_PAPER).all().get(0);
        assertThat(fault.remedies()).isNotEmpty();
        fault.remedies().forEach(r -> {
            CardSpec mended = r.taken(plan.spec());
            assertThat(Planner.plan(mended, TestCards.WORKSHOP)
                            .findings()
                            .of(RuleId.MEDIUM_PAPER)
                            .all())
                    .as("%s", r)
                    .noneMatch(f -> f.severity() == Severity.MEND);
        });
    }

    /** Gloss where one writes is a fault; in a corner beside that place it is none. */
    @Test
    void nobodyWritesOnGloss() {
        TestCards inside = TestCards.raised()
                .add("treatment")
                .set("treatment", "on", "inside")
                .set("treatment", "way", "gloss");
        assertThat(inside.findings().of(RuleId.WRITING_SLICK).all())
                .isNotEmpty()
                .allMatch(f -> f.severity() == Severity.MEND);
        TestCards ink = inside.set("treatment", "way", "ink-blend");
        assertThat(ink.findings().of(RuleId.WRITING_SLICK).all()).isEmpty();
    }

    /** Pens over dye ink are a fault where they meet and only there: apart from each other nothing is said. */
    @Test
    void onlyWhatMeetsIsJudged() {
        TestCards both = worked("white-300", "watercolour")
                .add("treatment")
                .set("treatment-2", "on", "panel")
                .set("treatment-2", "way", "gloss");
        assertThat(both.findings().of(RuleId.MEDIUM_OVER).all()).isEmpty();
        Workshop strict = TestCards.WORKSHOP.paired(
                List.of(new Pairing(Medium.GLOSS, Under.WATERCOLOUR, Pairing.Verdict.FAULT, "it spots")));
        assertThat(Planner.plan(both.spec(), strict)
                        .findings()
                        .of(RuleId.MEDIUM_OVER)
                        .all())
                .singleElement()
                .satisfies(f -> assertThat(f.names()).contains("it spots"));
        CardSpec apart = both.set("treatment", "where", "above")
                .set("treatment", "where.line", "90 mm")
                .set("treatment", "where.fade", "0 mm")
                .set("treatment-2", "where", "below")
                .set("treatment-2", "where.line", "60 mm")
                .set("treatment-2", "where.fade", "0 mm")
                .spec();
        assertThat(Planner.plan(apart, strict).findings().of(RuleId.MEDIUM_OVER).all())
                .isEmpty();
    }

    private static final List<String> WAYS = List.of(
            "ink-blend",
            "colour-pens",
            "watercolour",
            "gloss",
            "ink-stencil",
            "emboss",
            "paste-stencil",
            "alcohol-wash");

    /**
     * In 2,000 plans with work in any order no medium comes over one that it spoils, unless each of the two spoils the other:
     * judged by going through the steps with a table read from the file by other code.
     */
    @Test
    void noPlanPutsPensOverBleedingInk() {
        Map<String, String> table = new HashMap<>();
        TestCards.WORKSHOP.pairings().forEach(p -> table.put(p.medium() + " over " + p.under(), "" + p.verdict()));
        assertThat(table.get("ALCOHOL_PEN over DYE_INK")).isEqualTo("FAULT");
        Random random = new Random(13);
        int turned = 0;
        TestCards bare = TestCards.raised().set("panel", "card", "white-300");
        for (int round = 0; round < 2_000; round++) {
            TestCards card = bare;
            int works = 2 + random.nextInt(3);
            for (int i = 1; i <= works; i++) {
                String id = i == 1 ? "treatment" : "treatment-" + i;
                card = card.add("treatment")
                        .set(id, "on", "panel")
                        .set(id, "way", WAYS.get(random.nextInt(WAYS.size())));
            }
            turned += judge(card, table);
        }
        assertThat(turned).as("lists that had to be turned round").isGreaterThan(200);
    }

    /** Whether the plan differs from the list; fails where something is spoilt that need not be. */
    private static int judge(TestCards card, Map<String, String> table) {
        List<Surface> order = new ArrayList<>();
        Build build = card.build();
        for (Step step : Assembly.plan(build, TestCards.WORKSHOP).steps()) {
            step.op().surface().filter(s -> !order.contains(s)).ifPresent(order::add);
        }
        for (int later = 0; later < order.size(); later++) {
            for (int first = 0; first < later; first++) {
                Medium over = order.get(later).technique().medium();
                Medium under = order.get(first).technique().medium();
                boolean spoils = "FAULT".equals(table.get(over + " over " + under));
                boolean either = "FAULT".equals(table.get(under + " over " + over));
                assertThat(spoils && !either)
                        .as(
                                "%s over %s in %s",
                                over,
                                under,
                                order.stream().map(s -> s.technique().id()).toList())
                        .isFalse();
            }
        }
        List<PartId> parts = order.stream().map(Surface::part).distinct().toList();
        assertThat(parts).hasSize(1);
        return order.equals(build.surfaces()) ? 0 : 1;
    }

    /** What a workshop of before knew nothing of is there after its upgrade. */
    @Test
    void anOldWorkshopGetsATable() {
        Workshop standard = WorkshopFile.standard();
        assertThat(standard.pairings()).hasSizeGreaterThan(30);
        assertThat(WorkshopFile.read(WorkshopFile.write(standard))).isEqualTo(standard);
    }
}
