package dev.schachtel.core.engineering;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.assembly.Rehearsal;
import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Flat;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.motion.Movements;
import dev.schachtel.core.motion.Space;
import dev.schachtel.core.motion.Tipping;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;
import dev.schachtel.core.pose.Rigid;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;

import static dev.schachtel.core.engineering.Worked.mm;
import static dev.schachtel.core.engineering.Worked.part;
import static dev.schachtel.core.engineering.Worked.size;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** A panel and the strip behind it: sizes, how it lies shut, and where its leaves stand. */
class ConcertinaTest {
    private static TestCards concertina(int folds) {
        return TestCards.empty("{\"kind\": \"concertina\", \"width\": \"120 mm\", \"height\": \"160 mm\", \"folds\": "
                + folds + ", \"deep\": \"45 mm\", \"high\": \"60 mm\", \"tab\": \"12 mm\"}");
    }

    /** 12 + 3 x 45 = 147 long, scored at 12, 57 and 102; the tab begins (120 - 45) / 2 - 12 = 25.5 from the left. */
    @Test
    void theStripIsScoredAtEveryFold() {
        Build build = concertina(3).build();
        assertThat(part(build, "base", "strip").form().width()).isEqualTo(mm("147 mm"));
        assertThat(part(build, "base", "strip").form().height()).isEqualTo(mm("60 mm"));
        assertThat(build.folds())
                .extracting(f -> f.from().x() + " " + f.crease())
                .containsExactly("12.0 MOUNTAIN", "57.0 MOUNTAIN", "102.0 VALLEY");
        assertThat(size(build, "base", "Tab, from the left edge of the panel")).isEqualTo(mm("25.5 mm"));
        assertThat(Mm.of(size(build, "base", "Stands deep")))
                .isCloseTo(3 * 45 * Math.sin(Math.toRadians(55)), within(0.001));
    }

    /** All leaves, and the panel with its glue, on each other; no larger than the panel. */
    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4, 8})
    void liesFlatBehindThePanel(int folds) {
        Build build = concertina(folds).build();
        Length card = build.parts().get(0).material().thickness();
        assertThat(build.thickness()).isGreaterThanOrEqualTo(card.times(folds + 1L));
        assertThat(build.thickness()).isLessThanOrEqualTo(card.times(folds + 1L).plus(mm("0.3 mm")));
        Flat flat = build.mechanics().flats().get(0);
        assertThat(flat.width()).isEqualTo(mm("120 mm"));
        assertThat(flat.height()).isEqualTo(mm("160 mm"));
        assertThat(flat.layers()).isEqualTo(folds + 1);
    }

    /** Seen from above: from a place 37.5 mm from the left, to and fro by 55 degrees of the share beside the panel. */
    @ParameterizedTest
    @ValueSource(ints = {2, 3, 5, 8})
    void opensStraightBackwards(int folds) {
        Build build = concertina(folds).build();
        Space space = new Space(build);
        for (int percent = 0; percent <= 100; percent += 20) {
            List<Rigid> panels = space.at(percent / 100.0).panels();
            double angle = Math.toRadians(55 * percent / 100.0);
            for (int i = 1; i <= folds; i++) {
                Vec along = panels.get(i).direction(new Vec(i % 2 == 1 ? 1 : -1, 0, 0));
                assertThat(along.x()).isCloseTo((i % 2 == 1 ? 1 : -1) * Math.cos(angle), within(1e-9));
                assertThat(along.z()).isCloseTo(-Math.sin(angle), within(1e-9));
                Vec foot = panels.get(i).at(new Vec(i % 2 == 1 ? 82.5 : 37.5, 0, middle(build, i)));
                assertThat(foot.y()).isCloseTo(0, within(1e-9));
                assertThat(foot.x()).isCloseTo(37.5 + (i % 2 == 1 ? 45 * Math.cos(angle) : 0), within(0.2 + 0.4 * i));
                assertThat(foot.z() - middle(build, 0)).isCloseTo(-45 * i * Math.sin(angle), within(0.2 + 0.4 * i));
            }
        }
    }

    /** Of a leaf, or of the panel for 0, over the lowest leaf while it lies shut. */
    private static double middle(Build build, int leaf) {
        SlabId id = SlabId.of(new PartId(Id.BASE, leaf == 0 ? "" : "leaf-" + leaf));
        return build.level(id).map(l -> Mm.of(l.bottom().plus(l.top()).half())).orElseThrow();
    }

    @Test
    void standsOnItsFoot() {
        Build build = concertina(3).build();
        Tipping tipping = Tipping.of(build, new Space(build), 1);
        assertThat(tipping.under()).isEmpty();
        assertThat(tipping.degrees()).isPositive();
        assertThat(Movements.of(build).opening().contacts()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"deep, 100 mm, 96", "high, 170 mm, 160"})
    void whatWouldShowBesideThePanelIsMended(String component, String value, int room) {
        TestCards card = concertina(3).set("base", component, value);
        Finding found = card.plan().findings().of(RuleId.STAND_BEHIND).all().get(0);
        assertThat(found.limit().toString()).contains(room + " mm");
        Plan mended = Planner.plan(found.remedies().get(0).taken(card.spec()), TestCards.WORKSHOP);
        assertThat(mended.findings().of(Severity.MEND).all()).isEmpty();
    }

    /** A shallow foot under a high panel: it falls forwards, and a deeper foot mends that. */
    @Test
    void aFootTooShallowIsMended() {
        TestCards card = concertina(3).set("base", "deep", "30 mm").set("base", "high", "100 mm");
        Tipping tipping = Tipping.of(card.build(), new Space(card.build()), 1);
        assertThat(tipping.degrees()).isBetween(0.0, 10.0);
        Finding found = card.plan().findings().of(RuleId.TIPS).all().get(0);
        assertThat(found.measured()).isEqualTo(Amount.degrees(Math.floor(tipping.degrees())));
        assertThat(found.remedies()).singleElement().satisfies(r -> assertThat(r.to())
                .isEqualTo(Amount.of(Length.ofMillimetres(45))));
        assertThat(Planner.plan(found.remedies().get(0).taken(card.spec()), TestCards.WORKSHOP)
                        .findings()
                        .of(Severity.MEND)
                        .all())
                .isEmpty();
    }

    /** With a piece on either side of the panel: hands can do it, everything is fixed once and nothing is to mend. */
    @Test
    void handsCanMakeIt() {
        TestCards card = concertina(3)
                .add("motif")
                .set("motif", "on", "front")
                .set("motif", "up", "100 mm")
                .add("motif")
                .set("motif-2", "on", "outside-back")
                .set("motif-2", "up", "130 mm");
        Plan plan = card.plan();
        assertThat(plan.findings().of(Severity.MEND).all()).isEmpty();
        assertThat(Rehearsal.of(plan.build(), plan.assembly())).isEmpty();
        Box back = plan.build()
                .level(SlabId.of(new PartId(new Id("motif-2"), "")))
                .orElseThrow()
                .slab()
                .bounds();
        assertThat(back.bottom()).isGreaterThan(60);
    }
}
