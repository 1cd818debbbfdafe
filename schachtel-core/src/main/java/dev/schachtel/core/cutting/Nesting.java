package dev.schachtel.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import dev.schachtel.core.material.Grain;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.material.Tools;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * Lays parts for the electronic cutter by their real outlines: largest first, each as low and as far left as it goes in
 * any turn that grain and pattern allow, holes of others included, with {@value #GAP_MM} mm between them. On cells of 1 mm,
 * so parts lie up to 2 mm further apart than they need. Deterministic.
 */
final class Nesting {
    /** Left between parts on the mat: 2 mm, handbook chapter 4. */
    static final int GAP_MM = 2;

    private static final Length GAP = Length.ofMillimetres(GAP_MM);

    private final Tools tools;
    private final List<Sheet> stock;
    private final Map<MaterialId, Integer> left;
    private final List<Open> open = new ArrayList<>();
    private final List<Demand> unplaced = new ArrayList<>();
    private final Map<Outline, List<Stencil>> known = new HashMap<>();

    /** Sheets on which nothing lies yet are taken as counted here; the counts go down. */
    Nesting(List<Sheet> stock, Map<MaterialId, Integer> left, Tools tools) {
        this.stock =
                stock.stream().sorted(Comparator.comparing(Sheet::canBeBought)).toList();
        this.left = left;
        this.tools = tools;
    }

    private static final class Open {
        private final Sheet sheet;
        private final boolean inStock;
        private final Stencil.Mat mat;
        private final List<MatPlan.Nested> parts = new ArrayList<>();
        /** Up to which row a shape in a turn was tried in vain. */
        private final Map<Stencil, int[]> tried = new HashMap<>();

        Open(Sheet sheet, boolean inStock, Tools tools) {
            this.sheet = sheet;
            this.inStock = inStock;
            this.mat = new Stencil.Mat(
                    cells(Length.min(sheet.width(), tools.matWidth())),
                    cells(Length.min(sheet.height(), tools.matHeight())));
        }

        private static int cells(Length length) {
            return length.wholeTimes(Length.ofMillimetres(1));
        }
    }

    List<MatPlan> lay(List<Demand> wanted) {
        List<Demand> sorted = wanted.stream()
                .sorted(Comparator.comparing((Demand d) -> d.part().outline().area())
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
        return open.stream().map(o -> new MatPlan(o.sheet, o.inStock, o.parts)).toList();
    }

    List<Demand> unplaced() {
        return unplaced;
    }

    private boolean place(Demand demand) {
        for (Open o : open) {
            if (place(demand, o)) {
                return true;
            }
        }
        for (boolean there : new boolean[] {true, false}) {
            for (Sheet sheet : stock) {
                int count = left.getOrDefault(sheet.id(), sheet.count());
                boolean chosen = demand.from().isEmpty() || demand.from().get().equals(sheet.id());
                if (chosen && (there ? count > 0 : sheet.canBeBought() && count <= 0)) {
                    Open fresh = new Open(sheet, there, tools);
                    if (place(demand, fresh)) {
                        left.put(sheet.id(), count - 1);
                        open.add(fresh);
                        return true;
                    }
                }
            }
        }
        return false;
    }

    private boolean place(Demand demand, Open on) {
        if (demand.from().isPresent() && !demand.from().get().equals(on.sheet.id())) {
            return false;
        }
        Stencil best = null;
        int quarter = 0;
        int[] at = {Integer.MAX_VALUE, Integer.MAX_VALUE};
        List<Stencil> turns = known.computeIfAbsent(demand.part().outline(), o -> Stencil.turns(o, GAP));
        for (int q = 0; q < turns.size(); q++) {
            Stencil s = turns.get(q);
            if (mayLie(demand, on.sheet, q)) {
                int[] found = lowest(s, on);
                if (found[1] < at[1] || found[1] == at[1] && found[0] < at[0]) {
                    best = s;
                    at = found;
                    quarter = q;
                }
            }
        }
        if (best == null || at[1] == Integer.MAX_VALUE) {
            return false;
        }
        on.mat.take(best, at[0], at[1]);
        Outline turned = best.outline;
        double dx = at[0] + best.inset - turned.bounds().left();
        double dy = at[1] + best.inset - turned.bounds().bottom();
        on.parts.add(new MatPlan.Nested(demand, turned.moved(new Point(dx, dy)), quarter));
        return true;
    }

    private static boolean mayLie(Demand demand, Sheet sheet, int quarter) {
        boolean aside = quarter % 2 == 1;
        boolean heeds = demand.grain() != Grain.NONE && sheet.grain() != Grain.NONE;
        return (!heeds || (demand.grain() == sheet.grain()) != aside) && !(sheet.directed() && quarter != 0);
    }

    /** The lowest place, leftmost of those; a shape goes on where its last copy was tried. */
    private static int[] lowest(Stencil s, Open on) {
        int[] from = on.tried.computeIfAbsent(s, k -> new int[] {0, 0});
        for (int y = from[1]; y + s.high <= on.mat.high(); y++) {
            int x = y == from[1] ? from[0] : 0;
            while (x + s.wide <= on.mat.wide()) {
                int step = on.mat.blocked(s, x, y);
                if (step == 0) {
                    from[0] = x;
                    from[1] = y;
                    return new int[] {x, y};
                }
                x += step;
            }
        }
        from[1] = on.mat.high();
        return new int[] {Integer.MAX_VALUE, Integer.MAX_VALUE};
    }
}
