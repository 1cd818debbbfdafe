package dev.schachtel.core.cutting;

import java.util.List;

import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.shape.Outline;

/**
 * A sheet on the electronic cutter's mat and what is cut out of it.
 *
 * @param inStock false when the drawer holds no more of these
 */
public record MatPlan(Sheet sheet, boolean inStock, List<Nested> parts) {
    public MatPlan {
        parts = List.copyOf(parts);
    }

    /** One part where it lies, its outline in the sheet's coordinates, turned by so many quarters. */
    public record Nested(Demand demand, Outline outline, int quarters) {}
}
