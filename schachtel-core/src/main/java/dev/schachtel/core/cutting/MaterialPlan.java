package dev.schachtel.core.cutting;

import java.util.List;

import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Area;
import dev.schachtel.core.measure.Length;

/**
 * All that is cut from one material.
 *
 * @param fewest no plan needs fewer sheets: area of all blanks over the area of the largest sheet, rounded up
 * @param unplaced blanks that fit no sheet
 * @param fromRoll length of tape, for what comes off a roll; zero otherwise
 */
public record MaterialPlan(
        Material material, List<SheetPlan> sheets, int fewest, List<Demand> unplaced, Length fromRoll) {
    public MaterialPlan {
        sheets = List.copyOf(sheets);
        unplaced = List.copyOf(unplaced);
    }

    /** Whether it is proved that no plan needs fewer sheets. */
    public boolean provedLeast() {
        return unplaced.isEmpty() && sheets.size() == fewest;
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
}
