package dev.schachtel.core.build;

import dev.schachtel.core.shape.Point;

/**
 * A line about which a panel turns against another one. Angles are degrees from how the card is drawn; above 0 they lift
 * what lies on the left of the line, seen from the front, towards the viewer.
 *
 * @param on the panel that stays, by its number; {@link #BOARD} for what the card stands on
 * @param turns the panel that turns
 * @param line where it is on the card as that is drawn
 * @param follows whether its angle comes out of the others, since loops must close
 * @param shut its angle when the card is shut
 * @param thin whether it turns at the height of the base's fold, as paper without thickness would: lines that must meet in one point do so
 * @param open its angle when it is open; of a hinge that follows, only which way it goes first
 */
public record Hinge(
        String name, int on, int turns, Line line, boolean follows, double shut, double open, boolean thin) {
    /** What the card stands on, or hangs before. */
    public static final int BOARD = -1;

    /** From one end to the other. */
    public record Line(Point from, Point to) {}

    /** One that turns evenly as the card opens. */
    public static Hinge of(int on, int turns, Line line, double shut, double open) {
        return new Hinge("", on, turns, line, false, shut, open, false);
    }

    /** One that stays as it is drawn. */
    public static Hinge fixed(int on, int turns, Line line) {
        return of(on, turns, line, 0, 0);
    }

    /** One whose angle comes out of the others. */
    public static Hinge following(String name, int on, int turns, Line line, double towards) {
        return new Hinge(name, on, turns, line, true, 0, towards, false);
    }

    /** The same in the fold of the base. */
    public Hinge inFold() {
        return new Hinge(name, on, turns, line, follows, shut, open, true);
    }

    public boolean isMoving() {
        return follows || shut != open;
    }

    public Point from() {
        return line.from;
    }

    public Point to() {
        return line.to;
    }
}
