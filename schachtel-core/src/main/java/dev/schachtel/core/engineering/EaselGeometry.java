package dev.schachtel.core.engineering;

import java.util.Optional;

import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Point;

/**
 * An easel from the side: hinge at the origin, x forward along the table. Face height H, crease b above its lower edge,
 * strut a = H - b. At lean t the lower edge stands s = b cos t + sqrt(a^2 - (b sin t)^2) from the hinge; without a real
 * root it can't stand so. Plane trigonometry of the triangle hinge, crease, lower edge.
 *
 * <p>Example: H 139.7, b 69.85, lean 65: s = 59.04, top at (0, 126.61); b 80 at 65 has no solution.
 */
record EaselGeometry(Length height, Length crease) {
    Length strut() {
        return height.minus(crease);
    }

    /** The stop's distance for a lean in degrees from the table. */
    Optional<Length> stop(double lean) {
        double a = Mm.of(strut());
        double b = Mm.of(crease);
        double t = Math.toRadians(lean);
        double under = a * a - Math.pow(b * Math.sin(t), 2);
        return under < 0 ? Optional.empty() : Optional.of(Mm.length(b * Math.cos(t) + Math.sqrt(under)));
    }

    /** The lean in degrees for a stop: by the law of cosines, cos t = (b^2 + s^2 - a^2) / (2 b s). */
    Optional<Double> lean(Length stop) {
        double a = Mm.of(strut());
        double b = Mm.of(crease);
        double s = Mm.of(stop);
        double cos = (b * b + s * s - a * a) / (2 * b * s);
        return !(Math.abs(cos) < 1) ? Optional.empty() : Optional.of(Math.toDegrees(Math.acos(cos)));
    }

    /** Where the crease stands. */
    Point creaseAt(double stop, double lean) {
        double t = Math.toRadians(lean);
        return new Point(stop - Mm.of(crease) * Math.cos(t), Mm.of(crease) * Math.sin(t));
    }

    /** Where the top of the face stands. */
    Point topAt(double stop, double lean) {
        double t = Math.toRadians(lean);
        return new Point(stop - Mm.of(height) * Math.cos(t), Mm.of(height) * Math.sin(t));
    }
}
