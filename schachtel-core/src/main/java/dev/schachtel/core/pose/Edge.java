package dev.schachtel.core.pose;

import dev.schachtel.core.shape.Point;

/** A line on a sheet, from one end to the other. */
public record Edge(Point from, Point to) {
    Vec begins() {
        return Vec.of(from);
    }

    Vec ends() {
        return Vec.of(to);
    }

    /** 1 long. */
    Vec along() {
        return ends().minus(begins()).unit();
    }
}
