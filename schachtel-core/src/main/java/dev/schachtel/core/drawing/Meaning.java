package dev.schachtel.core.drawing;

/** What a line stands for. */
public enum Meaning {
    CUT,
    EDGE,
    MOUNTAIN,
    VALLEY,
    HIDDEN,
    /** Work on a surface, which has no edge of its own. */
    WORKED,
    /** Pressed into the card by a die. */
    STITCH,
    /** Edge of what a moving part passes over. */
    PATH,
    /** An end position of a moving part. */
    GHOST,
    /** A line on the board that the card stands on. */
    BOARD,
    DIMENSION,
    CENTRE,
    /** Edge of what a step adds. */
    FRESH,
    /** The stroke that is made now. */
    STROKE,
    /** A measured gap. */
    GAP,
    LEAD,
    NONE
}
