package dev.schachtel.core.tolerance;

import org.apache.commons.statistics.distribution.BinomialDistribution;

/** How many to make so that enough come out well: the least m with P(Bin(m, p) >= n) of 95 % or more. Handbook chapter 2. */
public final class Enough {
    static final double SURE = 0.95;
    /** One in twenty goes wrong, by a prior worth twenty pieces. */
    private static final double WRONG = 1;

    private static final double WORTH = 20;
    /** No more than so many for each that is needed. */
    private static final int MOST = 20;

    private Enough() {}

    /**
     * Pieces to make: 12 at 0.92 take 15.
     *
     * @param needed 0 or more
     * @param good share of pieces that come out well, above 0 up to 1
     * @return at most 20 times what is needed
     */
    public static int toMake(int needed, double good) {
        if (needed < 0 || !(good > 0) || good > 1) {
            throw new IllegalArgumentException(needed + " pieces of which " + good + " come out well can't be planned");
        }
        if (needed == 0) {
            return 0;
        }
        int make = needed;
        while (make < needed * MOST && atLeast(needed, make, good) < SURE) {
            make++;
        }
        return make;
    }

    /** The chance that of so many made at least so many are good. */
    static double atLeast(int needed, int made, double good) {
        return BinomialDistribution.of(made, good).survivalProbability(needed - 1);
    }

    /** The share that comes out well, from pieces made and pieces that went wrong: the mean of a Beta of 19 and 1 and what was seen. */
    public static double good(int made, int wrong) {
        if (wrong < 0 || made < wrong) {
            throw new IllegalArgumentException(wrong + " of " + made + " pieces can't have gone wrong");
        }
        return 1 - (WRONG + wrong) / (WORTH + made);
    }
}
