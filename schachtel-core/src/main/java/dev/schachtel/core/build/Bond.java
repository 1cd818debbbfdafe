package dev.schachtel.core.build;

/** Two slabs that touch, and the freedom that is left between them. */
public record Bond(SlabId one, SlabId other, Freedom freedom) {
    /** What is left. What moves by itself counts before what is glued, and that before a fold. */
    public enum Freedom {
        /** Along a slot, a strip's channel or an edge; it may turn as it goes. */
        SLIDES,
        /** About a place in its plane. */
        TURNS,
        /** From a thread, or about a point above it. */
        SWINGS,
        /** About a line. */
        FOLDS,
        /** Glued, or held by foam. */
        FIXED,
        /** They lie on each other while the card is shut, and come apart when it opens. */
        UNTIL_OPENED
    }

    boolean isOf(SlabId a, SlabId b) {
        return one.equals(a) && other.equals(b) || one.equals(b) && other.equals(a);
    }
}
