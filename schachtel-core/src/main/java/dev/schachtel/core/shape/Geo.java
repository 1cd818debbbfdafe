package dev.schachtel.core.shape;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import org.locationtech.jts.algorithm.construct.LargestEmptyCircle;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.geom.TopologyException;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.geom.util.GeometryFixer;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.distance.DistanceOp;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;

import dev.schachtel.core.measure.Length;
import dev.schachtel.core.patience.Patience;

/** The geometry library's side of {@link Outline}. */
final class Geo {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    /** Two flattened arcs may cut into each other by this much and still only touch. */
    static final double TOUCH = 2 * Ring.CHORD_ERROR;

    private static final double NANOMETRES_A_MM = 1e6;
    /** Steps of work for a point of an overlay, and pairs of points whose distance is one step. */
    private static final int OVERLAY = 3;

    private static final int PAIRS = 200;

    private static final int DISTANCE = 5;
    /** A share of an area that rounding may make. */
    private static final double ROUNDING = 1e-9;

    private Geo() {}

    static Geometry polygon(Outline outline) {
        return outline.flat().polygon();
    }

    static Geometry flatten(Outline outline) {
        LinearRing[] holes = outline.holes().stream().map(Geo::ring).toArray(LinearRing[]::new);
        Polygon polygon = FACTORY.createPolygon(ring(outline.outer()), holes);
        return outline.isSound() ? polygon : sound(polygon);
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

    static Geometry both(Geometry a, Geometry b) {
        return overlay(a, b, OverlayNG.INTERSECTION);
    }

    static Geometry minus(Geometry a, Geometry b) {
        return overlay(a, b, OverlayNG.DIFFERENCE);
    }

    static Geometry union(Geometry a, Geometry b) {
        return overlay(a, b, OverlayNG.UNION);
    }

    /** By halves, so that most are joined while they are small. */
    static List<Outline> union(List<Outline> all) {
        return all.isEmpty() ? List.of() : pieces(joined(all));
    }

    private static Geometry joined(List<Outline> all) {
        int half = all.size() / 2;
        return half == 0
                ? polygon(all.get(0))
                : union(joined(all.subList(0, half)), joined(all.subList(half, all.size())));
    }

    /**
     * Edges nearer to each other than a nanometre, which is how fine a Length is, may cross by rounding alone; then both
     * are set on the grid of nanometres, which moves a point by less than 0.000001 mm. Where edges only touch, lines and
     * points come out too, and are left away: they are no areas, and nothing can be taken from a mixture of both.
     */
    private static Geometry overlay(Geometry a, Geometry b, int operation) {
        Patience.take(OVERLAY * (long) (a.getNumPoints() + b.getNumPoints()));
        try {
            Geometry found = areas(OverlayNGRobust.overlay(a, b, operation));
            return isMissed(a, b, found, operation) ? onGrid(a, b, operation) : found;
        } catch (TopologyException tooNear) {
            return onGrid(a, b, operation);
        }
    }

    private static Geometry onGrid(Geometry a, Geometry b, int operation) {
        return areas(OverlayNG.overlay(
                GeometryFixer.fix(a), GeometryFixer.fix(b), operation, new PrecisionModel(NANOMETRES_A_MM)));
    }

    /**
     * Whether two areas that share some were taken for two that only touch, as happens where most of their edges are the
     * same but for rounding: nothing in common then, or nothing taken away, though a point well inside one lies in the other.
     */
    private static boolean isMissed(Geometry a, Geometry b, Geometry found, int operation) {
        boolean untouched = operation == OverlayNG.INTERSECTION && found.getDimension() < 2
                || operation == OverlayNG.DIFFERENCE && found.getArea() > (1 - ROUNDING) * a.getArea();
        return untouched
                && a.getEnvelopeInternal().intersects(b.getEnvelopeInternal())
                && (holdsMiddle(a, b) || holdsMiddle(b, a));
    }

    private static boolean holdsMiddle(Geometry area, Geometry of) {
        Coordinate middle = of.getInteriorPoint().getCoordinate();
        return middle != null
                && SimplePointInAreaLocator.locate(middle, area) == Location.INTERIOR
                && SimplePointInAreaLocator.locate(middle, of) == Location.INTERIOR;
    }

    private static Geometry areas(Geometry all) {
        boolean mixed = all.getGeometryType().equals(Geometry.TYPENAME_GEOMETRYCOLLECTION);
        return mixed ? FACTORY.buildGeometry(PolygonExtracter.getPolygons(all)) : all;
    }

    static List<Outline> less(Outline from, List<Outline> others) {
        Geometry left = polygon(from);
        for (Outline other : others) {
            Geometry cut = polygon(other);
            if (!left.isEmpty() && left.getEnvelopeInternal().intersects(cut.getEnvelopeInternal())) {
                left = minus(left, cut);
            }
        }
        return pieces(left);
    }

    static List<Outline> common(Outline a, Outline b) {
        return pieces(both(polygon(a), polygon(b)));
    }

    /** Without those so slim that they are where edges touch. */
    private static List<Outline> pieces(Geometry all) {
        List<Outline> pieces = new ArrayList<>();
        for (int i = 0; i < all.getNumGeometries(); i++) {
            Geometry piece = all.getGeometryN(i);
            if (2 * piece.getArea() > TOUCH * piece.getLength() / 2) {
                largestOf(piece).ifPresent(pieces::add);
            }
        }
        return pieces;
    }

    /** A larger circle, if the ring is one. */
    static Optional<Outline> grownCircle(Ring ring, double by) {
        return ring.circle()
                .filter(c -> c.radii().first() + by > 0)
                .map(c -> Ring.ellipse(
                        c.centre(), c.radii().first() + by, c.radii().first() + by))
                .map(r -> new Outline(r, List.of()));
    }

    /** Margin of one circle in another, exactly: R - r less the distance of their middles. */
    private static Outline.Gap margin(Segment.Bow outer, Segment.Bow inner) {
        double dx = inner.centre().x() - outer.centre().x();
        double dy = inner.centre().y() - outer.centre().y();
        double apart = Math.sqrt(dx * dx + dy * dy);
        double ux = apart == 0 ? 0 : dx / apart;
        double uy = apart == 0 ? 1 : dy / apart;
        double big = outer.radii().first();
        double small = inner.radii().first();
        return new Outline.Gap(
                Mm.length(big - small - apart),
                outer.centre().plus(ux * big, uy * big),
                inner.centre().plus(ux * small, uy * small));
    }

    /** Segments for a quarter turn that keep a corner rounded by so many millimetres within the chord error. */
    static int quarter(double by) {
        double step = 2 * Math.acos(1 - Math.min(0.5, Ring.CHORD_ERROR / Math.max(1e-3, Math.abs(by))));
        return Math.max(2, (int) Math.ceil(Math.PI / 2 / step));
    }

    static Outline.Gap gap(Geometry a, Geometry b) {
        Patience.take(DISTANCE + (long) a.getNumPoints() * b.getNumPoints() / PAIRS);
        DistanceOp op = new DistanceOp(a, b);
        Coordinate[] at = op.nearestPoints();
        return new Outline.Gap(Mm.length(op.distance()), point(at[0]), point(at[1]));
    }

    static Outline.Gap margin(Outline outer, Outline inner) {
        Optional<Segment.Bow> large = outer.outer().circle();
        Optional<Segment.Bow> small = inner.outer().circle();
        if (large.isPresent() && small.isPresent()) {
            return margin(large.get(), small.get());
        }
        if (outer.outer().isBox()) {
            return boxed(polygon(outer.filled()).getEnvelopeInternal(), inner);
        }
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

    static Geometry line(List<Point> points) {
        return FACTORY.createLineString(
                points.stream().map(p -> new Coordinate(p.x(), p.y())).toArray(Coordinate[]::new));
    }

    /** A line grown to a band with round ends. */
    static Outline grownLine(Geometry line, double by) {
        return largestOf(grown(line, by)).orElseThrow();
    }

    /**
     * Grown all round within the chord error. The library would first straighten out dents of up to a hundredth of the
     * distance, which for a disc of 23 mm is more than a die can hold.
     */
    static Geometry grown(Geometry geometry, double by) {
        Patience.take(OVERLAY * (long) (geometry.getNumPoints() + quarter(by)));
        BufferParameters exact = new BufferParameters(quarter(by));
        exact.setSimplifyFactor(Math.min(0.01, Ring.CHORD_ERROR / 10 / Math.max(1e-3, Math.abs(by))));
        return BufferOp.bufferOp(geometry, by, exact);
    }

    static Optional<Segment.Bow> circleOf(Outline outline) {
        return outline.holes().isEmpty() ? outline.outer().circle() : Optional.empty();
    }

    static Geometry collection(List<Outline> outlines) {
        return FACTORY.createMultiPolygon(outlines.stream()
                .map(Geo::polygon)
                .flatMap(g -> java.util.stream.IntStream.range(0, g.getNumGeometries())
                        .mapToObj(g::getGeometryN))
                .filter(Polygon.class::isInstance)
                .toArray(Polygon[]::new));
    }

    static Geometry moved(Geometry shape, double dx, double dy) {
        return AffineTransformation.translationInstance(dx, dy).transform(shape);
    }

    static Geometry turned(Geometry shape, Point about, double radians) {
        return AffineTransformation.rotationInstance(radians, about.x(), about.y())
                .transform(shape);
    }

    static Geometry hull(Geometry a, Geometry b) {
        return FACTORY.createGeometryCollection(new Geometry[] {a, b}).convexHull();
    }

    static Geometry hullOf(Coordinate... corners) {
        return FACTORY.createMultiPointFromCoords(corners).convexHull();
    }

    /** Convex up to the chord error of its arcs. */
    static boolean isConvex(Geometry shape) {
        return shape.convexHull().getArea() - shape.getArea() <= TOUCH * TOUCH;
    }

    static List<Point> simplified(List<Point> corners, double by) {
        List<Point> closed = new ArrayList<>(corners);
        closed.add(corners.get(0));
        Coordinate[] kept =
                TopologyPreservingSimplifier.simplify(line(closed), by).getCoordinates();
        List<Point> all = new ArrayList<>();
        for (int i = 0; i < kept.length - 1; i++) {
            all.add(point(kept[i]));
        }
        return all;
    }

    static boolean isSimple(List<Point> corners) {
        List<Point> closed = new ArrayList<>(corners);
        closed.add(corners.get(0));
        return line(closed).isSimple();
    }

    static Geometry point(Point p) {
        return FACTORY.createPoint(new Coordinate(p.x(), p.y()));
    }

    static boolean holds(Outline outline, Point point) {
        Patience.take(1);
        return polygon(outline).contains(FACTORY.createPoint(new Coordinate(point.x(), point.y())));
    }

    /** The widest circle within an outline that touches neither its edges nor an obstacle, its diameter to 2 mm. */
    static Outline.Gap widest(Outline sheet, List<Outline> obstacles) {
        List<Geometry> all = new ArrayList<>();
        obstacles.forEach(o -> all.add(polygon(o)));
        sheet.holes().forEach(h -> all.add(FACTORY.createPolygon(ring(h))));
        all.add(ring(sheet.outer()));
        Geometry keepOff = FACTORY.createGeometryCollection(all.toArray(Geometry[]::new));
        LargestEmptyCircle circle = new LargestEmptyCircle(keepOff, polygon(sheet.filled()), 1);
        Point at = point(circle.getCenter().getCoordinate());
        return new Outline.Gap(Mm.length(2 * circle.getRadiusLine().getLength()), at, at);
    }

    static double reach(Geometry shape, Point from) {
        double most = 0;
        for (Coordinate c : shape.getCoordinates()) {
            most = Math.max(most, Math.hypot(c.x - from.x(), c.y - from.y()));
        }
        return most;
    }

    static double nearest(Geometry shape, Point to) {
        return shape.distance(FACTORY.createPoint(new Coordinate(to.x(), to.y())));
    }

    /** Margin in an upright rectangle: the least of four distances. */
    private static Outline.Gap boxed(Envelope out, Outline inner) {
        Coordinate[] corners = polygon(inner.filled()).getCoordinates();
        double least = Double.MAX_VALUE;
        Coordinate at = corners[0];
        Coordinate edge = corners[0];
        for (Coordinate c : corners) {
            double[] far = {c.x - out.getMinX(), out.getMaxX() - c.x, c.y - out.getMinY(), out.getMaxY() - c.y};
            for (int i = 0; i < far.length; i++) {
                if (far[i] < least) {
                    least = far[i];
                    at = c;
                    edge = i < 2
                            ? new Coordinate(i == 0 ? out.getMinX() : out.getMaxX(), c.y)
                            : new Coordinate(c.x, i == 2 ? out.getMinY() : out.getMaxY());
                }
            }
        }
        return new Outline.Gap(Mm.length(least), point(edge), point(at));
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

    private static Point point(Coordinate c) {
        return new Point(c.x, c.y);
    }
}
