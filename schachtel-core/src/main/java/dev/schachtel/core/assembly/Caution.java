package dev.schachtel.core.assembly;

/** What can hurt somebody at a step. */
public enum Caution {
    BLADE,
    ROLLER_MACHINE,
    TRIMMER,
    SMALL_PARTS,
    DUST
}
