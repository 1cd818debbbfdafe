package dev.schachtel.core.material;

import dev.schachtel.core.house.HouseRules;
import dev.schachtel.core.measure.Length;

/**
 * How a size or a place comes about, and the spread to reckon with until the maker has measured: one sigma. Handbook chapter 2;
 * spacers as wide as the border, and a knife through foam along a ruler, are our own estimates.
 */
public enum Method {
    TRIMMER(CutMethod.TRIMMER.sigma()),
    DIE(CutMethod.DIE.sigma()),
    ELECTRONIC(CutMethod.ELECTRONIC.sigma()),
    KNIFE(CutMethod.KNIFE.sigma()),
    SCISSORS(CutMethod.SCISSORS.sigma()),
    /** A hole punch set by hand. */
    PUNCH(CutMethod.PUNCH.sigma()),
    FOAM_KNIFE(CutMethod.KNIFE.sigma()),
    /** Laid to marks of ruler and pencil. */
    RULER(HouseRules.Placing.MEASURED.sigma()),
    /** Laid against something as wide as the border. */
    SPACERS(HouseRules.Placing.SPACED.sigma()),
    EYE(HouseRules.Placing.BY_EYE.sigma());

    private final Length sigma;

    Method(Length sigma) {
        this.sigma = sigma;
    }

    /** What the book says. */
    public Length sigma() {
        return sigma;
    }

    /** Whether pieces are cut this way; else it is a way of laying them. */
    public boolean cuts() {
        return this != RULER && this != SPACERS && this != EYE;
    }

    public static Method of(CutMethod method) {
        return switch (method) {
            case TRIMMER -> TRIMMER;
            case DIE -> DIE;
            case ELECTRONIC -> ELECTRONIC;
            case KNIFE -> KNIFE;
            case PUNCH -> PUNCH;
            case SCISSORS -> SCISSORS;
        };
    }

    public static Method of(HouseRules.Placing placing) {
        return switch (placing) {
            case BY_EYE -> EYE;
            case MEASURED -> RULER;
            case SPACED -> SPACERS;
        };
    }
}
