package dev.schachtel.core.cutting;

import java.util.List;

import dev.schachtel.core.measure.Area;

/** What to cut from what. */
public record CutPlan(List<Demand> demands, List<MaterialPlan> materials, List<LinearPlan> rolls) {
    public CutPlan {
        demands = List.copyOf(demands);
        materials = List.copyOf(materials);
        rolls = List.copyOf(rolls);
    }

    /** Whole sheets, offcuts not counted. */
    public int sheets() {
        return materials.stream().mapToInt(MaterialPlan::taken).sum();
    }

    public int toBuy() {
        return materials.stream().mapToInt(MaterialPlan::toBuy).sum();
    }

    /** All sheets and offcuts in the order in which they are numbered. */
    public List<SheetPlan> numbered() {
        return materials.stream().flatMap(m -> m.sheets().stream()).toList();
    }

    /** Share of the sheets' area that becomes blanks, in percent. */
    public int percentUsed() {
        Area all = materials.stream().map(MaterialPlan::area).reduce(Area.ZERO, Area::plus);
        Area used = materials.stream().map(MaterialPlan::used).reduce(Area.ZERO, Area::plus);
        return (int) Math.round(100 * used.shareOf(all));
    }

    /** What the sheets cost, in hundredths of the maker's money. */
    public long cost() {
        return materials.stream().mapToLong(MaterialPlan::cost).sum();
    }

    public boolean everythingPlaced() {
        return materials.stream().allMatch(m -> m.unplaced().isEmpty());
    }
}
