package dev.schachtel.core.motion;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.patience.Patience;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * A line through a sheet.
 *
 * @param from a place of the line
 * @param along its direction, 1 long
 * @param inside where it runs through the sheet: distances from that place, in order, going in and out by turns
 */
record Cut(Outline sheet, Point from, Point along, List<Double> inside) {
    /** Corners that are one step of work. */
    private static final int CORNERS = 50;

    /** From one distance to another. */
    record Stretch(double from, double to) {
        double length() {
            return to - from;
        }

        /** Even places in it, none at its ends. */
        List<Double> probes(int many) {
            List<Double> all = new ArrayList<>();
            for (int i = 1; i <= many; i++) {
                all.add(from + (to - from) * i / (many + 1));
            }
            return all;
        }
    }

    static Cut of(Outline sheet, Vec from, Vec along) {
        List<Double> crossed = new ArrayList<>();
        sheet.corners().forEach(c -> crossings(c, from, along, crossed));
        crossed.sort(null);
        return new Cut(sheet, new Point(from.x(), from.y()), new Point(along.x(), along.y()), crossed);
    }

    private static void crossings(List<Point> corners, Vec from, Vec along, List<Double> crossed) {
        Patience.take(1 + corners.size() / CORNERS);
        for (int i = 0; i < corners.size(); i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % corners.size());
            double sideA = side(a, from, along);
            double sideB = side(b, from, along);
            if (sideA >= 0 != sideB >= 0) {
                double share = sideA / (sideA - sideB);
                double x = a.x() + (b.x() - a.x()) * share - from.x();
                double y = a.y() + (b.y() - a.y()) * share - from.y();
                crossed.add(x * along.x() + y * along.y());
            }
        }
    }

    private static double side(Point p, Vec from, Vec along) {
        return along.x() * (p.y() - from.y()) - along.y() * (p.x() - from.x());
    }

    /** Where both lines, which are one in space, run through both sheets. */
    List<Stretch> shared(Cut other) {
        List<Stretch> all = new ArrayList<>();
        for (int i = 0; i + 1 < inside.size(); i += 2) {
            for (int k = 0; k + 1 < other.inside.size(); k += 2) {
                double start = Math.max(inside.get(i), other.inside.get(k));
                double end = Math.min(inside.get(i + 1), other.inside.get(k + 1));
                if (end > start) {
                    all.add(new Stretch(start, end));
                }
            }
        }
        return all;
    }

    /** Whether the sheet reaches so far past the line, to both sides, there. */
    boolean reaches(double at, double past) {
        double x = from.x() + along.x() * at;
        double y = from.y() + along.y() * at;
        double across = past * -along.y();
        double up = past * along.x();
        return sheet.holds(new Point(x + across, y + up)) && sheet.holds(new Point(x - across, y - up));
    }
}
