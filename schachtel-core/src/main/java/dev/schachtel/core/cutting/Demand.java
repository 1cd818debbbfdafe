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
 * @param count all of them, those that drop out of other parts included
 * @param width of the blank: the part's own size, plus the allowance on each side if it is not trimmed to size
 */
public record Demand(
        Part part,
        String letter,
        Optional<MaterialId> from,
        Length width,
        Length height,
        int count,
        Optional<Dropped> dropped) {
    /** So many of the blanks drop out of another part in the same pass of nested dies. */
    public record Dropped(String outOf, int count) {}

    /** How many have to be cut from sheets. */
    public int toCut() {
        return count - dropped.map(Dropped::count).orElse(0);
    }

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
