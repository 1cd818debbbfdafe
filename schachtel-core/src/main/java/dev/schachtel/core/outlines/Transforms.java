package dev.schachtel.core.outlines;

import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.shape.Point;

/** The transforms of SVG attributes. */
final class Transforms {
    private static final Pattern STEP = Pattern.compile("([a-zA-Z]+)\\s*\\(([^)]*)\\)");

    private Transforms() {}

    /**
     * All steps that an attribute writes; the last of them comes first.
     *
     * @throws RefusedException if one is none that SVG has, or lacks figures
     */
    static AffineTransform parse(String text) {
        AffineTransform all = new AffineTransform();
        Matcher m = STEP.matcher(text);
        while (m.find()) {
            String inside = m.group(2).strip();
            String[] parts = inside.isEmpty() ? new String[0] : inside.split("[\\s,]+");
            double[] v = new double[parts.length];
            for (int i = 0; i < v.length; i++) {
                v[i] = SvgWalk.number(parts[i]);
            }
            all.concatenate(step(m.group(1), v));
        }
        return all;
    }

    private static AffineTransform step(String name, double[] v) {
        int n = v.length;
        return switch (name + n) {
            case "matrix6" -> new AffineTransform(v);
            case "translate1" -> AffineTransform.getTranslateInstance(v[0], 0);
            case "translate2" -> AffineTransform.getTranslateInstance(v[0], v[1]);
            case "scale1" -> AffineTransform.getScaleInstance(v[0], v[0]);
            case "scale2" -> AffineTransform.getScaleInstance(v[0], v[1]);
            case "rotate1" -> AffineTransform.getRotateInstance(Math.toRadians(v[0]));
            case "rotate3" -> AffineTransform.getRotateInstance(Math.toRadians(v[0]), v[1], v[2]);
            case "skewX1" -> AffineTransform.getShearInstance(Math.tan(Math.toRadians(v[0])), 0);
            case "skewY1" -> AffineTransform.getShearInstance(0, Math.tan(Math.toRadians(v[0])));
            default -> throw new RefusedException("file", "has the transform " + name + " with " + n + " figures");
        };
    }

    static Point moved(AffineTransform by, Point p) {
        Point2D to = by.transform(new Point2D.Double(p.x(), p.y()), null);
        return new Point(to.getX(), to.getY());
    }

    /** How much longer a line along one of the axes becomes, at most. */
    static double scale(AffineTransform by) {
        return Math.max(Math.hypot(by.getScaleX(), by.getShearY()), Math.hypot(by.getShearX(), by.getScaleY()));
    }
}
