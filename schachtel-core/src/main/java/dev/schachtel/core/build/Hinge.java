package dev.schachtel.core.build;

import dev.schachtel.core.shape.Point;

/**
 * A line about which a panel turns against another one. Angles are degrees from how the card is drawn; above 0 they lift
 * what lies on the left of the line, seen from the front, towards the viewer.
 *
 * @param on the panel that stays, by its number; {@link #BOARD} for what the card stands on
 * @param turns the panel that turns
 * @param from where the line begins on the card as it is drawn
 * @param shut its angle when the card is shut
 * @param open its angle when it is open; of a hinge that follows, only which way it goes first
 * @param follows whether its angle comes out of the others, since loops must close
 */
public record Hinge(String name, int on, int turns, Point from, Point to, double shut, double open, boolean follows) {
    /** What the card stands on, or hangs before. */
    public static final int BOARD = -1;

    /** One that turns evenly as the card opens. */
    public static Hinge of(int on, int turns, Point from, Point to, double shut, double open) {
        return new Hinge("", on, turns, from, to, shut, open, false);
    }

    /** One whose angle comes out of the others. */
    public static Hinge following(String name, int on, int turns, Point from, Point to, double towards) {
        return new Hinge(name, on, turns, from, to, 0, towards, true);
    }
}
