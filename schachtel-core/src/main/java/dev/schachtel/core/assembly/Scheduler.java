package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * One pair of hands, one thing at a time; drying runs beside it. Whenever the hands are free, the operation is taken
 * that has the longest chain of work and drying behind it; single moves then pull drying before work that can be done
 * meanwhile. The hands wait only when nothing can be begun. Rules are data of
 * this version and have no circles: every order test proves that; were there one, what is left is done in list order.
 */
final class Scheduler {
    private static final int ROUNDS = 4;
    private final List<Op> ops;
    private final Before before;
    private final List<BitSet> predecessors;
    private final int[][] waitsFor;
    private final long[] hands;
    private final long[] rests;
    private final long[] tail;
    private final long[] ready;
    private final long[] start;

    Scheduler(List<Op> ops, Before before) {
        this.ops = ops;
        this.before = before;
        this.predecessors = before.predecessors();
        this.waitsFor = predecessors.stream().map(p -> p.stream().toArray()).toArray(int[][]::new);
        this.hands = ops.stream().mapToLong(o -> o.hands().toSeconds()).toArray();
        this.rests = ops.stream().mapToLong(o -> o.rest().toSeconds()).toArray();
        this.tail = new long[ops.size()];
        this.ready = new long[ops.size()];
        this.start = new long[ops.size()];
    }

    BuildPlan schedule() {
        BitSet known = new BitSet();
        for (int i = 0; i < ops.size(); i++) {
            tail(i, known);
        }
        List<Integer> order = improved(greedy());
        run(order);
        return new BuildPlan(steps(order));
    }

    private List<Integer> greedy() {
        List<Integer> order = new ArrayList<>();
        BitSet done = new BitSet(ops.size());
        long now = 0;
        while (done.cardinality() < ops.size()) {
            int next = next(done, now);
            now = begin(next, now);
            done.set(next);
            order.add(next);
        }
        return order;
    }

    /** Begins an operation as soon as the hands and what it waits for allow; answers when the hands are free again. */
    private long begin(int op, long now) {
        start[op] = Math.max(now, earliest(op));
        long end = start[op] + hands[op];
        ready[op] = end + rests[op];
        return end;
    }

    /** When all is done and dry, doing it in this order. */
    private long run(List<Integer> order) {
        long now = 0;
        long last = 0;
        for (int op : order) {
            now = begin(op, now);
            last = Math.max(last, ready[op]);
        }
        return last;
    }

    /**
     * Moves single operations earlier or later as long as that ends sooner: what must dry is pulled before work that
     * can be done meanwhile. Ends at the first round without a gain, at the latest after {@value #ROUNDS}.
     */
    private List<Integer> improved(List<Integer> first) {
        List<Integer> best = first;
        long total = run(best);
        boolean gained = true;
        for (int round = 0;
                gained && round < ROUNDS && ops.stream().anyMatch(o -> !o.rest().isZero());
                round++) {
            gained = false;
            for (int from = 0; from < best.size(); from++) {
                int op = best.get(from);
                int least = first(best, op, from);
                int most = last(best, op, from);
                for (int to = least; to <= most; to++) {
                    List<Integer> moved = new ArrayList<>(best);
                    moved.add(to, moved.remove(from));
                    long ends = run(moved);
                    if (ends < total) {
                        best = moved;
                        total = ends;
                        gained = true;
                        break;
                    }
                }
            }
        }
        return best;
    }

    /** The earliest place to which an operation may be moved: behind the last that it waits for. */
    private int first(List<Integer> order, int op, int from) {
        int at = from;
        while (at > 0 && !predecessors.get(op).get(order.get(at - 1))) {
            at--;
        }
        return at;
    }

    /** The latest place: before the first that waits for it. */
    private int last(List<Integer> order, int op, int from) {
        int at = from;
        while (at < order.size() - 1 && !predecessors.get(order.get(at + 1)).get(op)) {
            at++;
        }
        return at;
    }

    private int next(BitSet done, long now) {
        Comparator<Integer> longestBehind =
                Comparator.comparingLong((Integer i) -> tail[i]).reversed().thenComparing(Comparator.naturalOrder());
        List<Integer> open = new ArrayList<>();
        for (int i = 0; i < ops.size(); i++) {
            BitSet missing = (BitSet) predecessors.get(i).clone();
            missing.andNot(done);
            if (!done.get(i) && missing.isEmpty()) {
                open.add(i);
            }
        }
        Optional<Integer> startable =
                open.stream().filter(i -> earliest(i) <= now).min(longestBehind);
        return startable
                .or(() -> open.stream()
                        .min(Comparator.comparingLong(this::earliest).thenComparing(longestBehind)))
                .orElseGet(() -> done.nextClearBit(0));
    }

    private long earliest(int op) {
        long latest = 0;
        for (int p : waitsFor[op]) {
            latest = Math.max(latest, ready[p]);
        }
        return latest;
    }

    /** Work and drying from the start of an operation to the end of the longest chain behind it. */
    private long tail(int op, BitSet known) {
        if (!known.get(op)) {
            known.set(op);
            long longest = 0;
            for (Before.Link link : before.links()) {
                if (link.first() == op) {
                    longest = Math.max(longest, tail(link.then(), known));
                }
            }
            tail[op] = longest + hands[op] + rests[op];
        }
        return tail[op];
    }

    private List<Step> steps(List<Integer> order) {
        int[] number = new int[ops.size()];
        for (int i = 0; i < order.size(); i++) {
            number[order.get(i)] = i + 1;
        }
        List<BitSet> direct = before.direct();
        List<Step> steps = new ArrayList<>();
        for (int op : order) {
            List<Integer> frees = new ArrayList<>();
            for (int other = 0; other < ops.size(); other++) {
                if (direct.get(other).get(op)) {
                    frees.add(number[other]);
                }
            }
            List<Integer> waits =
                    direct.get(op).stream().mapToObj(p -> number[p]).sorted().toList();
            frees.sort(Comparator.naturalOrder());
            steps.add(new Step(
                    number[op], ops.get(op), Duration.ofSeconds(start[op]), reasons(op, number), waits, frees));
        }
        return steps;
    }

    /** Rules of the craft before mere "cut it first"; what a step must precede says more than what it follows. */
    private List<Step.Reason> reasons(int op, int[] number) {
        return before.links().stream()
                .filter(l -> l.first() == op || l.then() == op)
                .filter(l -> l.rule() != OrderRule.DRY_BEFORE_CLOSE || l.then() == op)
                .map(l -> new Step.Reason(l.rule(), number[l.first() == op ? l.then() : l.first()], l.first() == op))
                .sorted(Comparator.comparing((Step.Reason r) -> weight(r.rule()))
                        .thenComparing(r -> !r.otherIsLater())
                        .thenComparing(Step.Reason::rule)
                        .thenComparing(Step.Reason::other))
                .toList();
    }

    private static int weight(OrderRule rule) {
        return switch (rule) {
            case CUT_BEFORE_USE, CUT_BEFORE_LAYOUT, TRIM_BEFORE_DIE, FOLD_BEFORE_USE -> 1;
            case CLOSE_BEFORE_TRY, DRY_BEFORE_CLOSE, LAYOUT_BEFORE_GLUE, MOVE_BEFORE_TRY -> 2;
            default -> 0;
        };
    }
}
