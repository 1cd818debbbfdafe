package dev.schachtel.core.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/** Cuts a ring down to a box, one side after the other (Sutherland and Hodgman 1974); O(corners). */
final class Clip {
    private Clip() {}

    static Optional<Box> bounds(List<Point> ring, Box box) {
        List<Point> left = half(ring, p -> p.x() - box.left());
        List<Point> right = half(left, p -> box.right() - p.x());
        List<Point> lower = half(right, p -> p.y() - box.bottom());
        List<Point> all = half(lower, p -> box.top() - p.y());
        return all.stream().map(p -> new Box(p.x(), p.y(), p.x(), p.y())).reduce(Box::union);
    }

    /** The part of the ring where the distance is not negative. */
    private static List<Point> half(List<Point> ring, ToDoubleFunction<Point> distance) {
        List<Point> kept = new ArrayList<>();
        for (int i = 0; i < ring.size(); i++) {
            Point a = ring.get(i);
            Point b = ring.get((i + 1) % ring.size());
            double da = distance.applyAsDouble(a);
            double db = distance.applyAsDouble(b);
            if (da >= 0) {
                kept.add(a);
            }
            if (da >= 0 != db >= 0) {
                double t = da / (da - db);
                kept.add(a.plus((b.x() - a.x()) * t, (b.y() - a.y()) * t));
            }
        }
        return kept;
    }
}
