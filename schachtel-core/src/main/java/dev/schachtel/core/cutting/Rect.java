package dev.schachtel.core.cutting;

import dev.schachtel.core.measure.Length;

/** A rectangle on a sheet, from its lower left corner. */
record Rect(Length x, Length y, Length width, Length height) {
    Rect left(Length at) {
        return new Rect(x, y, at, height);
    }

    Rect right(Length at) {
        return new Rect(x.plus(at), y, width.minus(at), height);
    }

    Rect lower(Length at) {
        return new Rect(x, y, width, at);
    }

    Rect upper(Length at) {
        return new Rect(x, y.plus(at), width, height.minus(at));
    }
}
