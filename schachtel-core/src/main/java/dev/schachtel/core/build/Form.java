package dev.schachtel.core.build;

import dev.schachtel.core.measure.Length;

/** The plain shape and exact overall size by which a maker asks for a part. */
public record Form(Sort sort, Length width, Length height) {
    /** What it is called in a cut list. */
    public enum Sort {
        RECTANGLE,
        ROUND,
        OVAL,
        ROUNDED,
        MITRED,
        RING,
        FRAME,
        ARCH,
        /** Any other outline; width and height are those of the box round it. */
        SHAPE,
        /** A length off a spool. */
        THREAD
    }

    public static Form rectangle(Length width, Length height) {
        return new Form(Sort.RECTANGLE, width, height);
    }

    public static Form of(Sort sort, Length width, Length height) {
        return new Form(sort, width, height);
    }

    public Length longer() {
        return Length.max(width, height);
    }

    public Length shorter() {
        return Length.min(width, height);
    }
}
