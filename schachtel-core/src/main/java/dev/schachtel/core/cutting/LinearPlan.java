package dev.schachtel.core.cutting;

import java.util.List;

import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.Roll;
import dev.schachtel.core.measure.Length;

/**
 * What comes off the rolls of one material.
 *
 * @param needed all of it, end to end
 * @param uses the rolls in the order in which to take them
 * @param missing what the rolls in the drawer don't give
 * @param newRolls how many of the usual length give that
 * @param widths whether the rolls are wide enough; what is too wide for all is among what is missing
 */
public record LinearPlan(
        Material material, Length needed, List<Use> uses, Length missing, int newRolls, Widths widths) {
    /** The widest strip if no roll is as wide, else nothing, and the widest roll. */
    public record Widths(Length tooWide, Length widest) {}

    /** What one roll gives: pieces from it, and what is left on it then. */
    public record Use(Roll roll, Length taken, Length left) {}

    public LinearPlan {
        uses = List.copyOf(uses);
    }

    public boolean enough() {
        return missing.isZero();
    }
}
