package dev.schachtel.core.cutting;

import java.util.List;

import dev.schachtel.core.measure.Area;

/** What to cut from what. */
public record CutPlan(List<Demand> demands, List<MaterialPlan> materials) {
    public CutPlan {
        demands = List.copyOf(demands);
        materials = List.copyOf(materials);
    }

    public int sheets() {
        return materials.stream().mapToInt(m -> m.sheets().size()).sum();
    }

    public int toBuy() {
        return materials.stream().mapToInt(MaterialPlan::toBuy).sum();
    }

    /** Share of the sheets' area that becomes blanks, in percent. */
    public int percentUsed() {
        Area all = materials.stream().map(MaterialPlan::area).reduce(Area.ZERO, Area::plus);
        Area used = materials.stream().map(MaterialPlan::used).reduce(Area.ZERO, Area::plus);
        return (int) Math.round(100 * used.shareOf(all));
    }

    public boolean everythingPlaced() {
        return materials.stream().allMatch(m -> m.unplaced().isEmpty());
    }
}
