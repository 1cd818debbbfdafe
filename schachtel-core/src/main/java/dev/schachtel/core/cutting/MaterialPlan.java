package dev.schachtel.core.cutting;

import java.util.List;

import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Area;

/**
 * All that is cut from sheets of one material.
 *
 * @param unplaced blanks that fit no sheet, or for which the drawer has none
 * @param rounds how long it was looked for
 */
public record MaterialPlan(Material material, List<SheetPlan> sheets, Proof proof, List<Demand> unplaced, int rounds) {
    public MaterialPlan {
        sheets = List.copyOf(sheets);
        unplaced = List.copyOf(unplaced);
    }

    /** Whether it is proved that no plan needs fewer sheets. */
    public boolean provedLeast() {
        return unplaced.isEmpty() && taken() == proof.sheets();
    }

    /** Whole sheets, offcuts not counted. */
    public int taken() {
        return (int) sheets.stream().filter(s -> s.sheet().canBeBought()).count();
    }

    public Area area() {
        return sheets.stream().map(SheetPlan::area).reduce(Area.ZERO, Area::plus);
    }

    public Area used() {
        return sheets.stream().map(SheetPlan::used).reduce(Area.ZERO, Area::plus);
    }

    /** Sheets that the drawer lacks. */
    public int toBuy() {
        return (int) sheets.stream().filter(s -> !s.inStock()).count();
    }

    /** What the sheets cost, in hundredths; those without a price count nothing. */
    public long cost() {
        return sheets.stream().mapToLong(s -> s.sheet().price()).sum();
    }
}
