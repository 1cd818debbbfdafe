package dev.schachtel.core.build;

import java.time.Duration;
import java.util.List;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.Technique;

/**
 * Surface work on a part.
 *
 * @param slab where it is seen: the leaf of a folded part, else the part's own slab
 * @param each handwork for one piece
 * @param drying until it may be touched
 * @param times how often a stencil or stamp is set down on one piece
 * @param coats where it lies, and how strong it is there
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
        boolean laidOut,
        List<Coat> coats,
        int times) {
    public Surface {
        coats = List.copyOf(coats);
    }

    /** The same work, once it is known where it lies, and how often its tool is set down. */
    public Surface at(List<Coat> where, int set) {
        return new Surface(owner, part, slab, technique, colour, each.multipliedBy(set), drying, laidOut, where, set);
    }
}
