package dev.schachtel.core.build;

import java.time.Duration;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.Technique;

/**
 * Surface work on a part.
 *
 * @param slab where it is seen: the leaf of a folded part, else the part's own slab
 * @param each handwork for one piece
 * @param drying until it may be touched
 * @param laidOut whether the pieces are laid out first to see where it goes
 */
public record Surface(
        Id owner,
        PartId part,
        SlabId slab,
        Technique technique,
        Colour colour,
        Duration each,
        Duration drying,
        boolean laidOut) {}
