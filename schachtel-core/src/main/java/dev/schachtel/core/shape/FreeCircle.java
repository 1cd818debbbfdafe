package dev.schachtel.core.shape;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;

import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;

/**
 * Whether a circle has room between obstacles: squares are quartered as long as their middle is too near to an edge, but
 * one of their points might not be. O(squares near the answer), each O(log edges).
 */
final class FreeCircle {
    /** Squares are quartered down to this half side in millimetres; what is smaller is let pass. */
    private static final double SMALLEST = 0.5;

    private FreeCircle() {}

    private record Square(Point middle, double half) {
        double reach() {
            return half * Math.sqrt(2);
        }

        List<Square> quarters() {
            double h = half / 2;
            return List.of(
                    new Square(middle.plus(-h, -h), h),
                    new Square(middle.plus(h, -h), h),
                    new Square(middle.plus(-h, h), h),
                    new Square(middle.plus(h, h), h));
        }
    }

    static boolean mayFit(Outline sheet, List<Outline> supports, double radius) {
        Box box = sheet.bounds();
        if (Math.min(box.width(), box.height()) < 2 * radius) {
            return false;
        }
        List<Outline> edges = new ArrayList<>(supports);
        edges.add(sheet);
        IndexedFacetDistance nearest = new IndexedFacetDistance(Geo.collection(edges));
        Deque<Square> left = new ArrayDeque<>(tiles(box, radius));
        while (!left.isEmpty()) {
            Square square = left.poll();
            Geometry middle = Geo.point(square.middle);
            double free = nearest.distance(middle);
            boolean in = sheet.flat().prepared().contains(middle);
            if (in && free > radius) {
                return true;
            }
            if ((in ? free : -free) + square.reach() > radius) {
                if (square.half < SMALLEST) {
                    return true;
                }
                left.addAll(square.quarters());
            }
        }
        return false;
    }

    private static List<Square> tiles(Box box, double half) {
        List<Square> tiles = new ArrayList<>();
        for (double x = box.left() + half; x - half < box.right(); x += 2 * half) {
            for (double y = box.bottom() + half; y - half < box.top(); y += 2 * half) {
                tiles.add(new Square(new Point(x, y), half));
            }
        }
        return tiles;
    }
}
