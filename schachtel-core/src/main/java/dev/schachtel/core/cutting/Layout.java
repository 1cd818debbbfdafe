package dev.schachtel.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.measure.Length;

/**
 * Greedy guillotine layout: largest blanks first, each into the free rectangle that it fills best, which is then split
 * edge to edge. O(blanks x free rectangles looked at), at most {@value #LOOK} of them each.
 */
final class Layout {
    private static final int LOOK = 400;

    /** How the rest of a rectangle is divided beside a blank put into its corner. */
    enum Split {
        /** First cut runs across above the blank, so that the wide rest stays whole. */
        ACROSS,
        /** First cut runs up beside the blank, so that the tall rest stays whole. */
        UP,
        /** Whichever keeps the larger rest whole. */
        LARGER
    }

    private final List<Sheet> order;
    private final Split split;
    private final Map<Sheet, Integer> taken = new LinkedHashMap<>();
    private final List<Open> sheets = new ArrayList<>();
    private final List<Free> free = new ArrayList<>();
    private final List<Demand> unplaced = new ArrayList<>();

    Layout(List<Sheet> order, Split split) {
        this.order = order;
        this.split = split;
    }

    Layout lay(List<Demand> wanted) {
        List<Demand> sorted = wanted.stream()
                .sorted(Comparator.comparing((Demand d) -> Length.max(d.width(), d.height()))
                        .thenComparing(d -> Length.min(d.width(), d.height()))
                        .reversed()
                        .thenComparing(d -> d.part().id()))
                .toList();
        for (Demand demand : sorted) {
            for (int i = 0; i < demand.count(); i++) {
                if (!place(demand)) {
                    unplaced.add(demand);
                    break;
                }
            }
        }
        return this;
    }

    List<Demand> unplaced() {
        return unplaced;
    }

    List<SheetPlan> plans() {
        return sheets.stream()
                .map(o -> new SheetPlan(o.sheet, o.inStock, o.root.node()))
                .toList();
    }

    private boolean place(Demand demand) {
        Optional<Fit> fit = best(demand);
        if (fit.isEmpty() && open(demand)) {
            fit = best(demand);
        }
        fit.ifPresent(this::cut);
        return fit.isPresent();
    }

    private Optional<Fit> best(Demand demand) {
        Fit best = null;
        for (int i = Math.max(0, free.size() - LOOK); i < free.size(); i++) {
            for (boolean turned : new boolean[] {false, true}) {
                Fit fit = new Fit(free.get(i), demand, turned);
                if (fit.possible() && (best == null || fit.left() < best.left())) {
                    best = fit;
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /** Opens the first kind of sheet that the blank fits on, those in stock before those to buy. */
    private boolean open(Demand demand) {
        for (boolean inStock : new boolean[] {true, false}) {
            for (Sheet sheet : order) {
                boolean there = taken.getOrDefault(sheet, 0) < sheet.count();
                Free whole =
                        new Free(sheet, new Rect(Length.ZERO, Length.ZERO, sheet.width(), sheet.height()), new Slot());
                boolean fits = new Fit(whole, demand, false).possible() || new Fit(whole, demand, true).possible();
                if (there == inStock && fits) {
                    taken.merge(sheet, 1, Integer::sum);
                    sheets.add(new Open(sheet, inStock, whole.slot));
                    free.add(whole);
                    return true;
                }
            }
        }
        return false;
    }

    private void cut(Fit fit) {
        free.remove(fit.in);
        Rect r = fit.in.rect;
        Length w = fit.width();
        Length h = fit.height();
        CutNode.Blank blank = new CutNode.Blank(fit.demand, fit.turned);
        boolean across = split == Split.ACROSS
                || (split == Split.LARGER
                        && r.height().minus(h).nanometres() / 1000 * (r.width().nanometres() / 1000)
                                >= r.width().minus(w).nanometres()
                                        / 1000
                                        * (r.height().nanometres() / 1000));
        Slot beside = new Slot();
        Slot above = new Slot();
        Slot own = new Slot();
        own.fill(blank);
        if (across) {
            Slot row = stroke(own, beside, true, w, r.width());
            fit.in.slot.fill(stroke(row, above, false, h, r.height()));
            offer(fit, r.upper(h), above);
            offer(fit, r.lower(h).right(w), beside);
        } else {
            Slot column = stroke(own, above, false, h, r.height());
            fit.in.slot.fill(stroke(column, beside, true, w, r.width()));
            offer(fit, r.right(w), beside);
            offer(fit, r.left(w).upper(h), above);
        }
    }

    /** First and second side by side; without a stroke when the first fills all of it. */
    private static Slot stroke(Slot first, Slot second, boolean upright, Length at, Length all) {
        if (at.equals(all)) {
            return first;
        }
        Slot both = new Slot();
        both.fill(upright, at, first, second);
        return both;
    }

    private void offer(Fit fit, Rect rect, Slot slot) {
        if (rect.width().isPositive() && rect.height().isPositive()) {
            free.add(new Free(fit.in.sheet, rect, slot));
        }
    }

    private record Open(Sheet sheet, boolean inStock, Slot root) {}

    private record Free(Sheet sheet, Rect rect, Slot slot) {}

    private record Fit(Free in, Demand demand, boolean turned) {
        Length width() {
            return turned ? demand.height() : demand.width();
        }

        Length height() {
            return turned ? demand.width() : demand.height();
        }

        boolean possible() {
            boolean allowed = turned ? demand.mayTurn(in.sheet.grain()) : demand.mayStay(in.sheet.grain());
            return allowed && !width().isAbove(in.rect.width()) && !height().isAbove(in.rect.height());
        }

        /** The smaller the rest beside its tighter side, the better it fits. */
        long left() {
            return Math.min(
                    in.rect.width().minus(width()).nanometres(),
                    in.rect.height().minus(height()).nanometres());
        }
    }
}
