package dev.schachtel.core.build;

import java.util.List;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.shape.Point;

/**
 * A cut that takes nothing out, such as three sides of a door from one end of its hinge to the other.
 *
 * @param points in the part's coordinates
 * @param onFace the same line where it lies on the closed card
 */
public record Slit(Id owner, List<Point> points, List<Point> onFace) {
    public Slit {
        points = List.copyOf(points);
        onFace = List.copyOf(onFace);
    }

    /** Whether this fold is the hinge of what it cuts free. */
    public boolean hingedAt(Fold fold) {
        return fold.from().equals(points.get(0)) && fold.to().equals(points.get(points.size() - 1));
    }
}
