package dev.schachtel.core.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * The cells of 1 mm that an outline and half a gap round it take up, none left out: a cell counts when its middle lies
 * within the outline grown by half the gap and half a cell's diagonal.
 */
final class Stencil {
    private static final double HALF_DIAGONAL = Math.sqrt(0.5);

    final Outline outline;
    final int wide;
    final int high;
    /** Where the outline's own box begins within the cells, in mm. */
    final double inset;

    private final long[][] rows;

    private Stencil(Outline outline, double inset, int wide, long[][] rows) {
        this.outline = outline;
        this.inset = inset;
        this.wide = wide;
        this.high = rows.length;
        this.rows = rows;
    }

    static Stencil of(Outline outline, Length gap) {
        double more = gap.nanometres() / 2e6 + HALF_DIAGONAL;
        Outline grown = outline.grown(Length.ofMicrometres((long) Math.ceil(more * 1000)));
        Box own = outline.bounds();
        double inset = gap.nanometres() / 2e6;
        double left = own.left() - inset;
        double foot = own.bottom() - inset;
        int wide = (int) Math.ceil(own.width() + 2 * inset - 1e-6);
        int high = (int) Math.ceil(own.height() + 2 * inset - 1e-6);
        List<List<Point>> rings = new ArrayList<>(List.of(grown.outer().flattened()));
        grown.holes().forEach(h -> rings.add(h.flattened()));
        long[][] rows = new long[high][(wide + 63) / 64];
        for (int y = 0; y < high; y++) {
            double[] ends = crossings(rings, foot + y + 0.5);
            for (int i = 0; i + 1 < ends.length; i += 2) {
                int from = Math.max(0, (int) Math.ceil(ends[i] - left - 0.5));
                int to = Math.min(wide - 1, (int) Math.floor(ends[i + 1] - left - 0.5));
                for (int x = from; x <= to; x++) {
                    rows[y][x >> 6] |= 1L << (x & 63);
                }
            }
        }
        return new Stencil(outline, inset, wide, rows);
    }

    /** Where a level line enters and leaves, from left to right. */
    private static double[] crossings(List<List<Point>> rings, double y) {
        double[] found = new double[8];
        int n = 0;
        for (List<Point> ring : rings) {
            Point a = ring.get(ring.size() - 1);
            for (Point b : ring) {
                if (a.y() <= y != b.y() <= y) {
                    found = n == found.length ? Arrays.copyOf(found, 2 * n) : found;
                    found[n++] = a.x() + (b.x() - a.x()) * (y - a.y()) / (b.y() - a.y());
                }
                a = b;
            }
        }
        double[] ends = Arrays.copyOf(found, n);
        Arrays.sort(ends);
        return ends;
    }

    /** A mat of cells, free or taken. */
    static final class Mat {
        private final int wide;
        private final int high;
        private final long[][] taken;

        Mat(int wide, int high) {
            this.wide = wide;
            this.high = high;
            this.taken = new long[high][(wide + 63) / 64 + 1];
        }

        int wide() {
            return wide;
        }

        int high() {
            return high;
        }

        boolean takes(Stencil s, int x, int y) {
            if (x + s.wide > wide || y + s.high > high) {
                return false;
            }
            int word = x >> 6;
            int shift = x & 63;
            for (int r = 0; r < s.high; r++) {
                long[] row = taken[y + r];
                long[] own = s.rows[r];
                for (int i = 0; i < own.length; i++) {
                    if ((row[word + i] & own[i] << shift) != 0
                            || shift > 0 && (row[word + i + 1] & own[i] >>> 64 - shift) != 0) {
                        return false;
                    }
                }
            }
            return true;
        }

        void take(Stencil s, int x, int y) {
            int word = x >> 6;
            int shift = x & 63;
            for (int r = 0; r < s.high; r++) {
                for (int i = 0; i < s.rows[r].length; i++) {
                    taken[y + r][word + i] |= s.rows[r][i] << shift;
                    if (shift > 0) {
                        taken[y + r][word + i + 1] |= s.rows[r][i] >>> 64 - shift;
                    }
                }
            }
        }
    }
}
