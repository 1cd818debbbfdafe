package dev.schachtel.core.material;

import java.util.Optional;

import dev.schachtel.core.measure.Length;

/** Anything that makes a card thicker. */
public sealed interface Material permits Cardstock, Film, Foam, Adhesive, Thread, Ribbon, Embellishment, MaskingPaper {
    MaterialId id();

    String name();

    Length thickness();

    /** Mass of one square metre in grams. */
    int grammage();

    /** Cut off a roll or spool, not from a sheet. */
    default boolean fromRoll() {
        return false;
    }

    /** There as it is, or snipped when it is fixed: no cutting comes before that. */
    default boolean isReady() {
        return false;
    }

    /** Kept by number, not by size. */
    default boolean isCounted() {
        return false;
    }

    /** Its own colour; empty for what is clear or white. */
    default Optional<Colour> tint() {
        return Optional.empty();
    }

    /** Whether it is bought and kept; else it comes from what is left over. */
    default boolean isStock() {
        return true;
    }
}
