package dev.schachtel.core.material;

import dev.schachtel.core.measure.Length;

/** Ways of cutting and their spread: one sigma of a cut's place, handbook chapter 2. */
public enum CutMethod {
    TRIMMER(300),
    DIE(100),
    ELECTRONIC(200),
    KNIFE(500),
    /** A hole punch; its place is set by hand. */
    PUNCH(500),
    SCISSORS(700);

    private final Length sigma;

    CutMethod(long micrometres) {
        this.sigma = Length.ofMicrometres(micrometres);
    }

    public Length sigma() {
        return sigma;
    }
}
