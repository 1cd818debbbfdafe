package dev.schachtel.core.work;

/** Tools of which the workshop has one, so that only one pair of hands works with it at a time. */
public enum Tool {
    TRIMMER,
    ROLLER_MACHINE,
    CUTTER,
    HEAT_TOOL,
    SCORING_BOARD
}
