package dev.schachtel.core.build;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.shape.Outline;

/** A region of a slab with a meaning, in face coordinates. */
public record Zone(Use use, Id owner, SlabId on, Outline outline) {
    /** What the region is for. */
    public enum Use {
        /** The upper edge of a level line that feet stand on. */
        FEET,
        /** To write on. */
        WRITING,
        /** To be drawn round before something covers it. */
        TRACE,
        /** Where no foam strip may go. */
        KEEP_OFF,
        /** What the eye sees through an opening. */
        SEEN_THROUGH,
        /** Where no adhesive may be: behind doors and flaps, in channels, on creases. */
        NO_GLUE
    }
}
