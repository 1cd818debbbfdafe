package dev.schachtel.core.work;

/** What can hurt somebody at a step. */
public enum Caution {
    BLADE,
    ROLLER_MACHINE,
    TRIMMER,
    SMALL_PARTS,
    DUST,
    HEAT,
    SOLVENT;

    /** Must be ticked once in a run before the step can be done. */
    public boolean isTicked() {
        return this == BLADE || this == HEAT || this == SOLVENT;
    }
}
