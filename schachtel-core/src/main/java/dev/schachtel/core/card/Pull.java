package dev.schachtel.core.card;

/**
 * What a component of a piece does when it is changed, so that whoever finds a fault can say what would mend it without
 * knowing the piece. A component that is a lever says so in {@link Asked#pull}.
 */
public enum Pull {
    /** Nothing that a remedy could use. */
    NONE,
    GUSSET,
    FLAP_GAP,
    FLAP_SHARE,
    /** How much lower than the middle a flap is. */
    FLAP_LOWER,
    /** How high flaps are that hang down in front. */
    FLAP_HIGH,
    OVERLAP,
    SETBACK,
    FOAM_WIDTH,
    DAM_LAYERS,
    DAM_MAKE,
    DAM_FOAM,
    FILLING,
    /** What a piece is held by. */
    FIXING,
    /** What is raised lies flat. */
    FLAT,
    ADHESIVE,
    REVEAL,
    /** How far a shadow under letters shows. */
    SHADOW,
    /** The letters of words. */
    LETTERS,
    /** How much a retainer or stop is wider than its opening, on each side. */
    HOLD,
    /** The diameter of what holds. */
    KEEPER,
    /** How much room something has where it runs or goes in. */
    PLAY,
    /** How long something is guided. */
    GUIDE,
    RADIUS,
    TRAVEL,
    DROP,
    HANGING,
    PICTURES,
    LEAN,
    /** How far a door opens. */
    OPENS,
    CREASE,
    /** How deep the foot is on which something stands. */
    FOOT_DEEP,
    STOP_LAYERS,
    STEP,
    /** How far from the fold something stands. */
    STANDS_OUT,
    /** How high something stands up. */
    STANDS_HIGH,
    /** How many rows there are behind each other. */
    ROWS,
    /** How far above the foot something begins. */
    ABOVE_FOOT,
    /** How far along the fold, from its middle. */
    ALONG,
    /** The angle of a crease. */
    ANGLE,
    /** How wide a tab for glue is. */
    TAB,
    WIDTH,
    HEIGHT,
    DIAMETER,
    INNER,
    THREAD,
    /** How many there are of something. */
    FEWER,
    CARD,
    /** The card of something small that sets a piece off, as a shadow layer does. */
    ACCENT,
    /** How a surface is worked on. */
    WAY,
    /** From the left. */
    ACROSS,
    /** From the foot. */
    UP,
    /** A piece that is added: a sheet to write on. */
    LINER,
    /** Two cards beside each other that are meant to look alike. */
    MEANT
}
