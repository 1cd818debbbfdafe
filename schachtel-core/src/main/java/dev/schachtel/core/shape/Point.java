package dev.schachtel.core.shape;

import dev.schachtel.core.measure.Length;

/** A place in the plane, in millimetres. */
public record Point(double x, double y) {
    public static final Point ORIGIN = new Point(0, 0);

    public static Point of(Length x, Length y) {
        return new Point(Mm.of(x), Mm.of(y));
    }

    public Point plus(double dx, double dy) {
        return new Point(x + dx, y + dy);
    }

    public double distanceTo(Point other) {
        double dx = x - other.x;
        double dy = y - other.y;
        return Math.sqrt(dx * dx + dy * dy);
    }

    /** The point half way to other. */
    public Point midway(Point other) {
        return new Point((x + other.x) / 2, (y + other.y) / 2);
    }
}
