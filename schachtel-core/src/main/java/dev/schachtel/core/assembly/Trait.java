package dev.schachtel.core.assembly;

/** What sort of thing an operation does; rules and planners ask for this and not for the operation's name. */
public enum Trait {
    /** Cuts, before anything is put together. */
    CUTS,
    /** Fixes a part for good, or puts it in so that it moves. */
    JOINS,
    /** Fixes with glue, tape or foam: there is no way back. */
    STICKS,
    /** Lays a piece on another, where it should sit well. */
    PLACES,
    /** Works on a surface. */
    SURFACE,
    /** Done once for all cards, whatever the lots: what is cut together is set up together. */
    WHOLE,
    /** Is left under a weight afterwards, not on a drying board. */
    PRESSED,
    /** Has times of its own, whatever surface work it belongs to. */
    OWN_TIMES
}
