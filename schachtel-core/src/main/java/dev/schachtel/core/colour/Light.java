package dev.schachtel.core.colour;

import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.shape.Point;

/** Where the light comes from, the same for a whole card. */
public enum Light {
    LEFT(180),
    ABOVE_LEFT(135),
    ABOVE(90),
    ABOVE_RIGHT(45),
    RIGHT(0);

    private final int degrees;

    Light(int degrees) {
        this.degrees = degrees;
    }

    /** One step of length 1 toward the light on a piece that lies turned, in the piece's own coordinates. */
    public Point toward(Angle turned) {
        double angle = Math.toRadians(degrees) - turned.radians();
        return new Point(round(Math.cos(angle)), round(Math.sin(angle)));
    }

    /** Straight along an edge where it is meant so, or areas as thin as the last digit would be left along that edge. */
    private static double round(double step) {
        return Math.rint(step * 1e6) / 1e6;
    }
}
