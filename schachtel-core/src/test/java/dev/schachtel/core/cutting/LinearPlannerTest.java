package dev.schachtel.core.cutting;

import java.util.ArrayList;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Roll;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;

import static org.assertj.core.api.Assertions.assertThat;

/** Rolls by hand: a rectangular shaker's dam is four strips that must be whole; tape round a sheet may be joined. */
class LinearPlannerTest {
    private static final MaterialId FOAM = new MaterialId("foam-tape-2");
    private static final MaterialId TAPE = new MaterialId("tape");

    private static Length mm(int millimetres) {
        return Length.ofMillimetres(millimetres);
    }

    /** Rolls of 5 m when new, of which so much is left. */
    private static Workshop with(MaterialId material, Length width, int... left) {
        List<Roll> rolls = new ArrayList<>(TestCards.WORKSHOP.rolls());
        rolls.removeIf(r -> r.material().equals(material));
        for (int i = 0; i < left.length; i++) {
            rolls.add(new Roll(new MaterialId("roll-" + i), material, width, mm(left[i]), mm(5_000), 300));
        }
        return TestCards.WORKSHOP.with(TestCards.WORKSHOP.sheets(), rolls, TestCards.WORKSHOP.tools());
    }

    /** A window of 60 x 40, set back by 2, foam 6 wide: pinwheel strips of 64 + 6 and 44 + 6, two of each. */
    private static TestCards shaker() {
        return TestCards.raised()
                .set("panel", "fixing", "glue")
                .add("window")
                .set("window", "shape", "rectangle")
                .set("window", "shape.width", "60 mm")
                .set("window", "shape.height", "40 mm")
                .add("shaker")
                .set("shaker", "make", "strips")
                .set("shaker", "foam", "foam-tape-2")
                .set("shaker", "setback", "2 mm")
                .set("shaker", "foamWidth", "6 mm");
    }

    private static LinearPlan plan(TestCards card, Workshop workshop, MaterialId material) {
        Build build = Engineering.engineer(card.spec(), workshop);
        return LinearPlanner.plan(build, Demands.of(build), workshop).stream()
                .filter(p -> p.material().id().equals(material))
                .findFirst()
                .orElseThrow();
    }

    private static List<Length> left(LinearPlan plan) {
        return plan.uses().stream().map(LinearPlan.Use::left).toList();
    }

    @Test
    void aDamTakesItsFourStrips() {
        LinearPlan plan = plan(shaker(), with(FOAM, mm(12), 500), FOAM);
        assertThat(plan.needed()).isEqualTo(mm(240));
        assertThat(plan.enough()).isTrue();
        assertThat(left(plan)).containsExactly(mm(260));
    }

    /** 125 give a strip of 70 and one of 50; the begun roll goes first and is filled as well as it can be. */
    @Test
    void theBegunRollIsFilledFirst() {
        LinearPlan plan = plan(shaker(), with(FOAM, mm(12), 500, 125), FOAM);
        assertThat(left(plan)).containsExactly(mm(5), mm(380));
    }

    /** 60 would hold a joined length; of whole strips only one of 50 fits, and 45 hold none. */
    @ParameterizedTest
    @CsvSource({"60, 10, 190", "45, 45, 240", "70, 0, 170", "100, 0, 140", "119, 19, 140", "120, 0, 120"})
    void stripsOfADamAreNotJoined(int roll, int leaves, int missing) {
        LinearPlan plan = plan(shaker(), with(FOAM, mm(12), roll), FOAM);
        assertThat(plan.missing()).isEqualTo(mm(missing));
        assertThat(plan.newRolls()).isEqualTo(1);
        assertThat(plan.uses()).hasSize(leaves == roll ? 0 : 1);
        if (leaves != roll) {
            assertThat(left(plan)).containsExactly(mm(leaves));
        }
    }

    /** No roll of 5 is as wide as strips of 6; they are said to be missing with what is too wide. */
    @Test
    void aNarrowRollGivesNothing() {
        LinearPlan plan = plan(shaker(), with(FOAM, mm(5), 500), FOAM);
        assertThat(plan.uses()).isEmpty();
        assertThat(plan.missing()).isEqualTo(mm(240));
        assertThat(plan.widths()).isEqualTo(new LinearPlan.Widths(mm(6), mm(5)));
    }

    @Test
    void withoutARollNothingIsBoughtByLength() {
        LinearPlan plan = plan(shaker(), with(FOAM, mm(12)), FOAM);
        assertThat(plan.missing()).isEqualTo(mm(240));
        assertThat(plan.newRolls()).isZero();
    }

    /** Seven cards take 28 strips, 1.68 m; what 1.4 m don't give is on the new roll. */
    @Test
    void aBatchTakesAsManyStripsForEachCard() {
        LinearPlan plan = plan(shaker().set("brief", "cards", "7"), with(FOAM, mm(12), 1_400, 5_000), FOAM);
        assertThat(plan.needed()).isEqualTo(mm(7 * 240));
        assertThat(left(plan)).containsExactly(mm(0), mm(5_000 - 280));
    }

    /** A panel of 99 x 142.5 is taped once round its edge: 483 for each card; tape may be joined over rolls. */
    @Test
    void tapeGoesRoundTheEdgeAndMayBeJoined() {
        TestCards card = TestCards.raised().set("panel", "reveal", "3 mm").set("panel", "fixing", "tape");
        LinearPlan plan = plan(card.set("brief", "cards", "2"), with(TAPE, mm(6), 400, 1_000), TAPE);
        assertThat(plan.needed()).isEqualTo(mm(966));
        assertThat(left(plan)).containsExactly(mm(0), mm(434));
    }
}
