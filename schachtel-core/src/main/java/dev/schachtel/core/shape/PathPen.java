package dev.schachtel.core.shape;

import java.util.ArrayList;
import java.util.List;

/** Follows the commands of SVG path data and flattens what is curved. */
final class PathPen {
    private static final double LARGEST = 1e5;
    private final List<Point> points = new ArrayList<>();
    private final double error;
    private Point now;
    private Point control;
    private char last = ' ';
    private boolean closed;

    PathPen() {
        this(Point.ORIGIN, Ring.CHORD_ERROR);
    }

    /** Starts at a point; bows differ by this much from their chords at most, in the figures' own unit. */
    PathPen(Point start, double error) {
        this.now = start;
        this.control = start;
        this.error = error;
    }

    /** For the next figure of the same data: from here, or from its start if that was closed. */
    PathPen next() {
        return new PathPen(closed && !points.isEmpty() ? points.get(0) : now, error);
    }

    boolean began() {
        return !points.isEmpty();
    }

    boolean closed() {
        return closed;
    }

    Point at() {
        return now;
    }

    List<Point> points() {
        return points;
    }

    /** Whether the command could be drawn; figures beyond 100 m are refused. */
    boolean draw(char command, double[] f) {
        for (double figure : f) {
            if (!(Math.abs(figure) <= LARGEST)) {
                return false;
            }
        }
        char kind = Character.toLowerCase(command);
        if (points.isEmpty() && kind != 'm') {
            return false;
        }
        boolean relative = kind == command;
        Point from = relative ? now : Point.ORIGIN;
        switch (kind) {
            case 'm', 'l' -> to(from.plus(f[0], f[1]));
            case 'h' -> to(new Point(from.x() + f[0], now.y()));
            case 'v' -> to(new Point(now.x(), from.y() + f[0]));
            case 'c' -> cubic(from.plus(f[0], f[1]), from.plus(f[2], f[3]), from.plus(f[4], f[5]));
            case 's' -> cubic(reflected("cs"), from.plus(f[0], f[1]), from.plus(f[2], f[3]));
            case 'q' -> quadratic(from.plus(f[0], f[1]), from.plus(f[2], f[3]));
            case 't' -> quadratic(reflected("qt"), from.plus(f[0], f[1]));
            case 'a' -> arc(f, from.plus(f[5], f[6]));
            default -> closed = true;
        }
        last = kind;
        return true;
    }

    private void to(Point next) {
        if (points.isEmpty() || points.get(points.size() - 1).distanceTo(next) > 1e-6) {
            points.add(next);
        }
        now = next;
        control = next;
    }

    private Point reflected(String after) {
        return after.indexOf(last) >= 0 ? new Point(2 * now.x() - control.x(), 2 * now.y() - control.y()) : now;
    }

    private void quadratic(Point c, Point end) {
        Point start = now;
        cubic(
                start.plus((c.x() - start.x()) * 2 / 3, (c.y() - start.y()) * 2 / 3),
                end.plus((c.x() - end.x()) * 2 / 3, (c.y() - end.y()) * 2 / 3),
                end);
        control = c;
    }

    /** Chord error of a cubic in n pieces: at most 3/4 of its greatest second difference over n squared. */
    private void cubic(Point a, Point b, Point end) {
        Point start = now;
        double bend = Math.max(
                Math.hypot(start.x() - 2 * a.x() + b.x(), start.y() - 2 * a.y() + b.y()),
                Math.hypot(a.x() - 2 * b.x() + end.x(), a.y() - 2 * b.y() + end.y()));
        int n = (int) Math.max(1, Math.min(400, Math.ceil(Math.sqrt(0.75 * bend / error))));
        for (int i = 1; i <= n; i++) {
            double t = i / (double) n;
            double u = 1 - t;
            double x = u * u * u * start.x() + 3 * u * u * t * a.x() + 3 * u * t * t * b.x() + t * t * t * end.x();
            double y = u * u * u * start.y() + 3 * u * u * t * a.y() + 3 * u * t * t * b.y() + t * t * t * end.y();
            to(new Point(x, y));
        }
        control = b;
    }

    /** An elliptical arc by its end points; SVG 2, appendix B.2.4. */
    private void arc(double[] f, Point end) {
        double rx = Math.abs(f[0]);
        double ry = Math.abs(f[1]);
        if (rx == 0 || ry == 0 || now.distanceTo(end) == 0) {
            to(end);
            return;
        }
        double tilt = Math.toRadians(f[2]);
        double cos = Math.cos(tilt);
        double sin = Math.sin(tilt);
        double dx = (now.x() - end.x()) / 2;
        double dy = (now.y() - end.y()) / 2;
        double x = cos * dx + sin * dy;
        double y = -sin * dx + cos * dy;
        double grow = Math.sqrt(Math.max(1, x * x / (rx * rx) + y * y / (ry * ry)));
        rx *= grow;
        ry *= grow;
        double under = rx * rx * y * y + ry * ry * x * x;
        double factor = Math.sqrt(Math.max(0, (rx * rx * ry * ry - under) / under)) * (f[3] == f[4] ? -1 : 1);
        double cx = factor * rx * y / ry;
        double cy = -factor * ry * x / rx;
        Point middle = now.midway(end).plus(cos * cx - sin * cy, sin * cx + cos * cy);
        double from = Math.atan2((y - cy) / ry, (x - cx) / rx);
        double sweep = Math.atan2((-y - cy) / ry, (-x - cx) / rx) - from;
        sweep += f[4] != 0 && sweep < 0 ? 2 * Math.PI : f[4] == 0 && sweep > 0 ? -2 * Math.PI : 0;
        Segment.Bow bow = new Segment.Bow(middle, new Segment.Radii(rx, ry), tilt, from, sweep);
        double step = 2 * Math.acos(Math.max(0, 1 - error / Math.max(rx, ry)));
        int n = (int) Math.max(1, Math.ceil(Math.abs(sweep) / step));
        for (int i = 1; i < n; i++) {
            to(bow.at(from + sweep * i / n));
        }
        to(end);
    }
}
