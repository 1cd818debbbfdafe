package dev.schachtel.core.cutting;

import java.util.List;

import dev.schachtel.core.measure.Area;

/** What to cut from what. */
public record CutPlan(List<Demand> demands, List<MaterialPlan> materials, Mats mats, List<LinearPlan> rolls) {
    public CutPlan {
        demands = List.copyOf(demands);
        materials = List.copyOf(materials);
        rolls = List.copyOf(rolls);
    }

    /** What lies on the electronic cutter's mat, and what fits on no sheet there. */
    public record Mats(List<MatPlan> sheets, List<Demand> unplaced) {
        public Mats {
            sheets = List.copyOf(sheets);
            unplaced = List.copyOf(unplaced);
        }

        int taken() {
            return (int) sheets.stream().filter(s -> s.sheet().canBeBought()).count();
        }

        int toBuy() {
            return (int) sheets.stream().filter(s -> !s.inStock()).count();
        }

        private Area area() {
            return sheets.stream()
                    .map(s -> Area.of(s.sheet().width(), s.sheet().height()))
                    .reduce(Area.ZERO, Area::plus);
        }

        private Area used() {
            return sheets.stream()
                    .flatMap(s -> s.parts().stream())
                    .map(p -> p.outline().area())
                    .reduce(Area.ZERO, Area::plus);
        }
    }

    /** Whole sheets, offcuts not counted. */
    public int sheets() {
        return materials.stream().mapToInt(MaterialPlan::taken).sum() + mats.taken();
    }

    public int toBuy() {
        return materials.stream().mapToInt(MaterialPlan::toBuy).sum() + mats.toBuy();
    }

    /** All sheets and offcuts in the order in which they are numbered. */
    public List<SheetPlan> numbered() {
        return materials.stream().flatMap(m -> m.sheets().stream()).toList();
    }

    /** Share of the sheets' area that becomes blanks, in percent. */
    public int percentUsed() {
        Area all = materials.stream().map(MaterialPlan::area).reduce(mats.area(), Area::plus);
        Area used = materials.stream().map(MaterialPlan::used).reduce(mats.used(), Area::plus);
        return (int) Math.round(100 * used.shareOf(all));
    }

    /** What the sheets cost, in hundredths of the maker's money. */
    public long cost() {
        return materials.stream().mapToLong(MaterialPlan::cost).sum()
                + mats.sheets.stream().mapToLong(m -> m.sheet().price()).sum();
    }

    /** Whether there are more blanks than are planned at all; nothing is placed then. */
    public boolean isRefused() {
        return demands.stream().mapToLong(Demand::count).sum() > CutPlanner.MOST;
    }

    public boolean everythingPlaced() {
        return mats.unplaced.isEmpty()
                && materials.stream().allMatch(m -> m.unplaced().isEmpty());
    }
}
