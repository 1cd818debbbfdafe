package dev.schachtel.core.shape;

import java.util.ArrayList;
import java.util.List;

import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Length;

/**
 * The area that a body passes over. Never smaller than the truth; larger by at most {@value #SLACK} mm (chords of arcs,
 * turned into a border). Holes of a body count as filled.
 */
public final class Sweep {
    /** Half a hundredth of a millimetre: a tenth of what a die can hold. */
    static final double SLACK = 0.005;

    private Sweep() {}

    /** The body, given as it lies when its reference is at the origin, moved along the path without turning. */
    public static Outline along(Outline body, Path path) {
        List<Point> points = path.points();
        if (points.size() < 2) {
            return body.filled().moved(points.get(0));
        }
        Geometry line = Geo.line(points);
        return Geo.circleOf(body)
                .map(c -> Geo.grownLine(
                        Geo.line(shifted(points, c.centre())), c.radii().first() + SLACK))
                .or(() -> Geo.largestOf(swept(Geo.polygon(body.filled()), line)))
                .orElse(body);
    }

    /** A groove with round ends, as it is cut: the path grown by half its width; straight ones keep true arcs. */
    public static Outline groove(Path path, Length width) {
        List<Point> points = path.points();
        if (points.size() < 2) {
            return Outline.circle(width).moved(points.get(0));
        }
        if (points.size() == 2) {
            Angle heading = new Angle(Math.round(Math.toDegrees(path.heading(0)) * 1e6));
            Point middle = points.get(0).midway(points.get(1));
            return Outline.roundedRectangle(path.length().plus(width), width, width.half())
                    .turned(Point.ORIGIN, heading)
                    .moved(middle);
        }
        return Geo.grownLine(Geo.line(points), Mm.of(width) / 2);
    }

    private static List<Point> shifted(List<Point> points, Point by) {
        return points.stream().map(p -> p.plus(by.x(), by.y())).toList();
    }

    private static Geometry swept(Geometry body, Geometry line) {
        boolean convex = Geo.isConvex(body);
        Coordinate[] at = line.getCoordinates();
        List<Geometry> legs = new ArrayList<>();
        for (int i = 1; i < at.length; i++) {
            Geometry from = Geo.moved(body, at[i - 1].x, at[i - 1].y);
            Geometry to = Geo.moved(body, at[i].x, at[i].y);
            step(from, to, convex, legs);
        }
        return OverlayNGRobust.union(legs);
    }

    /** From one position to the next: the hull of both if convex, else both and what each edge passes over. */
    private static void step(Geometry from, Geometry to, boolean convex, List<Geometry> legs) {
        if (convex) {
            legs.add(Geo.hull(from, to));
            return;
        }
        legs.add(from);
        legs.add(to);
        Coordinate[] a = from.getCoordinates();
        Coordinate[] b = to.getCoordinates();
        for (int i = 1; i < a.length; i++) {
            Geometry edge = Geo.hullOf(a[i - 1], a[i], b[i], b[i - 1]);
            if (edge.getDimension() == 2) {
                legs.add(edge);
            }
        }
    }

    /** The body turned about a pivot from one angle to another; a full turn or more is the disc, or ring, it fills. */
    public static Outline about(Outline body, Point pivot, Angle from, Angle to) {
        double sweep = to.radians() - from.radians();
        Geometry shape = Geo.polygon(body.filled());
        double reach = Geo.reach(shape, pivot);
        if (Math.abs(sweep) >= 2 * Math.PI) {
            Outline disc = Outline.circle(Mm.length(2 * reach + 2 * SLACK)).moved(pivot);
            double least = Geo.nearest(shape, pivot) - SLACK;
            return least <= SLACK
                    ? disc
                    : disc.without(Outline.circle(Mm.length(2 * least)).moved(pivot));
        }
        double step = 2 * Math.acos(1 - Math.min(1, SLACK / Math.max(SLACK, reach)));
        int steps = Math.max(1, (int) Math.ceil(Math.abs(sweep) / step));
        boolean convex = Geo.isConvex(shape);
        List<Geometry> legs = new ArrayList<>();
        Geometry last = Geo.turned(shape, pivot, from.radians());
        for (int i = 1; i <= steps; i++) {
            Geometry next = Geo.turned(shape, pivot, from.radians() + sweep * i / steps);
            step(last, next, convex, legs);
            last = next;
        }
        Length slack = Mm.length(SLACK);
        return Geo.largestOf(OverlayNGRobust.union(legs)).orElse(body).grown(slack);
    }
}
