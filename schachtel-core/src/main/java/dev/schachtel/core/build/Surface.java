package dev.schachtel.core.build;

import java.time.Duration;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Where;
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
 * @param where as the maker says it
 * @param leftFrom the work after which it is done at once with what is left on the tool, without new ink
 * @param masks what keeps it off some of the sheet
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
        int times,
        Where where,
        Optional<Id> leftFrom,
        List<Id> masks) {
    public Surface {
        coats = List.copyOf(coats);
        masks = List.copyOf(masks);
    }

    /** The same work, once it is known where it lies, and how often its tool is set down. */
    public Surface at(List<Coat> lies, int set, List<Id> under) {
        return new Surface(
                owner,
                part,
                slab,
                technique,
                colour,
                each.multipliedBy(set),
                drying,
                laidOut,
                lies,
                set,
                where,
                leftFrom,
                under);
    }

    /** Whether it leaves colour, and isn't done with what is left on a tool. */
    public boolean takesInk() {
        return technique.kind().colours() && leftFrom.isEmpty();
    }

    /** Whether it lies on the cut edge, and not on the face. */
    public boolean isOnCutEdge() {
        return where instanceof Where.Core;
    }
}
