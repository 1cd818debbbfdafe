package dev.schachtel.core.outlines;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import dev.schachtel.core.drawing.Mark;
import dev.schachtel.core.drawing.Meaning;
import dev.schachtel.core.drawing.Scene;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.shape.Ring;

/**
 * The lines of a scene one by one, in the order in which a machine follows them: what is scored before what is cut, what
 * lies inside before what is round it, else always the nearest next.
 */
public final class Contours {
    private Contours() {}

    /** A closed ring, or an open line whose ring has no segments of its own. */
    public record Contour(Meaning meaning, Ring ring, List<Point> points, boolean closed) {
        Box box() {
            Box box = new Box(
                    points.get(0).x(),
                    points.get(0).y(),
                    points.get(0).x(),
                    points.get(0).y());
            for (Point p : points) {
                box = box.union(new Box(p.x(), p.y(), p.x(), p.y()));
            }
            return box;
        }

        Point end() {
            return closed ? points.get(0) : points.get(points.size() - 1);
        }
    }

    public static List<Contour> of(Scene scene) {
        List<Contour> all = new ArrayList<>();
        for (Mark mark : scene.marks()) {
            if (mark instanceof Mark.Area area) {
                area.outline().holes().forEach(h -> all.add(closed(area.edge(), h)));
                all.add(closed(area.edge(), area.outline().outer()));
            } else if (mark instanceof Mark.Line line && line.points().size() > 1) {
                all.add(new Contour(line.meaning(), new Ring(line.points().get(0), List.of()), line.points(), false));
            }
        }
        return ordered(all);
    }

    private static Contour closed(Meaning meaning, Ring ring) {
        return new Contour(meaning, ring, ring.flattened(), true);
    }

    private static int rank(Contour c) {
        return switch (c.meaning) {
            case MOUNTAIN, VALLEY -> 0;
            case HIDDEN -> 1;
            case CUT -> 2;
            default -> 3;
        };
    }

    private static List<Contour> ordered(List<Contour> all) {
        List<Contour> left = new ArrayList<>(all);
        left.sort(Comparator.comparingInt(Contours::rank));
        List<Box> boxes = new ArrayList<>(left.stream().map(Contour::box).toList());
        List<Contour> order = new ArrayList<>();
        Point at = Point.ORIGIN;
        while (!left.isEmpty()) {
            int best = -1;
            for (int i = 0; i < left.size() && rank(left.get(i)) == rank(left.get(0)); i++) {
                if ((best < 0 || distance(at, left.get(i)) < distance(at, left.get(best))) && free(i, left, boxes)) {
                    best = i;
                }
            }
            boxes.remove(best);
            Contour next = left.remove(best);
            order.add(next);
            at = next.end();
        }
        return order;
    }

    private static double distance(Point at, Contour to) {
        return at.distanceTo(to.points.get(0));
    }

    /** Nothing of its own rank that is still to come lies inside it. */
    private static boolean free(int i, List<Contour> left, List<Box> boxes) {
        Box own = boxes.get(i);
        for (int k = 0; k < left.size() && rank(left.get(k)) == rank(left.get(i)); k++) {
            Box o = boxes.get(k);
            boolean inside = k != i
                    && o.left() >= own.left()
                    && o.right() <= own.right()
                    && o.bottom() >= own.bottom()
                    && o.top() <= own.top()
                    && (o.width() < own.width() || o.height() < own.height());
            if (inside && left.get(i).closed) {
                return false;
            }
        }
        return true;
    }
}
