package dev.schachtel.core.drawing;

import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Point;

/**
 * From where the card is looked at, from far away: parallel lines stay so.
 *
 * @param round degrees from straight in front, above 0 to the right
 * @param over degrees over the board
 */
public record Eye(double round, double over) {
    public static final Eye FRONT = new Eye(0, 8);
    public static final Eye CORNER = new Eye(30, 22);
    public static final Eye LEFT = new Eye(-90, 8);
    public static final Eye RIGHT = new Eye(90, 8);
    public static final Eye ABOVE = new Eye(0, 89);
    public static final Eye BEHIND = new Eye(180, 12);

    /** Towards the one who looks, 1 long. */
    public Vec towards() {
        double a = Math.toRadians(round);
        double b = Math.toRadians(over);
        return new Vec(Math.sin(a) * Math.cos(b), Math.sin(b), Math.cos(a) * Math.cos(b));
    }

    /** Where a place is seen: x to the right, y up, mm. */
    public Point seen(Vec place) {
        return new Point(right().dot(place), up().dot(place));
    }

    private Vec right() {
        double a = Math.toRadians(round);
        return new Vec(Math.cos(a), 0, -Math.sin(a));
    }

    private Vec up() {
        return towards().cross(right());
    }
}
