package dev.schachtel.core.check;

import java.awt.geom.Area;
import java.awt.geom.Line2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.Plain;

/** Distances between boundaries, every edge against every edge. */
final class Flat {
    private Flat() {}

    /** The corners of all loops, each loop closed; loops are parted by null. */
    static List<double[]> points(Area area) {
        List<double[]> all = new ArrayList<>();
        double[] at = new double[6];
        double[] first = new double[2];
        for (PathIterator i = area.getPathIterator(null, 0.001); !i.isDone(); i.next()) {
            int kind = i.currentSegment(at);
            if (kind == PathIterator.SEG_MOVETO) {
                all.add(null);
                first = new double[] {at[0], at[1]};
                all.add(first);
            } else if (kind == PathIterator.SEG_CLOSE) {
                all.add(first);
            } else {
                all.add(new double[] {at[0], at[1]});
            }
        }
        return all.isEmpty() || all.get(0) != null ? all : all.subList(1, all.size());
    }

    static double distance(List<double[]> a, List<double[]> b) {
        double least = Double.MAX_VALUE;
        for (int i = 1; i < a.size(); i++) {
            double[] p = a.get(i - 1);
            double[] q = a.get(i);
            if (p == null || q == null) {
                continue;
            }
            Rectangle2D near = new Rectangle2D.Double(
                    Math.min(p[0], q[0]) - least,
                    Math.min(p[1], q[1]) - least,
                    Math.abs(p[0] - q[0]) + 2 * least,
                    Math.abs(p[1] - q[1]) + 2 * least);
            for (int k = 1; k < b.size(); k++) {
                double[] r = b.get(k - 1);
                double[] s = b.get(k);
                if (r == null
                        || s == null
                        || least < Double.MAX_VALUE && !near.intersectsLine(r[0], r[1], s[0], s[1])) {
                    continue;
                }
                if (meet(p, q, r, s)) {
                    return 0;
                }
                least = Math.min(least, Line2D.ptSegDist(p[0], p[1], q[0], q[1], r[0], r[1]));
                least = Math.min(least, Line2D.ptSegDist(p[0], p[1], q[0], q[1], s[0], s[1]));
                least = Math.min(least, Line2D.ptSegDist(r[0], r[1], s[0], s[1], p[0], p[1]));
                least = Math.min(least, Line2D.ptSegDist(r[0], r[1], s[0], s[1], q[0], q[1]));
            }
        }
        return least;
    }

    /** The JDK says that a point meets every line it is in line with: lines whose boxes lie apart don't meet. */
    private static boolean meet(double[] p, double[] q, double[] r, double[] s) {
        return Math.min(p[0], q[0]) <= Math.max(r[0], s[0])
                && Math.min(r[0], s[0]) <= Math.max(p[0], q[0])
                && Math.min(p[1], q[1]) <= Math.max(r[1], s[1])
                && Math.min(r[1], s[1]) <= Math.max(p[1], q[1])
                && Line2D.linesIntersect(p[0], p[1], q[0], q[1], r[0], r[1], s[0], s[1]);
    }

    static boolean boxesWithin(Area a, Area b, double distance) {
        Rectangle2D box = a.getBounds2D();
        Rectangle2D grown = new Rectangle2D.Double(
                box.getX() - distance,
                box.getY() - distance,
                box.getWidth() + 2 * distance,
                box.getHeight() + 2 * distance);
        return grown.intersects(b.getBounds2D());
    }

    /** How far inside a sheet something stays; negative by how far it sticks out. */
    static double inside(Area sheet, Area thing) {
        List<double[]> edge = points(sheet);
        if (Plain.size(Plain.less(thing, sheet)) < 1e-3) {
            return distance(edge, points(thing));
        }
        double worst = 0;
        for (double[] p : points(thing)) {
            if (p != null && !sheet.contains(p[0], p[1])) {
                worst = Math.max(worst, distance(edge, List.of(p, p)));
            }
        }
        return -worst;
    }

    static double apart(Area a, Area b) {
        return Plain.size(Plain.shared(a, b)) > 1e-6 ? 0 : distance(points(a), points(b));
    }
}
