package dev.schachtel.core.material;

/** Which way the fibres run, seen as the sheet or part is drawn. */
public enum Grain {
    ACROSS,
    UP,
    NONE
}
