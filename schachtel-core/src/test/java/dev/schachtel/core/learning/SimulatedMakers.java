package dev.schachtel.core.learning;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/** Makers whose pace is known to the test and not to the forecast: factors of 0.5 to 2 for each kind of work, and chance of 35 %. */
final class SimulatedMakers {
    private static final int KINDS = 24;
    private static final double CHANCE = 0.35;
    /** A habit changes by so much from build to build. */
    private static final double DRIFT = 0.02;

    private SimulatedMakers() {}

    /**
     * How good forecasts are.
     *
     * @param error mean share by which totals are off
     * @param covered the share of builds within the range of nine in ten
     */
    record Quality(double error, double covered) {}

    /** Of so many makers, after so many builds each. */
    static Quality after(int builds, int makers, long seed) {
        Random random = new Random(seed);
        double error = 0;
        int covered = 0;
        for (int m = 0; m < makers; m++) {
            Map<String, Double> habits = new HashMap<>();
            for (int k = 0; k < KINDS; k++) {
                habits.put("work " + k, Math.log(0.5) + random.nextDouble() * Math.log(4));
            }
            List<Timing> timings = new ArrayList<>();
            for (int b = 0; b < builds; b++) {
                steps(random).forEach(s -> timings.add(new Timing(s.work(), s.book(), taken(s, habits, random))));
                habits.replaceAll((k, h) -> h + DRIFT * random.nextGaussian());
            }
            List<Outlook.Stint> next = steps(random);
            Outlook outlook = Outlook.of(next, Pace.of(timings)::of, m);
            double took = Outlook.finish(
                    next,
                    next.stream().mapToDouble(s -> taken(s, habits, random)).toArray());
            error += Math.abs(outlook.within(0.5) / took - 1) / makers;
            covered += took >= outlook.within(0.05) && took <= outlook.within(0.95) ? 1 : 0;
        }
        return new Quality(error, covered / (double) makers);
    }

    private static double taken(Outlook.Stint s, Map<String, Double> habits, Random random) {
        return s.book() * Math.exp(habits.getOrDefault(s.work(), 0.0) + CHANCE * random.nextGaussian());
    }

    /** A card: 18 to 30 steps of chance kinds, two to twenty minutes each. */
    private static List<Outlook.Stint> steps(Random random) {
        List<Outlook.Stint> steps = new ArrayList<>();
        for (int i = 18 + random.nextInt(13); i > 0; i--) {
            double book = 120 * Math.exp(random.nextDouble() * Math.log(10));
            steps.add(new Outlook.Stint("work " + random.nextInt(KINDS), book, 0, 0, 0, List.of(), List.of()));
        }
        return steps;
    }
}
