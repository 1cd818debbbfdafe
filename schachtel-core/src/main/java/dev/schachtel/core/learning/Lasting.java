package dev.schachtel.core.learning;

import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;

import org.apache.commons.statistics.distribution.BetaDistribution;

/**
 * How long something in the drawer lasts if its maker goes on as before. Builds that take of it come by chance, at a rate that is
 * only known from n of them in T days; each takes what one of those did, drawn anew {@value #DRAWS} times. Same seed, same answer.
 *
 * <p>Derivation: the first build for which too little is left is the m-th from now, m from the drawn amounts. With the rate's
 * posterior Gamma(n, T) (prior 1/λ) the m-th comes after t days, where t / (T + t) has the distribution Beta(m, n).
 *
 * @param builds that can still be made, in the median
 * @param likely days until one can't be made, in the median
 * @param soonest days, nine times in ten not before
 */
public record Lasting(int builds, double likely, double soonest) {
    static final int DRAWS = 400;
    private static final int MOST = 2_000;

    /**
     * From what builds took.
     *
     * @param amounts of each build that took any, above 0; at least one
     * @param left in the same measure, 0 or more
     * @param days in which those builds were, above 0
     */
    public static Lasting of(List<Double> amounts, double left, double days, long seed) {
        if (amounts.isEmpty() || amounts.stream().anyMatch(a -> !(a > 0)) || !(days > 0) || left < 0) {
            throw new IllegalArgumentException(amounts + " in " + days + " days, " + left + " left, can't be");
        }
        SplittableRandom random = new SplittableRandom(seed);
        double[] builds = new double[DRAWS];
        double[] times = new double[DRAWS];
        for (int i = 0; i < DRAWS; i++) {
            int first = firstWithout(amounts, left, random);
            builds[i] = first - 1;
            double share = BetaDistribution.of(first, amounts.size()).inverseCumulativeProbability(random.nextDouble());
            times[i] = days * share / Math.max(1e-9, 1 - share);
        }
        Arrays.sort(builds);
        Arrays.sort(times);
        return new Lasting((int) builds[DRAWS / 2], times[DRAWS / 2], times[DRAWS / 10]);
    }

    private static int firstWithout(List<Double> amounts, double left, SplittableRandom random) {
        double gone = 0;
        int builds = 0;
        while (gone <= left && builds < MOST) {
            gone += amounts.get(random.nextInt(amounts.size()));
            builds++;
        }
        return builds;
    }
}
