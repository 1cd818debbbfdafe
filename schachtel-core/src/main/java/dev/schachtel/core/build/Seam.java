package dev.schachtel.core.build;

import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Point;

/** Where two ends of a wall meet: the gap as planned, its spread (one sigma), and the place on the face. */
public record Seam(Length nominal, Length sigma, Point at) {
    /** The widest gap to reckon with: nominal plus two sigma. */
    public Length widest() {
        return nominal.plus(sigma.times(2));
    }
}
