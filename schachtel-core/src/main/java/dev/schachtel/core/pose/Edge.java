package dev.schachtel.core.pose;

import dev.schachtel.core.shape.Point;

/**
 * A line on a sheet, from one end to the other.
 *
 * @param height over the plane in which the sheet's places are given, mm
 */
public record Edge(Point from, Point to, double height) {
    /** In that plane. */
    public Edge(Point from, Point to) {
        this(from, to, 0);
    }

    Vec begins() {
        return new Vec(from.x(), from.y(), height);
    }

    Vec ends() {
        return new Vec(to.x(), to.y(), height);
    }

    /** 1 long. */
    Vec along() {
        return ends().minus(begins()).unit();
    }
}
