package dev.schachtel.core.outlines;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.shape.Point;

/** x' = a x + c y + e, y' = b x + d y + f, as SVG writes matrices. */
record Affine(double a, double b, double c, double d, double e, double f) {
    static final Affine SAME = new Affine(1, 0, 0, 1, 0, 0);
    private static final Pattern STEP = Pattern.compile("([a-zA-Z]+)\\s*\\(([^)]*)\\)");

    static Affine scaled(double x, double y) {
        return new Affine(x, 0, 0, y, 0, 0);
    }

    static Affine moved(double x, double y) {
        return new Affine(1, 0, 0, 1, x, y);
    }

    /** The other first, then this. */
    Affine then(Affine o) {
        return new Affine(
                a * o.a + c * o.b,
                b * o.a + d * o.b,
                a * o.c + c * o.d,
                b * o.c + d * o.d,
                a * o.e + c * o.f + e,
                b * o.e + d * o.f + f);
    }

    Point of(Point p) {
        return new Point(a * p.x() + c * p.y() + e, b * p.x() + d * p.y() + f);
    }

    /** How much longer a line can become. */
    double scale() {
        return Math.max(Math.hypot(a, b), Math.hypot(c, d));
    }

    /** The transforms of an SVG attribute, all of them. */
    static Affine parse(String text) {
        Affine all = SAME;
        Matcher m = STEP.matcher(text);
        while (m.find()) {
            String inside = m.group(2).strip();
            String[] parts = inside.isEmpty() ? new String[0] : inside.split("[\\s,]+");
            double[] v = new double[parts.length];
            for (int i = 0; i < v.length; i++) {
                v[i] = SvgOutlines.number(parts[i]);
            }
            all = all.then(step(m.group(1), v));
        }
        return all;
    }

    private static Affine step(String name, double[] v) {
        int n = v.length;
        return switch (name + n) {
            case "matrix6" -> new Affine(v[0], v[1], v[2], v[3], v[4], v[5]);
            case "translate1" -> moved(v[0], 0);
            case "translate2" -> moved(v[0], v[1]);
            case "scale1" -> scaled(v[0], v[0]);
            case "scale2" -> scaled(v[0], v[1]);
            case "rotate1" -> turned(v[0]);
            case "rotate3" -> moved(v[1], v[2]).then(turned(v[0])).then(moved(-v[1], -v[2]));
            case "skewX1" -> new Affine(1, 0, Math.tan(Math.toRadians(v[0])), 1, 0, 0);
            case "skewY1" -> new Affine(1, Math.tan(Math.toRadians(v[0])), 0, 1, 0, 0);
            default -> throw new RefusedException("file", "has the transform " + name + " with " + n + " figures");
        };
    }

    private static Affine turned(double degrees) {
        double t = Math.toRadians(degrees);
        return new Affine(Math.cos(t), Math.sin(t), -Math.sin(t), Math.cos(t), 0, 0);
    }
}
