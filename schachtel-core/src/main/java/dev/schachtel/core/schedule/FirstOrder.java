package dev.schachtel.core.schedule;

import java.util.List;

/**
 * An order by choosing: whenever hands are free, of what can begin now the task with the longest chain behind it, or first
 * one that goes on with the set-up at hand; else what can begin first. What must follow soon goes before all. O(tasks x
 * those that are open).
 */
final class FirstOrder {
    private final Problem problem;
    private final Decoder decoder;
    private final boolean sameSetUp;
    private final long[] tail;
    private final boolean[] pressing;
    private final long[] ready;
    private final int[] open;
    private int opened;

    FirstOrder(Problem problem, Decoder decoder, boolean sameSetUp) {
        this.problem = problem;
        this.decoder = decoder;
        this.sameSetUp = sameSetUp;
        this.tail = Floor.tails(problem);
        this.pressing = new boolean[problem.size()];
        this.ready = new long[problem.size()];
        this.open = new int[problem.size()];
        problem.links().stream().filter(Link::isSoon).forEach(l -> pressing[l.after()] = true);
    }

    int[] taken() {
        decoder.reset();
        int n = problem.size();
        List<List<Link>> out = problem.linksBy(Link::before);
        int[] missing = new int[n];
        problem.links().forEach(l -> missing[l.after()]++);
        for (int i = 0; i < n; i++) {
            if (missing[i] == 0) {
                open(i);
            }
        }
        int[] order = new int[n];
        for (int done = 0; done < n; done++) {
            int at = best();
            int next = open[at];
            open[at] = open[--opened];
            decoder.place(next);
            order[done] = next;
            for (Link l : out.get(next)) {
                if (--missing[l.after()] == 0) {
                    open(l.after());
                }
            }
        }
        return order;
    }

    /** All before it are placed, so that what it waits for is known once and for all. */
    private void open(int task) {
        ready[task] = decoder.ready(task);
        open[opened++] = task;
    }

    private int best() {
        long now = decoder.now();
        int best = 0;
        for (int at = 1; at < opened; at++) {
            if (isBetter(open[at], open[best], now)) {
                best = at;
            }
        }
        return best;
    }

    private boolean isBetter(int a, int b, long now) {
        if (pressing[a] != pressing[b]) {
            return pressing[a];
        }
        long from = Math.max(now, Math.max(ready[a], decoder.toolFree(a)));
        long other = Math.max(now, Math.max(ready[b], decoder.toolFree(b)));
        if (from != other) {
            return from < other;
        }
        if (sameSetUp) {
            boolean goesOn = decoder.goesOn(a);
            if (goesOn != decoder.goesOn(b)) {
                return goesOn;
            }
        }
        return tail[a] != tail[b] ? tail[a] > tail[b] : a < b;
    }
}
