package dev.schachtel.core.shape;

import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Length;

/** Where a part's own origin comes to lie on a face, and how it is turned about it. */
public record Placement(Length across, Length up, Angle turn) {
    public static final Placement ORIGIN = at(Length.ZERO, Length.ZERO);

    public static Placement at(Length across, Length up) {
        return new Placement(across, up, Angle.ZERO);
    }

    public Placement turned(Angle angle) {
        return new Placement(across, up, turn.plus(angle));
    }

    public Placement moved(Length dx, Length dy) {
        return new Placement(across.plus(dx), up.plus(dy), turn);
    }

    public Point origin() {
        return Point.of(across, up);
    }
}
