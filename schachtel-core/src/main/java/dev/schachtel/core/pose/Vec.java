package dev.schachtel.core.pose;

import dev.schachtel.core.shape.Point;

/** A place or direction in space, millimetres. */
public record Vec(double x, double y, double z) {
    public static final Vec ZERO = new Vec(0, 0, 0);

    /** On the sheet. */
    public static Vec of(Point p) {
        return new Vec(p.x(), p.y(), 0);
    }

    public Vec plus(Vec o) {
        return new Vec(x + o.x, y + o.y, z + o.z);
    }

    public Vec minus(Vec o) {
        return new Vec(x - o.x, y - o.y, z - o.z);
    }

    public Vec times(double by) {
        return new Vec(x * by, y * by, z * by);
    }

    public double dot(Vec o) {
        return x * o.x + y * o.y + z * o.z;
    }

    public Vec cross(Vec o) {
        return new Vec(y * o.z - z * o.y, z * o.x - x * o.z, x * o.y - y * o.x);
    }

    /** The lower of both, along each axis. */
    public Vec least(Vec o) {
        return new Vec(Math.min(x, o.x), Math.min(y, o.y), Math.min(z, o.z));
    }

    /** The higher of both, along each axis. */
    public Vec most(Vec o) {
        return new Vec(Math.max(x, o.x), Math.max(y, o.y), Math.max(z, o.z));
    }

    public double length() {
        return Math.sqrt(dot(this));
    }

    /** The same direction, 1 long; itself where it has none. */
    public Vec unit() {
        double length = length();
        return length == 0 ? this : times(1 / length);
    }
}
