package dev.schachtel.core.build;

import dev.schachtel.core.shape.Point;

/** A scored line on a part, in the part's own coordinates, as seen from the side drawn. */
public record Fold(PartId part, Point from, Point to, Crease crease) {
    /** Which way it is folded, seen from the outside of the card. */
    public enum Crease {
        MOUNTAIN,
        VALLEY
    }
}
