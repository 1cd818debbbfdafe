package dev.schachtel.core.colour;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;

import dev.schachtel.core.shape.Point;

/** Finds the black squares in the corners of a swatch chart. */
final class Squares {
    /** Of the longer side of a scan: no smaller square, and no larger one, is a corner of the chart. */
    private static final double LEAST = 0.012;

    private static final double MOST = 0.07;
    /** A square may lie turned by some degrees: its box is larger then, and less full. */
    private static final double SQUARE = 1.25;

    /** So much of its box is dark at least; of one with a white middle a quarter is missing. */
    private static final double FULL = 0.5;

    private Squares() {}

    /**
     * A dark patch that may be a corner.
     *
     * @param dark whether its middle is
     */
    record Square(Point middle, double side, boolean dark) {
        boolean isHollow() {
            return !dark;
        }
    }

    /** With the clock from the upper left; fewer than four where some are missing. */
    static List<Square> corners(Raster scan) {
        List<Square> all = squares(scan);
        List<Square> found = new ArrayList<>();
        double w = scan.width();
        double h = scan.height();
        for (Point corner : List.of(new Point(0, 0), new Point(w, 0), new Point(w, h), new Point(0, h))) {
            all.stream()
                    .filter(s -> s.middle.distanceTo(corner) < 0.35 * Math.hypot(w, h))
                    .min(Comparator.comparingDouble(s -> s.middle.distanceTo(corner)))
                    .filter(s -> !found.contains(s))
                    .ifPresent(found::add);
        }
        boolean alike = found.stream().mapToDouble(Square::side).max().orElse(0)
                < 1.3 * found.stream().mapToDouble(Square::side).min().orElse(0);
        return alike ? found : List.of();
    }

    private static List<Square> squares(Raster scan) {
        int dark = threshold(scan);
        boolean[] seen = new boolean[scan.width() * scan.height()];
        List<Square> all = new ArrayList<>();
        double longer = Math.max(scan.width(), scan.height());
        for (int y = 0; y < scan.height(); y++) {
            for (int x = 0; x < scan.width(); x++) {
                if (!seen[y * scan.width() + x] && scan.grey(x, y) < dark) {
                    Patch patch = patch(scan, dark, seen, x, y);
                    if (patch.isSquare(LEAST * longer, MOST * longer)) {
                        all.add(patch.square(scan, dark));
                    }
                }
            }
        }
        return all;
    }

    /** A third of the way from the darkest to the lightest, leaving out strays. */
    private static int threshold(Raster scan) {
        int[] count = new int[256];
        for (int y = 0; y < scan.height(); y++) {
            for (int x = 0; x < scan.width(); x++) {
                count[scan.grey(x, y)]++;
            }
        }
        int stray = scan.width() * scan.height() / 500;
        int low = 0;
        for (int sum = 0; low < 255 && (sum += count[low]) < stray; ) {
            low++;
        }
        int high = 255;
        for (int sum = 0; high > 0 && (sum += count[high]) < stray; ) {
            high--;
        }
        return low + Math.max(1, (high - low) / 3);
    }

    /** Dark points that hang together. */
    private record Patch(int left, int top, int right, int bottom, int count, long sumX, long sumY) {
        boolean isSquare(double least, double most) {
            double wide = right - left + 1;
            double high = bottom - top + 1;
            double fill = count / (wide * high);
            return Math.min(wide, high) >= least
                    && Math.max(wide, high) <= most
                    && Math.max(wide, high) <= SQUARE * Math.min(wide, high)
                    && fill >= FULL;
        }

        Square square(Raster scan, int dark) {
            double wide = right - left + 1;
            double high = bottom - top + 1;
            Point middle = new Point((double) sumX / count, (double) sumY / count);
            boolean inside = scan.grey((int) Math.round(middle.x()), (int) Math.round(middle.y())) < dark;
            return new Square(middle, Math.sqrt(wide * high), inside);
        }
    }

    private static Patch patch(Raster scan, int dark, boolean[] seen, int x0, int y0) {
        Deque<Integer> next = new ArrayDeque<>(List.of(y0 * scan.width() + x0));
        seen[y0 * scan.width() + x0] = true;
        int[] box = {x0, y0, x0, y0};
        int count = 0;
        long sumX = 0;
        long sumY = 0;
        while (!next.isEmpty()) {
            int at = next.poll();
            int x = at % scan.width();
            int y = at / scan.width();
            box = new int[] {Math.min(box[0], x), Math.min(box[1], y), Math.max(box[2], x), Math.max(box[3], y)};
            count++;
            sumX += x;
            sumY += y;
            for (int[] step : new int[][] {{1, 0}, {-1, 0}, {0, 1}, {0, -1}}) {
                int nx = x + step[0];
                int ny = y + step[1];
                boolean in = nx >= 0 && ny >= 0 && nx < scan.width() && ny < scan.height();
                if (in && !seen[ny * scan.width() + nx] && scan.grey(nx, ny) < dark) {
                    seen[ny * scan.width() + nx] = true;
                    next.add(ny * scan.width() + nx);
                }
            }
        }
        return new Patch(box[0], box[1], box[2], box[3], count, sumX, sumY);
    }
}
