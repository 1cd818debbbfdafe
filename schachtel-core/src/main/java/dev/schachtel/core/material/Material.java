package dev.schachtel.core.material;

import dev.schachtel.core.measure.Length;

/** Anything that makes a card thicker. */
public sealed interface Material permits Cardstock, Film, Foam, Adhesive, Thread {
    MaterialId id();

    String name();

    Length thickness();

    /** Mass of one square metre in grams. */
    int grammage();

    /** Cut off a roll or spool, not from a sheet. */
    default boolean fromRoll() {
        return false;
    }

    /** Whether it is bought and kept; else it comes from what is left over. */
    default boolean isStock() {
        return true;
    }
}
