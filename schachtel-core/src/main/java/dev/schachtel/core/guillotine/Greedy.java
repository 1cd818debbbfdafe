package dev.schachtel.core.guillotine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import org.jspecify.annotations.Nullable;

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

    private final Opened.Taste taste;

    private Greedy(Job job, int preferred, Opened.Taste taste) {
        this.job = job;
        this.taste = taste;
        this.stock = new Stock(job, preferred);
    }

    static Packing pack(Job job, Order order, int preferred, Opened.Taste taste) {
        return new Greedy(job, preferred, taste).lay(order, job.counts());
    }

    private Packing lay(Order order, int[] counts) {
        List<Integer> sorted = new ArrayList<>();
        for (int i = 0; i < counts.length; i++) {
            sorted.add(i);
        }
        sorted.sort(Comparator.comparing((Integer i) -> job.wants().get(i), order.size.reversed())
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
        Want want = job.wants().get(index);
        Opened.@Nullable Place best = null;
        for (Opened o : open) {
            best = o.best(want, job.boards().get(o.board), taste, best);
        }
        if (best != null) {
            Opened filled = best.in().with(best, index, want);
            open.set(open.indexOf(best.in()), filled);
            return true;
        }
        for (int board : stock.take(want)) {
            Board of = job.boards().get(board);
            Opened fresh = new Opened(board, Node.free(of.width(), of.height()));
            Opened.@Nullable Place place = fresh.best(want, of, taste, null);
            if (place != null) {
                open.add(fresh.with(place, index, want));
                return true;
            }
        }
        return false;
    }
}
