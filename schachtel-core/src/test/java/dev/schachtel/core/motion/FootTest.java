package dev.schachtel.core.motion;

import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Motif;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.plan.Planner;
import dev.schachtel.core.shape.Mm;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What reaches below the foot of a card that stands open on its back. */
class FootTest {
    private static final double HALF = 15;

    /** A square of 30 mm on the front of a card that is opened lying, its middle so far from the fold. */
    private static TestCards card(String fold, double middle) {
        TestCards card = TestCards.empty(
                        "{\"kind\": \"flat-fold\", \"width\": \"120 mm\", \"height\": \"120 mm\", \"fold\": \"" + fold
                                + "\"}")
                .add("pop-up-box")
                .add("motif")
                .set("motif", "on", "front")
                .set("motif", "shape", "rectangle")
                .set("motif", "shape.width", "30 mm")
                .set("motif", "shape.height", "30 mm");
        boolean top = fold.equals("top");
        return card.set("motif", top ? "up" : "across", (top ? 120 - middle : middle) + " mm")
                .set("motif", top ? "across" : "up", "60 mm");
    }

    /** What reaches past the fold by d hangs straight down when the front stands upright: d below the fold, which lies less than a millimetre over the board. */
    @ParameterizedTest
    @CsvSource({"side, 0", "side, 5", "side, 10", "top, 0", "top, 8"})
    void whatReachesPastTheFoldHangsDown(String fold, double middle) {
        Tipping.Under under = under(card(fold, middle)).orElseThrow();
        assertThat(under.body().level().slab().part().owner().value()).isEqualTo("motif");
        assertThat(under.deep()).isCloseTo(HALF - middle, within(1.0));
    }

    private static Optional<Tipping.Under> under(TestCards card) {
        return Movements.of(card.build()).stands().flatMap(Tipping::under);
    }

    @Test
    void whatStaysOnTheCardDoesNot() {
        assertThat(under(card("side", 16))).isEmpty();
        assertThat(under(card("side", 110))).isEmpty();
        assertThat(under(card("top", 16))).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("dev.schachtel.core.TestCards#files")
    void noDemoCardDoes(String file) {
        assertThat(under(TestCards.whole(file))).isEmpty();
    }

    /** On a face that leans by 65 degrees it goes up by what it hangs too low over the sine of that, to the next step, and no further. */
    @Test
    void onALeaningFaceItGoesUpAsFarAsItMust() {
        TestCards sign = TestCards.whole("platform-sign.json")
                .add("motif")
                .set("motif", "on", "sign")
                .set("motif", "up", "0 in");
        Tipping.Under under = under(sign).orElseThrow();
        Remedy up = sign.plan()
                .findings()
                .of(RuleId.FOOT_FREE)
                .all()
                .get(0)
                .remedies()
                .get(0);
        double needed = under.deep() / Math.sin(Math.toRadians(65));
        double given =
                Mm.of(((Motif) up.taken(sign.spec()).piece(new Id("motif")).orElseThrow()).up());
        assertThat(given).isBetween(needed, needed + 25.4 / 16);
        assertThat(under(new TestCards(up.taken(sign.spec())))).isEmpty();
    }

    @Test
    void movedBackItStandsOnItsFoot() {
        TestCards card = card("side", 4);
        Finding found = card.plan().findings().of(RuleId.FOOT_FREE).all().get(0);
        assertThat(found.remedies()).isNotEmpty();
        for (Remedy remedy : found.remedies()) {
            assertThat(Planner.plan(remedy.taken(card.spec()), TestCards.WORKSHOP)
                            .findings()
                            .of(RuleId.FOOT_FREE)
                            .all())
                    .isEmpty();
        }
    }
}
