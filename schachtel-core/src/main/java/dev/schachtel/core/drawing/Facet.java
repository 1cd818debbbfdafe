package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.pose.Rigid;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * One flat face of the card in space.
 *
 * @param plane where it lies; its outward direction looks to the viewer
 * @param outline on that plane
 * @param whole whether nothing of it was cut off
 */
public record Facet(
        Id owner,
        SpaceView.Substance substance,
        Rigid plane,
        Outline outline,
        Colour colour,
        List<SpaceView.Paint> paints,
        boolean whole) {
    /** Planes nearer than this count as one, mm. */
    private static final double FLUSH = 1e-4;
    /** Larger than any card, mm. */
    private static final double FAR = 5_000;

    /** On both sides of a plane. */
    static final int BOTH = 2;

    /** What lies on either side of a plane. */
    record Sides(List<Facet> behind, List<Facet> before) {}

    /** Where a place of its own plane is. */
    public Vec at(Point p) {
        return plane.at(Vec.of(p));
    }

    /** Splits another face where this one's plane runs; before is where this one looks to. */
    Sides split(Facet other) {
        int side = side(other);
        if (side != BOTH) {
            return side > 0 ? new Sides(List.of(), List.of(other)) : new Sides(List.of(other), List.of());
        }
        return new Sides(other.kept(this, -1), other.kept(this, 1));
    }

    /** Below 0: another face lies behind this one's plane; 1: before it, or on it; {@link #BOTH}. */
    int side(Facet other) {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        Box box = other.outline.bounds();
        for (double x : new double[] {box.left(), box.right()}) {
            for (double y : new double[] {box.bottom(), box.top()}) {
                double d = distance(other.at(new Point(x, y)));
                low = Math.min(low, d);
                high = Math.max(high, d);
            }
        }
        if (low >= -FLUSH) {
            return 1;
        }
        return high <= FLUSH ? -1 : BOTH;
    }

    private double distance(Vec place) {
        return plane.out().dot(place.minus(plane.origin()));
    }

    /** What of it lies on one side of a plane. */
    private List<Facet> kept(Facet cutter, int side) {
        double atOrigin = cutter.distance(at(Point.ORIGIN));
        double x = cutter.plane.out().dot(plane.across());
        double y = cutter.plane.out().dot(plane.up());
        double length = Math.hypot(x, y);
        Point normal = new Point(side * x / length, side * y / length);
        Point on = new Point(-atOrigin * x / length / length, -atOrigin * y / length / length);
        Outline half = Outline.ofCorners(List.of(
                on.plus(-normal.y() * FAR, normal.x() * FAR),
                on.plus(normal.y() * FAR, -normal.x() * FAR),
                on.plus((normal.y() + normal.x()) * FAR, (normal.y() - normal.x()) * FAR),
                on.plus((normal.x() - normal.y()) * FAR, (normal.x() + normal.y()) * FAR)));
        List<Facet> pieces = new ArrayList<>();
        for (Outline piece : outline.common(half)) {
            pieces.add(new Facet(owner, substance, plane, piece, colour, paints, false));
        }
        return pieces;
    }
}
