package dev.schachtel.core.shape;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;

import org.locationtech.jts.algorithm.RobustLineIntersector;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateXY;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.geom.util.LinearComponentExtracter;
import org.locationtech.jts.noding.MCIndexNoder;
import org.locationtech.jts.noding.NodedSegmentString;
import org.locationtech.jts.noding.SegmentIntersector;
import org.locationtech.jts.noding.SegmentString;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.polygonize.Polygonizer;

import dev.schachtel.core.patience.Patience;

/**
 * What lines cover when they are filled or drawn with a pen, in millimetres, y down. Lines may cross themselves and each
 * other; every crossing is a step of work for {@link Patience}, since a few lines can cross each other endlessly often.
 */
public final class Coverage {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    /** Corners lie on a grid of a ten-thousandth of a millimetre. */
    private static final PrecisionModel GRID = new PrecisionModel(1e4);
    /** Steps of work for a crossing, which becomes a corner of up to four areas. */
    private static final int CROSSING = 30;
    /** Pairs of pieces of lines that are looked at in one step. */
    private static final int PAIRS = 20;

    private final Geometry area;

    private Coverage(Geometry area) {
        this.area = area;
    }

    /** A line through points, joined to its beginning or not. */
    public record Line(List<Point> points, boolean closed) {
        public Line {
            points = List.copyOf(points);
        }

        private LineString at(AffineTransform place, boolean close) {
            List<Coordinate> all = new ArrayList<>();
            double[] to = new double[2];
            for (Point p : points) {
                place.transform(new double[] {p.x(), p.y()}, 0, to, 0, 1);
                Coordinate c = new CoordinateXY(GRID.makePrecise(to[0]), GRID.makePrecise(to[1]));
                if (all.isEmpty() || !all.get(all.size() - 1).equals2D(c)) {
                    all.add(c);
                }
            }
            if ((close || closed) && all.size() > 1 && !all.get(0).equals2D(all.get(all.size() - 1))) {
                all.add(all.get(0).copy());
            }
            return FACTORY.createLineString(all.size() < 2 ? new Coordinate[0] : all.toArray(Coordinate[]::new));
        }
    }

    /** What lies within lines: within an odd number of them, or where they run round more one way than the other. */
    public static Coverage filled(List<Line> lines, boolean evenOdd, AffineTransform place) {
        List<LineString> rings = lines.stream()
                .map(l -> l.at(place, true))
                .filter(l -> !l.isEmpty())
                .toList();
        Patience.take(crossings(rings));
        Geometry noded =
                OverlayNGRobust.overlay(FACTORY.buildGeometry(rings), FACTORY.createLineString(), OverlayNG.UNION);
        Polygonizer faces = new Polygonizer();
        faces.add(noded);
        List<Geometry> within = new ArrayList<>();
        for (Object face : (Collection<?>) faces.getPolygons()) {
            Coordinate inside = ((Polygon) face).getInteriorPoint().getCoordinate();
            int round = winding(rings, inside);
            if (evenOdd ? (round & 1) != 0 : round != 0) {
                within.add((Polygon) face);
            }
        }
        return new Coverage(joined(within));
    }

    /**
     * What a pen with a round nib draws along lines; width in the lines' own unit. Piece by piece: the two sides of a long
     * line that runs to and fro would cross each other far more often than what they enclose has corners.
     */
    public static Coverage drawn(List<Line> lines, double width, AffineTransform place) {
        List<LineString> own = lines.stream()
                .map(l -> l.at(new AffineTransform(), false))
                .filter(l -> !l.isEmpty())
                .toList();
        double scale = Math.sqrt(Math.abs(place.getDeterminant()));
        BufferParameters round = new BufferParameters(Geo.quarter(width / 2 * Math.max(1e-6, scale)));
        List<Geometry> strokes = new ArrayList<>();
        for (LineString line : own) {
            for (int i = 0; i + 1 < line.getNumPoints(); i++) {
                Patience.take(CROSSING);
                strokes.add(BufferOp.bufferOp(
                        FACTORY.createLineString(new Coordinate[] {line.getCoordinateN(i), line.getCoordinateN(i + 1)}),
                        width / 2,
                        round));
            }
        }
        Geometry nib = joined(strokes);
        AffineTransformation to = new AffineTransformation(
                place.getScaleX(),
                place.getShearX(),
                place.getTranslateX(),
                place.getShearY(),
                place.getScaleY(),
                place.getTranslateY());
        return new Coverage(to.transform(nib));
    }

    /** All that is covered by any of them. */
    public static Coverage of(List<Coverage> all) {
        return new Coverage(joined(all.stream().map(c -> c.area).toList()));
    }

    /** By halves, so that most are joined while they are small. */
    private static Geometry joined(List<Geometry> all) {
        if (all.isEmpty()) {
            return FACTORY.createPolygon();
        }
        int half = all.size() / 2;
        if (half == 0) {
            return all.get(0);
        }
        Geometry one = joined(all.subList(0, half));
        Geometry other = joined(all.subList(half, all.size()));
        Patience.take(crossings(List.of(one, other)));
        return OverlayNGRobust.overlay(one, other, OverlayNG.UNION);
    }

    /** How often lines run round a point, against the clock less with it, y up. */
    private static int winding(List<LineString> rings, Coordinate at) {
        int round = 0;
        for (LineString ring : rings) {
            Patience.take(1 + ring.getNumPoints() / PAIRS);
            Envelope box = ring.getEnvelopeInternal();
            if (box.contains(at)) {
                round += winding(ring.getCoordinates(), at);
            }
        }
        return round;
    }

    private static int winding(Coordinate[] ring, Coordinate at) {
        int round = 0;
        for (int i = 0; i + 1 < ring.length; i++) {
            boolean up = ring[i].y <= at.y && ring[i + 1].y > at.y;
            boolean down = ring[i].y > at.y && ring[i + 1].y <= at.y;
            if (up || down) {
                double side = (ring[i + 1].x - ring[i].x) * (at.y - ring[i].y)
                        - (at.x - ring[i].x) * (ring[i + 1].y - ring[i].y);
                round += up && side > 0 ? 1 : down && side < 0 ? -1 : 0;
            }
        }
        return round;
    }

    /** Steps of work that crossings will take, counted before anything is made of them. */
    private static long crossings(List<? extends Geometry> shapes) {
        Counter counter = new Counter();
        List<NodedSegmentString> strings = new ArrayList<>();
        for (Geometry shape : shapes) {
            for (Object line : LinearComponentExtracter.getLines(shape)) {
                strings.add(new NodedSegmentString(((LineString) line).getCoordinates(), null));
            }
        }
        new MCIndexNoder(counter).computeNodes(strings);
        return CROSSING * counter.crossings
                + shapes.stream().mapToLong(Geometry::getNumPoints).sum();
    }

    private static final class Counter implements SegmentIntersector {
        private final RobustLineIntersector meet = new RobustLineIntersector();
        private long pairs;
        private long crossings;

        @Override
        public void processIntersections(SegmentString a, int i, SegmentString b, int k) {
            if (a == b && i == k) {
                return;
            }
            if (++pairs % PAIRS == 0) {
                Patience.take(1);
            }
            meet.computeIntersection(
                    a.getCoordinate(i), a.getCoordinate(i + 1), b.getCoordinate(k), b.getCoordinate(k + 1));
            if (meet.isProper()) {
                crossings++;
                Patience.take(1);
            }
        }

        @Override
        public boolean isDone() {
            return false;
        }
    }

    public boolean isEmpty() {
        return area.isEmpty();
    }

    /** From its left to its right end. */
    public double width() {
        return area.getEnvelopeInternal().getWidth();
    }

    public double height() {
        return area.getEnvelopeInternal().getHeight();
    }

    public double left() {
        return area.getEnvelopeInternal().getMinX();
    }

    /** Its end at the top, y down. */
    public double top() {
        return area.getEnvelopeInternal().getMinY();
    }

    /** All closed lines round it and its holes. */
    List<List<Point>> rings() {
        List<List<Point>> all = new ArrayList<>();
        for (int i = 0; i < area.getNumGeometries(); i++) {
            if (area.getGeometryN(i) instanceof Polygon polygon) {
                all.add(ring(polygon.getExteriorRing()));
                for (int h = 0; h < polygon.getNumInteriorRing(); h++) {
                    all.add(ring(polygon.getInteriorRingN(h)));
                }
            }
        }
        return all;
    }

    private static List<Point> ring(LineString line) {
        List<Point> all = new ArrayList<>();
        Coordinate[] corners = line.getCoordinates();
        for (int i = 0; i + 1 < corners.length; i++) {
            all.add(new Point(corners[i].x, corners[i].y));
        }
        return all;
    }
}
