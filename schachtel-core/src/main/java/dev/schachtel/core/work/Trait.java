package dev.schachtel.core.work;

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
    /** Puts a filling in, after which what holds it is closed soon. */
    FILLS,
    /** Washes what was worked with, once however many pieces there were. */
    WASHES,
    /** Leaves a surface that must dry. */
    WETS,
    /** Done once for all cards, whatever the lots: what is cut together is set up together. */
    WHOLE,
    /** Is left under a weight afterwards, not on a drying board. */
    PRESSED,
    /** Finds its place by the edges of what it is on, which is cut by then. */
    FOLLOWS_EDGES,
    /** Lays something on only to take it off again. */
    PEELS,
    /** Makes a help beside the card: no part of that is in hand meanwhile. */
    ASIDE,
    /** Has times of its own, whatever surface work it belongs to. */
    OWN_TIMES
}
