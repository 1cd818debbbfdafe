package dev.schachtel.core.build;

import java.util.List;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.shape.Point;

/** A cut that takes nothing out, such as three sides of a door: who asked for it, and its line in the part's coordinates. */
public record Slit(Id owner, List<Point> points) {
    public Slit {
        points = List.copyOf(points);
    }
}
