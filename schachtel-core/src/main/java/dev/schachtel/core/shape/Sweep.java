package dev.schachtel.core.shape;

import java.util.ArrayList;
import java.util.List;

import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.union.UnaryUnionOp;

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
                        Geo.line(shifted(points, c.centre())), c.radii().first()))
                .or(() -> Geo.largestOf(swept(Geo.polygon(body.filled()), line)))
                .orElse(body);
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
            if (convex) {
                legs.add(Geo.hull(from, to));
            } else {
                legs.add(from);
                legs.add(to);
                legs.addAll(edges(body, at[i - 1], at[i]));
            }
        }
        return UnaryUnionOp.union(legs);
    }

    /** What the edges of a body pass over on a straight leg: one parallelogram each. */
    private static List<Geometry> edges(Geometry body, Coordinate from, Coordinate to) {
        Coordinate[] c = body.getCoordinates();
        List<Geometry> all = new ArrayList<>();
        for (int i = 1; i < c.length; i++) {
            all.add(Geo.hullOf(
                    new Coordinate(c[i - 1].x + from.x, c[i - 1].y + from.y),
                    new Coordinate(c[i].x + from.x, c[i].y + from.y),
                    new Coordinate(c[i].x + to.x, c[i].y + to.y),
                    new Coordinate(c[i - 1].x + to.x, c[i - 1].y + to.y)));
        }
        return all.stream().filter(g -> g.getDimension() == 2).toList();
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
            legs.add(convex ? Geo.hull(last, next) : next.union(last));
            last = next;
        }
        Length slack = Mm.length(SLACK);
        return Geo.largestOf(UnaryUnionOp.union(legs)).orElse(body).grown(slack);
    }
}
