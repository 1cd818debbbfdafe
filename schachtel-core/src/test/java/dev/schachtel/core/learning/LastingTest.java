package dev.schachtel.core.learning;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;

import org.apache.commons.statistics.distribution.BetaDistribution;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

/** How long something lasts, against the closed form and against days that are played through one by one. */
class LastingTest {
    /** Equal amounts: 6 builds in 60 days took 2 each, 9 are left; the fifth from now is the first without. */
    @Test
    void equalAmountsFollowTheBetaDistribution() {
        Lasting lasting = Lasting.of(Collections.nCopies(6, 2.0), 9, 60, 7);
        assertThat(lasting.builds()).isEqualTo(4);
        assertThat(lasting.likely()).isCloseTo(days(0.5), within(0.15 * days(0.5)));
        assertThat(lasting.soonest()).isCloseTo(days(0.1), within(0.2 * days(0.1)));
        assertThat(lasting).isEqualTo(Lasting.of(Collections.nCopies(6, 2.0), 9, 60, 7));
    }

    private static double days(double chance) {
        double share = BetaDistribution.of(5, 6).inverseCumulativeProbability(chance);
        return 60 * share / (1 - share);
    }

    /** Another way to the same: a rate drawn as the time that so many builds need, then day after day. */
    @Test
    void unequalAmountsAgreeWithDaysPlayedThrough() {
        List<Double> amounts = List.of(1.0, 4.0, 2.0, 2.5, 7.0, 1.5, 3.0, 2.0);
        Random random = new Random(4);
        List<Double> ends = new ArrayList<>();
        for (int i = 0; i < 6_000; i++) {
            double rate = 0;
            for (int k = 0; k < amounts.size(); k++) {
                rate -= Math.log(1 - random.nextDouble());
            }
            rate /= 90;
            double day = 0;
            double left = 14;
            while (left >= 0) {
                day -= Math.log(1 - random.nextDouble()) / rate;
                left -= amounts.get(random.nextInt(amounts.size()));
            }
            ends.add(day);
        }
        Collections.sort(ends);
        Lasting lasting = Lasting.of(amounts, 14, 90, 1);
        assertThat(lasting.likely()).isCloseTo(ends.get(3_000), within(0.12 * ends.get(3_000)));
        assertThat(lasting.soonest()).isCloseTo(ends.get(600), within(0.25 * ends.get(600)));
    }

    @Test
    void nothingLeftIsForNoBuildAndImpossibleFiguresAreRefused() {
        assertThat(Lasting.of(List.of(3.0, 2.0), 0, 40, 1).builds()).isZero();
        assertThat(Lasting.of(List.of(0.001), 1e9, 40, 1).builds()).isEqualTo(1_999);
        assertThatThrownBy(() -> Lasting.of(List.of(), 1, 40, 1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Lasting.of(List.of(0.0), 1, 40, 1)).hasMessageContaining("can't be");
        assertThatThrownBy(() -> Lasting.of(List.of(1.0), 1, 0, 1)).isInstanceOf(IllegalArgumentException.class);
    }
}
