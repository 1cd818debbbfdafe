package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * The band of card on which words stand, mm, from the middle of their foot: straight, or between two circles about one middle.
 *
 * @param wide along the words
 * @param middle of the band, right of and above the middle of the foot
 * @param radius of the line on which they stand; less than 0 if the circle's middle lies above, 0 for straight
 */
record WordBand(double wide, double high, Point middle, double radius) {
    private static final double CHORD_ERROR = 0.005;

    /** With at least so much more all round. */
    Outline outline(double border) {
        double half = high / 2 + border;
        double reach = wide / 2 + border;
        if (radius == 0) {
            return Outline.ofCorners(List.of(
                    middle.plus(-reach, -half),
                    middle.plus(reach, -half),
                    middle.plus(reach, half),
                    middle.plus(-reach, half)));
        }
        double outer = line() + half;
        double angle = wide / 2 / Math.abs(radius) + Math.asin(Math.min(1, border / inner(0)));
        int steps = Math.max(8, (int) Math.ceil(angle / Math.acos(1 - CHORD_ERROR / outer)));
        List<Point> points = new ArrayList<>();
        for (int i = -steps; i <= steps; i++) {
            points.add(on(outer, angle * i / steps));
        }
        for (int i = steps; i >= -steps; i--) {
            points.add(on(inner(border), angle * i / steps));
        }
        return Outline.ofCorners(points);
    }

    /** The radius of its inner edge. */
    double inner(double border) {
        return line() - high / 2 - border;
    }

    /** The radius of its middle line. */
    private double line() {
        return Math.abs(radius) + Math.signum(radius) * middle.y();
    }

    private Point on(double r, double angle) {
        return new Point(r * Math.sin(angle), Math.signum(radius) * r * Math.cos(angle) - radius);
    }
}
