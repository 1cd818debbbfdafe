package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.Optional;

/**
 * Kinds of operations with their usual minutes: once to set up, and for each thing worked on. Estimates of a practised
 * maker; learned times replace them later.
 */
public enum OpKind {
    TRIM(240, 40, Caution.TRIMMER),
    DIE_CUT(240, 60, Caution.ROLLER_MACHINE),
    ELECTRONIC_CUT(180, 60, Caution.BLADE),
    KNIFE_CUT(120, 45, Caution.BLADE),
    PUNCH(20, 15),
    SNIP_FOAM(60, 15, Caution.BLADE),
    SCORE(60, 45),
    FOLD(0, 60),
    LAYOUT(60, 120),
    /** Marking where pieces lie, one after the other. */
    MARK(30, 20),
    TRACE(30, 120),
    FIX_FILM(60, 150),
    LAY_DAM(60, 25),
    LAY_FOAM(30, 30),
    /** Several sheets of the same part glued into one. */
    STACK(60, 45),
    WRAP(60, 120),
    SEAL(20, 40),
    GLUE_BEHIND(30, 60),
    INSERT(20, 60),
    THREAD(30, 60),
    ANTI_STATIC(30, 60),
    FILL(60, 120),
    CLOSE(30, 240),
    ATTACH(30, 90),
    LINE(30, 120),
    TRY_MOTION(0, 30),
    SLIP_ON(30, 60),
    TRY(0, 60),
    ENVELOPE(30, 60),
    /** Cutting off what stands over the edge of its panel. */
    TRIM_OVERHANG(30, 45, Caution.TRIMMER),
    INK(60, 120),
    STENCIL(90, 90),
    PASTE(60, 90),
    /** Washing a stencil. */
    CLEAN(0, 120),
    STAMP(90, 40),
    /** Taking the cling off before powder. */
    PREPARE(20, 15, Caution.DUST),
    POWDER(120, 90),
    HEAT(60, 30, Caution.HEAT),
    COLOUR(30, 240),
    SPLATTER(60, 30),
    /** Ink run with alcohol. */
    WASH(120, 90, Caution.SOLVENT),
    GLOSS(20, 40);

    private final Duration setUp;
    private final Duration each;
    private final Optional<Caution> caution;

    OpKind(int setUpSeconds, int eachSeconds) {
        this(setUpSeconds, eachSeconds, null);
    }

    OpKind(int setUpSeconds, int eachSeconds, @org.jspecify.annotations.Nullable Caution caution) {
        this.setUp = Duration.ofSeconds(setUpSeconds);
        this.each = Duration.ofSeconds(eachSeconds);
        this.caution = Optional.ofNullable(caution);
    }

    public Optional<Caution> caution() {
        return caution;
    }

    /** Cutting, before anything is put together. */
    public boolean cuts() {
        return this == TRIM
                || this == DIE_CUT
                || this == ELECTRONIC_CUT
                || this == KNIFE_CUT
                || this == PUNCH
                || this == SNIP_FOAM;
    }

    /** Work on a surface. */
    public boolean isSurface() {
        return ordinal() >= INK.ordinal();
    }

    /** Done once for all cards, whatever the lots: what is cut together is set up together. */
    boolean isWhole() {
        return cuts() || this == LAYOUT;
    }

    /** The one tool of its sort that it holds. */
    public Optional<Tool> tool() {
        return switch (this) {
            case TRIM, TRIM_OVERHANG -> Optional.of(Tool.TRIMMER);
            case DIE_CUT -> Optional.of(Tool.ROLLER_MACHINE);
            case ELECTRONIC_CUT -> Optional.of(Tool.CUTTER);
            case HEAT -> Optional.of(Tool.HEAT_TOOL);
            case SCORE -> Optional.of(Tool.SCORING_BOARD);
            default -> Optional.empty();
        };
    }

    Duration setUp() {
        return setUp;
    }

    Duration each() {
        return each;
    }

    /** Lays a piece on another, where it should sit well. */
    boolean places() {
        return this == ATTACH || this == LINE || this == CLOSE;
    }

    /** Puts something on for good. */
    public boolean sticks() {
        return this == FIX_FILM
                || this == LAY_DAM
                || this == LAY_FOAM
                || this == STACK
                || this == WRAP
                || this == GLUE_BEHIND
                || this == INSERT
                || this == CLOSE
                || this == ATTACH
                || this == LINE;
    }
}
