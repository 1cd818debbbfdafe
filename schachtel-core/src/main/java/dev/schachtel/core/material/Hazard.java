package dev.schachtel.core.material;

/** What surface work can do to somebody beyond what its tools can. */
public enum Hazard {
    NONE,
    /** A hot tool. Never while a solvent is open or wet. */
    HEAT,
    /** Vapour that burns. Never while anything is hot. */
    SOLVENT,
    /** Powder or spray that must not be breathed. */
    DUST
}
