package dev.schachtel.core.drawing;

/** What a line stands for. */
public enum Meaning {
    CUT,
    EDGE,
    MOUNTAIN,
    VALLEY,
    HIDDEN,
    DIMENSION,
    CENTRE,
    LEAD,
    NONE
}
