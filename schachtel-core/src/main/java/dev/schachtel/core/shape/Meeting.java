package dev.schachtel.core.shape;

import java.util.Optional;

import org.locationtech.jts.algorithm.Distance;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

import dev.schachtel.core.patience.Patience;

/** How two outlines lie to each other. Asked for every pair of pieces, so quick answers come before exact ones. */
final class Meeting {
    /** Points of two outlines that are held against each other in one step. */
    private static final int POINTS = 4;

    private Meeting() {}

    private static void take(Geometry first, Geometry second) {
        Patience.take(1 + (first.getNumPoints() + second.getNumPoints()) / POINTS);
    }

    static boolean contains(Outline outer, Outline inner) {
        return outer.flat().prepared().containsProperly(Geo.polygon(inner.filled()));
    }

    /** Growing an outline is slow: boxes first, then the outline as it is. */
    static boolean covers(Outline outer, Outline inner) {
        Geometry in = Geo.polygon(inner);
        Envelope room = new Envelope(Geo.polygon(outer).getEnvelopeInternal());
        room.expandBy(Geo.TOUCH);
        if (!room.covers(in.getEnvelopeInternal())) {
            return false;
        }
        Patience.take(in.getNumPoints());
        return outer.flat().prepared().covers(in) || outer.flat().roomy().covers(in);
    }

    /** Depth of an overlap is judged by twice its area over the way round it, which is right for thin slivers. */
    static boolean overlap(Outline a, Outline b) {
        Geometry first = Geo.polygon(a);
        Geometry second = Geo.polygon(b);
        Patience.take(1);
        if (!first.getEnvelopeInternal().intersects(second.getEnvelopeInternal())) {
            return false;
        }
        take(first, second);
        if (!a.flat().prepared().intersects(second)) {
            return false;
        }
        if (deep(a, b)) {
            return true;
        }
        Geometry both = within(a, b).orElseGet(() -> Geo.both(first, second));
        return 2 * both.getArea() > Geo.TOUCH * both.getLength() / 2;
    }

    static double shared(Outline a, Outline b) {
        Geometry second = Geo.polygon(b);
        Patience.take(second.getNumPoints());
        if (!a.flat().prepared().intersects(second)) {
            return 0;
        }
        return within(a, b).orElseGet(() -> Geo.both(Geo.polygon(a), second)).getArea();
    }

    /** Whether one covers so much of the other; exact only where boxes and level lines leave it open. */
    static boolean isShared(Outline piece, Outline by, double share) {
        double area = piece.area().squareMillimetres();
        if (piece.bounds().shared(by.bounds()) < share * area) {
            return false;
        }
        double rough = piece.flat().levelLines().share(by.flat().levelLines());
        return Math.abs(rough - share) > LevelLines.ROUGH ? rough > share : shared(by, piece) >= share * area;
    }

    /** Whether the middle of what their boxes share is seen at once to lie well inside both. */
    private static boolean deep(Outline a, Outline b) {
        Coordinate middle = Geo.polygon(a)
                .getEnvelopeInternal()
                .intersection(Geo.polygon(b).getEnvelopeInternal())
                .centre();
        return inside(a, middle) && inside(b, middle);
    }

    private static boolean inside(Outline outline, Coordinate point) {
        if (!outline.flat().prepared().contains(Geo.point(new Point(point.x, point.y)))
                || !(Geo.polygon(outline) instanceof Polygon polygon)) {
            return false;
        }
        double nearest =
                Distance.pointToSegmentString(point, polygon.getExteriorRing().getCoordinates());
        for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
            nearest = Math.min(
                    nearest,
                    Distance.pointToSegmentString(
                            point, polygon.getInteriorRingN(i).getCoordinates()));
        }
        return nearest > Geo.TOUCH;
    }

    /** The one that lies in the other, if one does: what both cover then. */
    private static Optional<Geometry> within(Outline a, Outline b) {
        Geometry first = Geo.polygon(a);
        Geometry second = Geo.polygon(b);
        take(first, second);
        if (first.equalsExact(second)) {
            return Optional.of(second);
        }
        if (first.getEnvelopeInternal().covers(second.getEnvelopeInternal())
                && a.flat().prepared().covers(second)) {
            return Optional.of(second);
        }
        return second.getEnvelopeInternal().covers(first.getEnvelopeInternal())
                        && b.flat().prepared().covers(first)
                ? Optional.of(first)
                : Optional.empty();
    }
}
