package dev.schachtel.core.cutting;

import java.util.Optional;

import dev.schachtel.core.build.Part;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Grain;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/**
 * So many equal blanks of one part.
 *
 * @param letter what drawings call the part
 * @param from the sheet it must come from, if the maker said so
 * @param width of the blank: the part's own size, plus the allowance on each side if it is not trimmed to size
 */
public record Demand(Part part, String letter, Optional<MaterialId> from, Length width, Length height, int count) {
    /** False for a part of which nothing is left, such as a mat narrower than its reveals. */
    boolean isThere() {
        return width.isPositive() && height.isPositive();
    }

    /** Laid on the electronic cutter's mat by its outline. */
    public boolean isNested() {
        return part.method() == CutMethod.ELECTRONIC && !part.material().fromRoll();
    }

    public Grain grain() {
        return part.grain();
    }
}
