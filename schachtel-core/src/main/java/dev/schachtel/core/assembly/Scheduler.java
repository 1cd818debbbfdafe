package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * One pair of hands, one thing at a time; drying runs beside it. Whenever the hands are free, the operation is taken
 * that has the longest chain of work and drying behind it; they wait only when nothing can be begun. Rules are data of
 * this version and have no circles: every order test proves that; were there one, what is left is done in list order.
 */
final class Scheduler {
    private final List<Op> ops;
    private final Before before;
    private final List<BitSet> predecessors;
    private final Duration[] tail;
    private final Duration[] ready;
    private final Duration[] start;

    Scheduler(List<Op> ops, Before before) {
        this.ops = ops;
        this.before = before;
        this.predecessors = before.predecessors();
        this.tail = new Duration[ops.size()];
        this.ready = new Duration[ops.size()];
        this.start = new Duration[ops.size()];
    }

    BuildPlan schedule() {
        for (int i = 0; i < ops.size(); i++) {
            tail(i, new BitSet());
        }
        List<Integer> order = new ArrayList<>();
        BitSet done = new BitSet(ops.size());
        Duration now = Duration.ZERO;
        while (done.cardinality() < ops.size()) {
            int next = next(done, now);
            start[next] = later(now, earliest(next));
            now = start[next].plus(ops.get(next).hands());
            ready[next] = now.plus(ops.get(next).rest());
            done.set(next);
            order.add(next);
        }
        return new BuildPlan(steps(order));
    }

    private int next(BitSet done, Duration now) {
        Comparator<Integer> longestBehind =
                Comparator.comparing((Integer i) -> tail[i]).reversed().thenComparing(Comparator.naturalOrder());
        List<Integer> open = new ArrayList<>();
        for (int i = 0; i < ops.size(); i++) {
            BitSet missing = (BitSet) predecessors.get(i).clone();
            missing.andNot(done);
            if (!done.get(i) && missing.isEmpty()) {
                open.add(i);
            }
        }
        Optional<Integer> startable = open.stream()
                .filter(i -> earliest(i).compareTo(now) <= 0)
                .min(longestBehind);
        return startable
                .or(() -> open.stream().min(Comparator.comparing(this::earliest).thenComparing(longestBehind)))
                .orElseGet(() -> done.nextClearBit(0));
    }

    private Duration earliest(int op) {
        return predecessors.get(op).stream()
                .mapToObj(p -> ready[p] == null ? Duration.ZERO : ready[p])
                .reduce(Duration.ZERO, Scheduler::later);
    }

    private Duration tail(int op, BitSet walked) {
        if (tail[op] == null && !walked.get(op)) {
            walked.set(op);
            Duration longest = Duration.ZERO;
            for (Before.Link link : before.links()) {
                if (link.first() == op) {
                    longest = later(longest, tail(link.then(), walked));
                }
            }
            tail[op] = longest.plus(ops.get(op).hands()).plus(ops.get(op).rest());
        }
        return tail[op] == null ? Duration.ZERO : tail[op];
    }

    private static Duration later(Duration a, Duration b) {
        return a.compareTo(b) >= 0 ? a : b;
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
            List<Integer> waits = direct.get(op).stream()
                    .mapToObj(p -> number[p])
                    .sorted()
                    .toList();
            frees.sort(Comparator.naturalOrder());
            steps.add(new Step(number[op], ops.get(op), start[op], reasons(op, number), waits, frees));
        }
        return steps;
    }

    /** Rules of the craft before mere "cut it first"; what a step must precede says more than what it follows. */
    private List<Step.Reason> reasons(int op, int[] number) {
        return before.links().stream()
                .filter(l -> l.first() == op || l.then() == op)
                .filter(l -> l.rule() != OrderRule.DRY_BEFORE_CLOSE && l.rule() != OrderRule.ALL_BEFORE_TRY
                        || l.then() == op)
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
            case ALL_BEFORE_TRY, DRY_BEFORE_CLOSE, LAYOUT_BEFORE_GLUE -> 2;
            default -> 0;
        };
    }
}
