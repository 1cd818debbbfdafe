package dev.schachtel.core.shape;

import dev.schachtel.core.measure.Area;
import dev.schachtel.core.measure.Length;

/** Lengths round circles and ellipses, to the nearest micrometre. */
public final class Circles {
    private Circles() {}

    /** pi d. */
    public static Length circumference(Length diameter) {
        return Mm.length(Math.PI * Mm.of(diameter));
    }

    /** The way round an ellipse by Ramanujan's second approximation; for a circle exactly pi d. */
    public static Length circumference(Length width, Length height) {
        double a = Mm.of(width) / 2;
        double b = Mm.of(height) / 2;
        double h = a + b == 0 ? 0 : Math.pow((a - b) / (a + b), 2);
        return Mm.length(Math.PI * (a + b) * (1 + 3 * h / (10 + Math.sqrt(4 - 3 * h))));
    }

    public static Area area(Length diameter) {
        return new Area(Math.PI * Math.pow(Mm.of(diameter), 2) / 4);
    }
}
