package dev.schachtel.core.tolerance;

import org.apache.commons.math3.stat.interval.ConfidenceInterval;
import org.apache.commons.math3.stat.interval.WilsonScoreInterval;

/**
 * A share of builds that come out well, from 0 to 1, with the range in which it lies nineteen times in twenty: Wilson's score interval.
 */
public record Odds(double share, double low, double high) {
    private static final double SURE = 0.95;

    static Odds of(int good, int builds) {
        ConfidenceInterval range = new WilsonScoreInterval().createInterval(builds, good, SURE);
        return new Odds(good / (double) builds, Math.max(0, range.getLowerBound()), Math.min(1, range.getUpperBound()));
    }

    /** Out of a hundred cards, so many; never all as long as one of them failed, and never none as long as one came out. */
    public int inHundred() {
        long rounded = Math.round(share * 100);
        return (int) (share < 1 && rounded == 100 ? 99 : share > 0 && rounded == 0 ? 1 : rounded);
    }
}
