package dev.schachtel.core.learning;

import java.util.Arrays;
import java.util.HashMap;
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
        List<Pace.Known> known = known(steps, pace);
        List<String> kinds = steps.stream().map(Stint::work).distinct().toList();
        int[] kind = steps.stream().mapToInt(s -> kinds.indexOf(s.work)).toArray();
        double[] finishes = new double[DRAWS];
        double[] times = new double[steps.size()];
        double[] hands = new double[kinds.size()];
        for (int draw = 0; draw < DRAWS; draw++) {
            Arrays.fill(hands, 0);
            for (int i = 0; i < times.length; i++) {
                Pace.Known k = known.get(i);
                if (hands[kind[i]] == 0) {
                    hands[kind[i]] = Math.exp(k.doubt() * random.nextGaussian());
                }
                times[i] = k.seconds(steps.get(i).book, steps.get(i).setUp)
                        * hands[kind[i]]
                        * Math.exp(k.spread() * random.nextGaussian());
            }
            finishes[draw] = finish(steps, times);
        }
        Arrays.sort(finishes);
        return new Outlook(finishes);
    }

    private static List<Pace.Known> known(List<Stint> steps, Function<String, Pace.Known> pace) {
        Map<String, Pace.Known> by = new HashMap<>();
        return steps.stream().map(s -> by.computeIfAbsent(s.work, pace)).toList();
    }

    /** When all is done and dry, seconds, if each step takes what it does in the median: for comparing plans, without chance. */
    public static double usual(List<Stint> steps, Function<String, Pace.Known> pace) {
        List<Pace.Known> known = known(steps, pace);
        double[] times = new double[steps.size()];
        Arrays.setAll(times, i -> known.get(i).seconds(steps.get(i).book, steps.get(i).setUp));
        return finish(steps, times);
    }

    /** When all is done and dry, if each step takes so long. */
    static double finish(List<Stint> steps, double[] times) {
        double[] free =
                new double[1 + steps.stream().mapToInt(Stint::maker).max().orElse(0)];
        double[] ends = new double[times.length];
        double last = 0;
        for (int i = 0; i < times.length; i++) {
            Stint s = steps.get(i);
            double start = free[s.maker];
            for (int before : s.waits) {
                start = Math.max(start, ends[before]);
            }
            for (int before : s.dry) {
                start = Math.max(start, ends[before] + steps.get(before).rest);
            }
            ends[i] = start + times[i];
            free[s.maker] = ends[i];
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
