package dev.schachtel.core.scene;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.DoubleStream;

import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/** What pieces stand on: lines, and the ground pieces of a scene by their upper edges, half a millimetre apart. Ground has no overhang. */
final class Ground {
    private static final double STEP = 0.5;
    private final List<Profile> pieces;
    private final List<Double> lines;

    Ground(Scenery scenery) {
        this(scenery, Profile::of);
    }

    /** With profiles that may be known already. */
    Ground(Scenery scenery, Function<Outline, Profile> profiles) {
        pieces = scenery.pieces().stream()
                .filter(Placed::isGround)
                .map(p -> profiles.apply(p.outline()))
                .toList();
        lines = scenery.lines();
    }

    /** The upper edge of one piece from the left; not a number where it has none. */
    record Profile(Box box, double[] tops) {
        static Profile of(Outline piece) {
            Box box = piece.bounds();
            List<Point> line = piece.outer().flattened();
            double[] tops = new double[(int) Math.ceil(box.width() / STEP) + 1];
            for (int i = 0; i < tops.length; i++) {
                double x = Math.min(box.left() + i * STEP, box.right());
                tops[i] = upper(line, x);
            }
            return new Profile(box, tops);
        }

        /** The highest point of a closed line there. */
        private static double upper(List<Point> line, double x) {
            double most = Double.NaN;
            for (int i = 0; i < line.size(); i++) {
                Point a = line.get(i);
                Point b = line.get((i + 1) % line.size());
                if (Math.min(a.x(), b.x()) <= x && x <= Math.max(a.x(), b.x())) {
                    double share = a.x() == b.x() ? 0 : (x - a.x()) / (b.x() - a.x());
                    double y = a.x() == b.x() ? Math.max(a.y(), b.y()) : a.y() + (b.y() - a.y()) * share;
                    most = Double.isNaN(most) ? y : Math.max(most, y);
                }
            }
            return most;
        }

        double top(double x) {
            if (x < box.left() || x > box.right()) {
                return Double.NaN;
            }
            double at = (x - box.left()) / STEP;
            int i = Math.min((int) at, tops.length - 2);
            return tops[i] + (tops[i + 1] - tops[i]) * (at - i);
        }
    }

    boolean isThere() {
        return !pieces.isEmpty() || !lines.isEmpty();
    }

    /**
     * How far a foot is above the nearest ground; 0 within a piece of ground, less than 0 below a line; empty where there is
     * none.
     */
    OptionalDouble below(Point foot) {
        double least = Double.MAX_VALUE;
        for (double line : lines) {
            double over = foot.y() - line;
            least = Math.abs(over) < Math.abs(least) ? over : least;
        }
        for (Profile piece : pieces) {
            double top = piece.top(foot.x());
            if (foot.y() >= piece.box.bottom() && foot.y() <= top) {
                return OptionalDouble.of(0);
            }
            if (top <= foot.y() && foot.y() - top < Math.abs(least)) {
                least = foot.y() - top;
            }
        }
        return least == Double.MAX_VALUE ? OptionalDouble.empty() : OptionalDouble.of(least);
    }

    /** The highest ground there. */
    OptionalDouble surface(double x) {
        return DoubleStream.concat(
                        pieces.stream().mapToDouble(p -> p.top(x)).filter(top -> !Double.isNaN(top)),
                        lines.stream().mapToDouble(l -> l))
                .max();
    }
}
