package dev.schachtel.core.shape;

import dev.schachtel.core.measure.Length;

/**
 * A ring of n equal straight strips, width w, whose inner edges touch a circle of radius r. Plane trigonometry of the
 * regular polygon; results to the nearest micrometre.
 *
 * <p>Example: r 31.6625, w 6, n 12: inner length 16.968; square-cut ends leave a wedge of 3.106 and reach out to
 * 38.61; mitred ends reach out to 38.99.
 *
 * @param radius clear radius r inside the strips, above 0
 * @param width strip width w, above 0
 * @param strips n, 3 to 60
 */
public record DamPolygon(Length radius, Length width, int strips) {
    public static final int FEWEST = 3;
    public static final int MOST = 60;

    public DamPolygon {
        if (strips < FEWEST || strips > MOST) {
            throw new IllegalArgumentException("strips (" + strips + ") must be " + FEWEST + " to " + MOST);
        }
    }

    private double half() {
        return Math.PI / strips;
    }

    /** 2 r tan(180/n). */
    public Length innerLength() {
        return Mm.length(2 * Mm.of(radius) * Math.tan(half()));
    }

    /** 2 (r + w) tan(180/n): the long side of a strip with mitred ends. */
    public Length mitredOuterLength() {
        return Mm.length(2 * Mm.of(radius.plus(width)) * Math.tan(half()));
    }

    /** 2 w sin(180/n): how far square-cut ends gape at the outer edge. */
    public Length wedge() {
        return Mm.length(2 * Mm.of(width) * Math.sin(half()));
    }

    /** sqrt((r + w)^2 + (r tan(180/n))^2): farthest point of square-cut strips from the centre. */
    public Length squareOutsideRadius() {
        double r = Mm.of(radius);
        return Mm.length(Math.hypot(r + Mm.of(width), r * Math.tan(half())));
    }

    /** (r + w)/cos(180/n): farthest point of mitred strips from the centre. */
    public Length mitredOutsideRadius() {
        return Mm.length(Mm.of(radius.plus(width)) / Math.cos(half()));
    }
}
