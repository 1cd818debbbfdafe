package dev.schachtel.core.build;

import java.util.List;

import dev.schachtel.core.shape.Point;

/**
 * How a thread runs when the card hangs or stands, as the card is drawn.
 *
 * @param on the slab that it goes with
 */
public record Cord(PartId part, SlabId on, List<Point> line) {
    public Cord {
        line = List.copyOf(line);
    }
}
