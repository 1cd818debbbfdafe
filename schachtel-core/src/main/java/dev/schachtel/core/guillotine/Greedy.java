package dev.schachtel.core.guillotine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import org.jspecify.annotations.Nullable;

import dev.schachtel.core.patience.Patience;

/** Largest pieces first, each where it costs least; a new board when no open one takes it. O(pieces x gaps). */
final class Greedy {
    /** What counts as large. */
    enum Order {
        LONGER(Comparator.comparingLong((Want w) -> Math.max(w.width(), w.height()))
                .thenComparingLong(w -> Math.min(w.width(), w.height()))),
        AREA(Comparator.comparingDouble(Want::area).thenComparingLong(w -> Math.max(w.width(), w.height()))),
        SHORTER(Comparator.comparingLong((Want w) -> Math.min(w.width(), w.height()))
                .thenComparingLong(w -> Math.max(w.width(), w.height()))),
        WIDTH(Comparator.comparingLong(Want::width).thenComparingLong(Want::height)),
        HEIGHT(Comparator.comparingLong(Want::height).thenComparingLong(Want::width));

        private final Comparator<Want> size;

        Order(Comparator<Want> size) {
            this.size = size;
        }
    }

    private final Job job;
    private final List<Opened> open = new ArrayList<>();
    private final Stock stock;

    private final Rule rule;

    /**
     * How to go about it.
     *
     * @param preferred the board to take first of those that are sold
     * @param early whether offcuts are looked at for each piece before an open board takes it, not only when none does
     */
    record Rule(Order order, Opened.Taste taste, int preferred, boolean early) {}

    private Greedy(Job job, Rule rule) {
        this.job = job;
        this.rule = rule;
        this.stock = new Stock(job, rule.preferred);
    }

    static Packing pack(Job job, Rule rule) {
        return new Greedy(job, rule).lay(job.counts());
    }

    private Packing lay(int[] counts) {
        List<Integer> sorted = new ArrayList<>();
        for (int i = 0; i < counts.length; i++) {
            sorted.add(i);
        }
        sorted.sort(Comparator.comparing((Integer i) -> job.wants().get(i), rule.order.size.reversed())
                .thenComparing(i -> i));
        for (int want : sorted) {
            for (int n = 0; n < counts[want] && place(want); n++) {
                continue;
            }
        }
        return Packing.of(
                job, open.stream().map(o -> new Packing.Sheet(o.board, o.root)).toList());
    }

    private boolean place(int index) {
        Patience.take(1 + open.size());
        Want want = job.wants().get(index);
        Opened.@Nullable Place best = null;
        for (Opened o : open) {
            best = o.best(want, job.boards().get(o.board), rule.taste, best);
        }
        if (rule.early) {
            for (int board : stock.offcuts(want)) {
                Board of = job.boards().get(board);
                best = fresh(board).best(want, of, rule.taste, best);
            }
        }
        if (best != null) {
            Opened filled = best.in().with(best, index, want);
            int at = open.indexOf(best.in());
            if (at >= 0) {
                open.set(at, filled);
            } else {
                stock.takeOffcut(filled.board);
                open.add(filled);
            }
            return true;
        }
        for (int board : stock.take(want)) {
            Board of = job.boards().get(board);
            Opened fresh = fresh(board);
            Opened.@Nullable Place place = fresh.best(want, of, rule.taste, null);
            if (place != null) {
                open.add(fresh.with(place, index, want));
                return true;
            }
        }
        return false;
    }

    private Opened fresh(int board) {
        Board of = job.boards().get(board);
        return new Opened(board, Node.free(of.width(), of.height()));
    }
}
