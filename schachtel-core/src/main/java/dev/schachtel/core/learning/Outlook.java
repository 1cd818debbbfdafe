package dev.schachtel.core.learning;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.Function;

/**
 * When work will be finished, as a distribution: the steps in their fixed order with times drawn {@value #DRAWS} times. In each draw
 * a kind of work is as much slower or faster as is not known of it, the same for all its steps; each step has its own chance.
 * Same seed, same answer.
 */
public final class Outlook {
    static final int DRAWS = 400;

    /**
     * A step.
     *
     * @param work the id of its kind
     * @param book seconds of handwork by the book
     * @param setUp how many of them are set-up
     * @param rest seconds that it dries
     * @param maker who does it, from 0
     * @param waits steps before it in the list that must be done
     * @param dry those of them that must be dry too
     */
    public record Stint(
            String work, double book, double setUp, double rest, int maker, List<Integer> waits, List<Integer> dry) {
        public Stint {
            waits = List.copyOf(waits);
            dry = List.copyOf(dry);
        }
    }

    private final double[] finishes;

    private Outlook(double[] finishes) {
        this.finishes = finishes;
    }

    /** By what is known of each kind of work. */
    public static Outlook of(List<Stint> steps, Function<String, Pace.Known> pace, long seed) {
        Random random = new Random(seed);
        double[] finishes = new double[DRAWS];
        for (int i = 0; i < DRAWS; i++) {
            Map<String, Double> hands = new LinkedHashMap<>();
            List<Double> times = new ArrayList<>();
            for (Stint s : steps) {
                Pace.Known known = pace.apply(s.work);
                double usual = hands.computeIfAbsent(
                        s.work, k -> known.median() * Math.exp(known.doubt() * random.nextGaussian()));
                double book = s.book - s.setUp + known.setUp() * s.setUp;
                times.add(book * usual * Math.exp(known.spread() * random.nextGaussian()));
            }
            finishes[i] = finish(steps, times);
        }
        Arrays.sort(finishes);
        return new Outlook(finishes);
    }

    /** When all is done and dry, seconds, if each step takes what it does in the median: for comparing plans, without chance. */
    public static double usual(List<Stint> steps, Function<String, Pace.Known> pace) {
        return finish(
                steps,
                steps.stream()
                        .map(s -> pace.apply(s.work).seconds(s.book, s.setUp))
                        .toList());
    }

    /** When all is done and dry, if each step takes so long. */
    static double finish(List<Stint> steps, List<Double> times) {
        Map<Integer, Double> free = new LinkedHashMap<>();
        double[] ends = new double[steps.size()];
        double last = 0;
        for (int i = 0; i < steps.size(); i++) {
            Stint s = steps.get(i);
            double start = free.getOrDefault(s.maker, 0.0);
            for (int before : s.waits) {
                start = Math.max(start, ends[before]);
            }
            for (int before : s.dry) {
                start = Math.max(start, ends[before] + steps.get(before).rest);
            }
            ends[i] = start + times.get(i);
            free.put(s.maker, ends[i]);
            last = Math.max(last, ends[i] + s.rest);
        }
        return last;
    }

    /** Seconds in which so large a share of the draws is finished, 0 to 1. */
    public double within(double share) {
        int at = (int) Math.ceil(Math.max(0, Math.min(1, share)) * DRAWS) - 1;
        return finishes[Math.max(0, at)];
    }

    /** The share of the draws that is finished in so many seconds. */
    public double chance(double seconds) {
        return Arrays.stream(finishes).filter(f -> f <= seconds).count() / (double) DRAWS;
    }
}
