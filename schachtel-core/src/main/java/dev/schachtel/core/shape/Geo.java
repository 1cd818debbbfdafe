package dev.schachtel.core.shape;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.geom.util.GeometryFixer;
import org.locationtech.jts.operation.distance.DistanceOp;

import dev.schachtel.core.measure.Length;

/** The geometry library's side of {@link Outline}. */
final class Geo {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    /** Two flattened arcs may cut into each other by this much and still only touch. */
    private static final double TOUCH = 2 * Ring.CHORD_ERROR;

    private Geo() {}

    static Geometry polygon(Outline outline) {
        LinearRing[] holes = outline.holes().stream().map(Geo::ring).toArray(LinearRing[]::new);
        return sound(FACTORY.createPolygon(ring(outline.outer()), holes));
    }

    private static Geometry sound(Polygon polygon) {
        boolean plain = polygon.getNumPoints() == 5 && polygon.isRectangle();
        return plain || polygon.isValid() ? polygon : GeometryFixer.fix(polygon);
    }

    private static LinearRing ring(Ring ring) {
        List<Point> points = ring.flattened();
        Coordinate[] c = new Coordinate[points.size() + 1];
        for (int i = 0; i < points.size(); i++) {
            c[i] = new Coordinate(points.get(i).x(), points.get(i).y());
        }
        c[points.size()] = c[0].copy();
        return FACTORY.createLinearRing(c);
    }

    static boolean contains(Outline outer, Outline inner) {
        return PreparedGeometryFactory.prepare(polygon(outer)).containsProperly(polygon(inner.filled()));
    }

    static boolean overlap(Outline a, Outline b) {
        Geometry first = polygon(a);
        Geometry second = polygon(b);
        return first.getEnvelopeInternal().intersects(second.getEnvelopeInternal())
                && first.intersects(second)
                && !first.intersection(second).buffer(-TOUCH / 2).isEmpty();
    }

    static Outline.Gap gap(Geometry a, Geometry b) {
        DistanceOp op = new DistanceOp(a, b);
        Coordinate[] at = op.nearestPoints();
        return new Outline.Gap(Mm.length(op.distance()), point(at[0]), point(at[1]));
    }

    static Outline.Gap margin(Outline outer, Outline inner) {
        Geometry boundary = ring(outer.outer());
        Geometry out = polygon(outer.filled());
        Geometry in = polygon(inner.filled());
        if (out.covers(in)) {
            return gap(boundary, in);
        }
        Outline.Gap worst = new Outline.Gap(Length.ZERO, Point.ORIGIN, Point.ORIGIN);
        for (Coordinate c : in.getCoordinates()) {
            Geometry corner = FACTORY.createPoint(c);
            if (!out.covers(corner)) {
                Outline.Gap far = gap(boundary, corner);
                if (worst.length().isZero() || far.length().isAbove(worst.length())) {
                    worst = far;
                }
            }
        }
        return new Outline.Gap(worst.length().negated(), worst.here(), worst.there());
    }

    static Optional<Outline> largestOf(Geometry geometry) {
        List<Polygon> pieces = new ArrayList<>();
        for (int i = 0; i < geometry.getNumGeometries(); i++) {
            if (geometry.getGeometryN(i) instanceof Polygon p && !p.isEmpty()) {
                pieces.add(p);
            }
        }
        return pieces.stream().max(Comparator.comparingDouble(Polygon::getArea)).map(p -> {
            List<Ring> holes = new ArrayList<>();
            for (int i = 0; i < p.getNumInteriorRing(); i++) {
                holes.add(ring(p.getInteriorRingN(i).getCoordinates()));
            }
            return new Outline(ring(p.getExteriorRing().getCoordinates()), holes);
        });
    }

    private static Ring ring(Coordinate[] closed) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < closed.length - 1; i++) {
            points.add(point(closed[i]));
        }
        return Ring.polygon(points);
    }

    static List<Outline.Span> across(Outline outline, double y) {
        Geometry shape = polygon(outline);
        var e = shape.getEnvelopeInternal();
        Geometry line = FACTORY.createLineString(
                new Coordinate[] {new Coordinate(e.getMinX() - 1, y), new Coordinate(e.getMaxX() + 1, y)});
        Geometry cut = shape.intersection(line);
        List<Outline.Span> spans = new ArrayList<>();
        for (int i = 0; i < cut.getNumGeometries(); i++) {
            var s = cut.getGeometryN(i).getEnvelopeInternal();
            if (!s.isNull() && s.getWidth() > Ring.CHORD_ERROR) {
                spans.add(new Outline.Span(s.getMinX(), s.getMaxX()));
            }
        }
        spans.sort(Comparator.comparingDouble(Outline.Span::from));
        return spans;
    }

    private static Point point(Coordinate c) {
        return new Point(c.x, c.y);
    }
}
