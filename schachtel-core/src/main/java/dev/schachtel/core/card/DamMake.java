package dev.schachtel.core.card;

/** How a foam dam is made. */
public enum DamMake {
    /** Straight strips with square ends: n round a circle, four in a pinwheel round a rectangle. */
    STRIPS,
    /** Straight strips with mitred ends round a circle. */
    MITRED_STRIPS,
    /** One narrow strip bent round, one joint. */
    BENT_STRIP,
    /** A ring cut from foam sheet, no joint. */
    ONE_PIECE
}
