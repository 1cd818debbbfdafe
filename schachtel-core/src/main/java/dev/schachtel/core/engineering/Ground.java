package dev.schachtel.core.engineering;

import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Placement;

/**
 * Something that others lie on or are cut into.
 *
 * @param at its lower left corner on the face
 * @param under what it lies on itself; its own slab for the base
 * @param fold the edge at the fold
 */
record Ground(Id owner, SlabId slab, PartId part, Placement at, Length width, Length height, SlabId under, Edge fold) {
    /** Where the fold lies, seen from the front. */
    enum Edge {
        LEFT,
        TOP
    }
}
