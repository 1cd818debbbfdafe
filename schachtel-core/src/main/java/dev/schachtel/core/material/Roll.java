package dev.schachtel.core.material;

import dev.schachtel.core.measure.Length;

/**
 * A roll or spool in the drawer: tape, foam, film or thread.
 *
 * @param width of the tape; of thread its thickness
 * @param left how much is still on it
 * @param full how much is on a new one
 * @param price of a full one in hundredths of the maker's money, 0 when unknown
 */
public record Roll(MaterialId id, MaterialId material, Length width, Length left, Length full, int price) {}
