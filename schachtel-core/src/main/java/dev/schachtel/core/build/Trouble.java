package dev.schachtel.core.build;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.measure.Length;

/** Why a piece could not be engineered as asked. What was done instead follows from the sort. */
public record Trouble(Sort sort, Source source, String about, Length measured, Length limit) {
    /** What went wrong. */
    public enum Sort {
        /** A material, filling or envelope that the workshop lacks; a plain stand-in is used. */
        NO_MATERIAL,
        /** What the piece lies on or belongs to is not there; the piece is left out. */
        NO_GROUND,
        /** Pieces lie on each other in a circle; the piece is left out. */
        CIRCLE,
        /** Straight strips can't follow this window; a one-piece ring is engineered. */
        STRIPS_DONT_FOLLOW,
        /** Too wide to be bent round; engineered all the same. */
        TOO_WIDE_TO_BEND,
        /** Nothing is left of it after what is taken off each side; it is drawn 0.001 mm small. */
        NOTHING_LEFT
    }

    public Id owner() {
        return source.piece();
    }
}
