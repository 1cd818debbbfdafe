package dev.schachtel.core.tolerance;

import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.measure.Length;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class BordersTest {
    private static final Length BY_EYE = Length.ofMicrometres(1200);

    private static TestCards mats(String... reveals) {
        TestCards card = TestCards.raised().set("panel", "fixing", "tape").set("panel", "reveal", reveals[0]);
        for (int i = 1; i < reveals.length; i++) {
            String id = i == 1 ? "mat" : "mat-" + i;
            card = card.add("mat").set(id, "on", i == 1 ? "panel" : i == 2 ? "mat" : "mat-" + (i - 1));
            card = card.set(id, "reveal", reveals[i]);
        }
        return card;
    }

    /** Tables of the normal distribution: within 1, 2 and 3 sigma lie 68.27, 95.45 and 99.73 %, and that both ways. */
    @ParameterizedTest
    @CsvSource({"2.4 mm, 0.6827", "4.8 mm, 0.9545", "7.2 mm, 0.9973"})
    void theShareIsThatOfTheTables(String border, double within) {
        assertThat(Borders.of(mats(border).build()).even(BY_EYE)).isCloseTo(within * within, within(2e-4));
    }

    @Test
    void aHandWithoutSpreadSpoilsNothing() {
        assertThat(Borders.of(mats("2 mm").build()).even(Length.ZERO)).isEqualTo(1);
    }

    /** The formula against builds played with dice: a border is even if it is off by at most half, both ways. */
    @Test
    void diceAgree() {
        double[] borders = {3, 5, 2};
        Borders found = Borders.of(mats("3 mm", "5 mm", "2 mm").build());
        assertThat(found.count()).isEqualTo(3);
        Random dice = new Random(7);
        int even = 0;
        int builds = 40_000;
        for (int i = 0; i < builds; i++) {
            boolean all = true;
            for (double border : borders) {
                all &= Math.abs(1.2 * dice.nextGaussian()) <= border / 2
                        && Math.abs(1.2 * dice.nextGaussian()) <= border / 2;
            }
            even += all ? 1 : 0;
        }
        assertThat(found.even(BY_EYE)).isCloseTo(even / (double) builds, within(0.01));
    }

    /** A wider border forgives more; a steadier hand spoils less. */
    @Test
    void widerAndSteadierIsBetter() {
        double last = 0;
        for (String reveal : new String[] {"1 mm", "2 mm", "3 mm", "5 mm", "8 mm"}) {
            double share = Borders.of(mats(reveal).build()).even(BY_EYE);
            assertThat(share).isGreaterThan(last).isLessThanOrEqualTo(1);
            last = share;
        }
        Borders three = Borders.of(mats("3 mm").build());
        assertThat(three.even(Length.ofMicrometres(500))).isGreaterThan(three.even(BY_EYE));
    }

    /** No border, one that nobody can compare, or none by intention: nothing to be even. */
    @Test
    void whereThereIsNoEvenBorderNothingIsJudged() {
        assertThat(Borders.of(mats("0 mm").build()).count()).isZero();
        assertThat(Borders.of(mats("20 mm").build()).count()).isZero();
        assertThat(Borders.of(mats("0 mm").build()).even(BY_EYE)).isEqualTo(1);
    }
}
