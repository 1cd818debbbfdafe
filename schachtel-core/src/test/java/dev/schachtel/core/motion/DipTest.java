package dev.schachtel.core.motion;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.plan.Planner;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What goes below the board while a card is opened on it. */
class DipTest {
    private static final double HALF = 15;

    /** A square of 30 mm on the front, its middle so far from the fold. */
    private static TestCards card(String fold, double middle) {
        TestCards card = TestCards.empty(
                        "{\"kind\": \"flat-fold\", \"width\": \"120 mm\", \"height\": \"120 mm\", \"fold\": \"" + fold
                                + "\"}")
                .add("motif")
                .set("motif", "on", "front")
                .set("motif", "shape", "rectangle")
                .set("motif", "shape.width", "30 mm")
                .set("motif", "shape.height", "30 mm");
        boolean top = fold.equals("top");
        return card.set("motif", top ? "up" : "across", (top ? 120 - middle : middle) + " mm")
                .set("motif", top ? "across" : "up", "60 mm");
    }

    /** What reaches past the fold by d hangs straight down when the front stands upright: d below the fold, which lies a sheet over the board. */
    @ParameterizedTest
    @CsvSource({"side, 0", "side, 5", "side, 10", "top, 0", "top, 8"})
    void whatReachesPastTheFoldHangsDownHalfWay(String fold, double middle) {
        Dip dip = Movements.of(card(fold, middle).build()).dips().orElseThrow();
        assertThat(dip.body().level().slab().part().owner().value()).isEqualTo("motif");
        assertThat(dip.share()).isCloseTo(0.5, within(0.01));
        assertThat(dip.deep()).isCloseTo(HALF - middle, within(0.7));
    }

    @Test
    void whatStaysOnTheCardDoesNot() {
        assertThat(Movements.of(card("side", 16).build()).dips()).isEmpty();
        assertThat(Movements.of(card("side", 110).build()).dips()).isEmpty();
        assertThat(Movements.of(card("top", 16).build()).dips()).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("dev.schachtel.core.TestCards#files")
    void noDemoCardDoes(String file) {
        assertThat(Movements.of(TestCards.whole(file).build()).dips()).isEmpty();
    }

    @Test
    void movedBackItLiesOnTheBoard() {
        TestCards card = card("side", 4);
        Finding found = card.plan().findings().of(RuleId.BOARD_FREE).all().get(0);
        assertThat(found.remedies()).isNotEmpty();
        for (Remedy remedy : found.remedies()) {
            assertThat(Planner.plan(remedy.taken(card.spec()), TestCards.WORKSHOP)
                            .findings()
                            .of(RuleId.BOARD_FREE)
                            .all())
                    .isEmpty();
        }
    }
}
