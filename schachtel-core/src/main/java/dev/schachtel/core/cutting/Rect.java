package dev.schachtel.core.cutting;

import dev.schachtel.core.measure.Length;

/** A rectangle on a sheet, from its lower left corner. */
public record Rect(Length x, Length y, Length width, Length height) {
    /** Whether the other lies in it, edges included. */
    public boolean holds(Rect other) {
        return !other.x.isBelow(x)
                && !other.y.isBelow(y)
                && !other.x.plus(other.width).isAbove(x.plus(width))
                && !other.y.plus(other.height).isAbove(y.plus(height));
    }

    Rect left(Length at) {
        return new Rect(x, y, at, height);
    }

    /** What lies right of this distance; nothing if there is less. */
    Rect right(Length at) {
        return new Rect(x.plus(at), y, Length.max(Length.ZERO, width.minus(at)), height);
    }

    Rect lower(Length at) {
        return new Rect(x, y, width, at);
    }

    /** What lies above this distance; nothing if there is less. */
    Rect upper(Length at) {
        return new Rect(x, y.plus(at), width, Length.max(Length.ZERO, height.minus(at)));
    }
}
