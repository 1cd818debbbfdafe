package dev.schachtel.core.shape;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.measure.Length;

/** Outlines by name and overall size, from the origin to the right and up. Sizes of zero or less count as 0.001 mm. */
public final class Silhouettes {
    private static final double LEAST = 0.001;
    private static final double RIGHT_ANGLE = Math.PI / 2;

    private Silhouettes() {}

    private static double size(Length length) {
        return Math.max(LEAST, Mm.of(length));
    }

    /** A rectangle under a half ellipse as wide as it; the half ellipse is half as high as it is wide, or all there is. */
    public static Outline arch(Length width, Length height) {
        double w = size(width);
        double h = size(height);
        double rise = Math.min(w / 2, h);
        Segment.Bow top =
                new Segment.Bow(new Point(w / 2, h - rise), new Segment.Radii(w / 2, rise), 0, 0, 2 * RIGHT_ANGLE);
        List<Segment> all = List.of(
                new Segment.Line(new Point(w, 0)),
                new Segment.Line(new Point(w, h - rise)),
                top,
                new Segment.Line(Point.ORIGIN));
        return new Outline(new Ring(Point.ORIGIN, all), List.of());
    }

    /** A rectangle with a quarter circle bitten out of each corner, its radius an eighth of the shorter side. */
    public static Outline ticket(Length width, Length height) {
        double w = size(width);
        double h = size(height);
        double r = Math.min(w, h) / 8;
        Segment.Radii radii = new Segment.Radii(r, r);
        List<Segment> all = List.of(
                new Segment.Line(new Point(w - r, 0)),
                new Segment.Bow(new Point(w, 0), radii, 0, 2 * RIGHT_ANGLE, -RIGHT_ANGLE),
                new Segment.Line(new Point(w, h - r)),
                new Segment.Bow(new Point(w, h), radii, 0, 3 * RIGHT_ANGLE, -RIGHT_ANGLE),
                new Segment.Line(new Point(r, h)),
                new Segment.Bow(new Point(0, h), radii, 0, 4 * RIGHT_ANGLE, -RIGHT_ANGLE),
                new Segment.Line(new Point(0, r)),
                new Segment.Bow(Point.ORIGIN, radii, 0, RIGHT_ANGLE, -RIGHT_ANGLE));
        return new Outline(new Ring(new Point(r, 0), all), List.of());
    }

    /** Pointed at the foot: the lower quarter runs to a point in the middle. */
    public static Outline pennant(Length width, Length height) {
        double w = size(width);
        double h = size(height);
        return Outline.ofCorners(List.of(
                new Point(w / 2, 0), new Point(w, h / 4), new Point(w, h), new Point(0, h), new Point(0, h / 4)));
    }

    /** A wall of two thirds of the height under a roof. */
    public static Outline house(Length width, Length height) {
        double w = size(width);
        double h = size(height);
        return Outline.ofCorners(List.of(
                Point.ORIGIN, new Point(w, 0), new Point(w, h * 2 / 3), new Point(w / 2, h), new Point(0, h * 2 / 3)));
    }

    /** A lantern: a narrow foot and cap, the body wider and six-sided. */
    public static Outline lantern(Length width, Length height) {
        double w = size(width);
        double h = size(height);
        return Outline.ofCorners(List.of(
                new Point(w * 0.25, 0),
                new Point(w * 0.75, 0),
                new Point(w, h * 0.35),
                new Point(w * 0.85, h * 0.85),
                new Point(w * 0.6, h),
                new Point(w * 0.4, h),
                new Point(w * 0.15, h * 0.85),
                new Point(0, h * 0.35)));
    }

    /**
     * A rectangle whose right edge is a row of bows, as a partial die cut leaves it: bows between depth deep and none,
     * the left edge whole.
     */
    public static Outline scalloped(Length width, Length height, Length depth) {
        double w = size(width);
        double h = size(height);
        double d = Math.min(Math.max(LEAST, Mm.of(depth)), w / 2);
        int n = (int) Math.max(1, Math.round(h / (4 * d)));
        double each = h / n;
        List<Segment> all = new ArrayList<>();
        all.add(new Segment.Line(new Point(w - d, 0)));
        for (int i = 0; i < n; i++) {
            all.add(new Segment.Bow(
                    new Point(w - d, each * (i + 0.5)),
                    new Segment.Radii(d, each / 2),
                    0,
                    -RIGHT_ANGLE,
                    2 * RIGHT_ANGLE));
        }
        all.add(new Segment.Line(new Point(0, h)));
        all.add(new Segment.Line(Point.ORIGIN));
        return new Outline(new Ring(Point.ORIGIN, all), List.of());
    }
}
