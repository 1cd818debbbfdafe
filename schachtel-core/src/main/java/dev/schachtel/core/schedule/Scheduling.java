package dev.schachtel.core.schedule;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;

/**
 * The best schedule so far and the floor under all. Answers at once; each round of {@link #run} moves one task elsewhere in
 * the order and keeps that if it is not worse than the answer some rounds ago (late acceptance). Same problem, seed and
 * rounds, same answer. The problem must have no circle.
 */
public final class Scheduling {
    private static final int MEMORY = 40;
    /** A move looks so far at most beyond where the task is. */
    private static final int FAR = 60;
    /** From so many tasks on one way of beginning is tried, not two. */
    private static final int MANY = 1_000;

    private final Problem problem;
    private final Decoder decoder;
    private final Floor floor;
    private final SplittableRandom random;
    private final List<List<Link>> in;
    private final List<List<Link>> out;
    private final int[] at;
    private int[] order;
    private int[] best;
    private double cost;
    private double bestCost;
    private final double[] before = new double[MEMORY];
    private long rounds;

    private Scheduling(Problem problem, long seed, Optional<int[]> from) {
        this.problem = problem;
        this.decoder = new Decoder(problem);
        this.floor = Floor.of(problem);
        this.random = new SplittableRandom(seed);
        this.in = problem.linksBy(Link::after);
        this.out = problem.linksBy(Link::before);
        this.at = new int[problem.size()];
        this.best = from.orElseGet(this::first);
        this.bestCost = decoder.cost(best);
        this.order = best.clone();
        this.cost = bestCost;
        Arrays.fill(before, cost);
        number();
    }

    /**
     * A first answer.
     *
     * @throws IllegalArgumentException if the problem has a circle
     */
    public static Scheduling of(Problem problem, long seed) {
        if (problem.sorted().length < problem.size()) {
            throw new IllegalArgumentException(
                    "the links form a circle of " + problem.circle().size() + " tasks");
        }
        return new Scheduling(problem, seed, Optional.empty());
    }

    /**
     * One that goes on from an order that was found before.
     *
     * @throws IllegalArgumentException if the order doesn't have each task once, each after what it waits for
     */
    public static Scheduling from(Problem problem, long seed, List<Integer> found) {
        int[] place = new int[problem.size()];
        Arrays.fill(place, -1);
        for (int i = 0; i < found.size(); i++) {
            int task = found.get(i);
            if (found.size() != place.length || task < 0 || task >= place.length || place[task] >= 0) {
                throw new IllegalArgumentException(
                        "an order of " + found.size() + " tasks is none of these " + problem.size());
            }
            place[task] = i;
        }
        for (Link link : problem.links()) {
            if (place[link.before()] >= place[link.after()]) {
                throw new IllegalArgumentException("task " + link.after() + " waits for " + link.before());
            }
        }
        int[] order = found.stream().mapToInt(Integer::intValue).toArray();
        return new Scheduling(problem, seed, Optional.of(order));
    }

    /** The order of the best schedule, to go on from another day. */
    public List<Integer> found() {
        return Arrays.stream(best).boxed().toList();
    }

    public Schedule best() {
        return decoder.schedule(best);
    }

    public Floor floor() {
        return floor;
    }

    public long rounds() {
        return rounds;
    }

    /** Whether the finish can't be earlier; handwork and changes may still be saved. */
    public boolean isLeast() {
        return problem.size() == 0 || best().finish() <= floor.seconds() && best().late() == 0;
    }

    /** So many rounds more; a round takes about a microsecond for every ten tasks. */
    public void run(long more) {
        if (problem.size() < 2) {
            return;
        }
        for (long i = 0; i < more; i++) {
            round();
        }
    }

    private void round() {
        int slot = (int) (rounds++ % MEMORY);
        int from = random.nextInt(order.length);
        int to = target(from);
        if (to != from) {
            move(from, to);
            double next = decoder.cost(order);
            if (next <= cost || next <= before[slot]) {
                cost = next;
                if (cost < bestCost) {
                    bestCost = cost;
                    best = order.clone();
                }
            } else {
                move(to, from);
            }
        }
        before[slot] = Math.min(before[slot], cost);
        if (cost > bestCost && rounds % (2_000L + 20L * order.length) == 0) {
            order = best.clone();
            cost = bestCost;
            number();
        }
    }

    /** Anywhere between what it waits for and what waits for it, near ones more often. */
    private int target(int from) {
        int task = order[from];
        int low = Math.max(0, from - FAR);
        int high = Math.min(order.length - 1, from + FAR);
        for (Link l : in.get(task)) {
            low = Math.max(low, at[l.before()] + 1);
        }
        for (Link l : out.get(task)) {
            high = Math.min(high, at[l.after()] - 1);
        }
        if (low >= high) {
            return from;
        }
        if (random.nextInt(4) == 0) {
            low = Math.max(low, from - 3);
            high = Math.min(high, from + 3);
        }
        return low + random.nextInt(high - low + 1);
    }

    private void move(int from, int to) {
        int task = order[from];
        if (from < to) {
            System.arraycopy(order, from + 1, order, from, to - from);
        } else {
            System.arraycopy(order, to, order, to + 1, from - to);
        }
        order[to] = task;
        for (int i = Math.min(from, to); i <= Math.max(from, to); i++) {
            at[order[i]] = i;
        }
    }

    private void number() {
        for (int i = 0; i < order.length; i++) {
            at[order[i]] = i;
        }
    }

    /** Two ways of choosing what hands that are free take up: the longest chain behind it, or the same set-up first. */
    private int[] first() {
        int[] family = new FirstOrder(problem, decoder, true).taken();
        if (problem.size() > MANY) {
            return family;
        }
        int[] chain = new FirstOrder(problem, decoder, false).taken();
        return decoder.cost(family) < decoder.cost(chain) ? family : chain;
    }
}
