package dev.schachtel.core.shape;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Length;

/**
 * A line that something moves along: its corner points in millimetres, arcs flattened with at most 0.005 mm of chord
 * error. A share runs from 0 at the start to 1 at the end, by length. Points that repeat are dropped.
 */
public final class Path {
    private final List<Point> points;
    private final double[] reached;

    private Path(List<Point> given) {
        List<Point> kept = new ArrayList<>();
        for (Point p : given) {
            if (kept.isEmpty() || kept.get(kept.size() - 1).distanceTo(p) > Mm.of(Length.ofMicrometres(1))) {
                kept.add(p);
            }
        }
        this.points = List.copyOf(kept);
        this.reached = new double[points.size()];
        for (int i = 1; i < reached.length; i++) {
            reached[i] = reached[i - 1] + points.get(i - 1).distanceTo(points.get(i));
        }
    }

    /** Straight from one point to the next; one point alone is a path of no length. */
    public static Path through(List<Point> points) {
        if (points.isEmpty()) {
            throw new IllegalArgumentException("a path needs a point");
        }
        return new Path(points);
    }

    /** Part of a circle, counter-clockwise for a positive sweep; angles from x. */
    public static Path arc(Point centre, Length radius, Angle from, Angle sweep) {
        double r = Math.max(Ring.CHORD_ERROR, Mm.of(radius));
        double step = 2 * Math.acos(Math.max(0, 1 - Ring.CHORD_ERROR / r));
        int chords = Math.max(1, (int) Math.ceil(Math.abs(sweep.radians()) / step));
        List<Point> all = new ArrayList<>();
        for (int i = 0; i <= chords; i++) {
            double a = from.radians() + sweep.radians() * i / chords;
            all.add(centre.plus(r * Math.cos(a), r * Math.sin(a)));
        }
        return new Path(all);
    }

    public List<Point> points() {
        return points;
    }

    /** To the nearest micrometre. */
    public Length length() {
        return Mm.length(reached[reached.length - 1]);
    }

    /** The point at a share of the length; shares below 0 and above 1 are held there. */
    public Point at(double share) {
        int i = leg(share);
        if (i == 0) {
            return points.get(0);
        }
        Point a = points.get(i - 1);
        Point b = points.get(i);
        double t = (held(share) * reached[reached.length - 1] - reached[i - 1]) / (reached[i] - reached[i - 1]);
        return a.plus((b.x() - a.x()) * t, (b.y() - a.y()) * t);
    }

    /** The direction of travel there, in radians from x; 0 for a path of no length. */
    public double heading(double share) {
        int i = leg(share);
        if (i == 0) {
            return points.size() < 2 ? 0 : angle(points.get(0), points.get(1));
        }
        return angle(points.get(i - 1), points.get(i));
    }

    /** The gentlest slope of any leg against the level, in radians from 0 to pi/2. */
    public double gentlestSlope() {
        double least = Math.PI / 2;
        for (int i = 1; i < points.size(); i++) {
            Point a = points.get(i - 1);
            Point b = points.get(i);
            least = Math.min(least, Math.atan2(Math.abs(b.y() - a.y()), Math.abs(b.x() - a.x())));
        }
        return points.size() < 2 ? 0 : least;
    }

    private static double angle(Point a, Point b) {
        return Math.atan2(b.y() - a.y(), b.x() - a.x());
    }

    private static double held(double share) {
        return Math.max(0, Math.min(1, share));
    }

    /** The index of the corner at the end of the leg that holds this share; 0 at the very start. */
    private int leg(double share) {
        double wanted = held(share) * reached[reached.length - 1];
        int i = 0;
        while (i < reached.length - 1 && reached[i] < wanted) {
            i++;
        }
        return i;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Path p && p.points.equals(points);
    }

    @Override
    public int hashCode() {
        return points.hashCode();
    }

    @Override
    public String toString() {
        return "Path" + points;
    }
}
