package dev.schachtel.core.shape;

/** One piece of a ring, from where the last one ended. */
public sealed interface Segment {
    Point end();

    <R> R tell(Cases<R> cases);

    /** Straight to the end. */
    record Line(Point end) implements Segment {
        @Override
        public <R> R tell(Cases<R> cases) {
            return cases.line(this);
        }
    }

    /**
     * Part of an ellipse (a circle when both radii agree). Tilt turns its first axis from x; from and sweep are in the
     * ellipse's own parameter. All angles in radians, counter-clockwise.
     */
    record Bow(Point centre, Radii radii, double tilt, double from, double sweep) implements Segment {
        Point at(double angle) {
            double u = radii.first * Math.cos(angle);
            double v = radii.second * Math.sin(angle);
            if (tilt == 0) {
                return centre.plus(u, v);
            }
            return centre.plus(u * Math.cos(tilt) - v * Math.sin(tilt), u * Math.sin(tilt) + v * Math.cos(tilt));
        }

        Point start() {
            return at(from);
        }

        @Override
        public Point end() {
            return at(from + sweep);
        }

        @Override
        public <R> R tell(Cases<R> cases) {
            return cases.bow(this);
        }
    }

    /** Half axes of an ellipse in millimetres. */
    record Radii(double first, double second) {}

    /** One answer for each kind of segment. */
    interface Cases<R> {
        R line(Line line);

        R bow(Bow bow);
    }
}
