package dev.schachtel.core.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

import dev.schachtel.core.measure.Angle;
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

    /** The outline in its four quarter turns, the one it has first; it is grown only once. */
    static List<Stencil> turns(Outline outline, Length gap) {
        double more = gap.nanometres() / 2e6 + HALF_DIAGONAL;
        Outline grown = outline.grown(Length.ofMicrometres((long) Math.ceil(more * 1000)));
        List<List<Point>> rings = new ArrayList<>(grown.corners());
        List<Stencil> turns = new ArrayList<>();
        for (int quarter = 0; quarter < 4; quarter++) {
            Outline turned = quarter == 0 ? outline : outline.turned(Point.ORIGIN, Angle.ofDegrees(90 * quarter));
            turns.add(of(turned, rings, gap));
            rings.replaceAll(
                    ring -> ring.stream().map(p -> new Point(-p.y(), p.x())).toList());
        }
        return turns;
    }

    private static Stencil of(Outline outline, List<List<Point>> rings, Length gap) {
        Box own = outline.bounds();
        double inset = gap.nanometres() / 2e6;
        double left = own.left() - inset;
        double foot = own.bottom() - inset;
        int wide = (int) Math.ceil(own.width() + 2 * inset - 1e-6);
        int high = (int) Math.ceil(own.height() + 2 * inset - 1e-6);
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

        /** 0 if the shape may lie there, else by how many cells at least it must move to the right. */
        int blocked(Stencil s, int x, int y) {
            int word = x >> 6;
            int shift = x & 63;
            for (int r = 0; r < s.high; r++) {
                long[] row = taken[y + r];
                long[] own = s.rows[r];
                for (int i = 0; i < own.length; i++) {
                    long under = shift == 0 ? row[word + i] : row[word + i] >>> shift | row[word + i + 1] << 64 - shift;
                    long both = under & own[i];
                    if (both != 0) {
                        return pastRun(own[i], 63 - Long.numberOfLeadingZeros(both));
                    }
                }
            }
            return 0;
        }

        /** A taken cell under a run of the shape's cells stays under it until the run's first cell has passed it. */
        private static int pastRun(long cells, int at) {
            long gaps = ~cells & (1L << at) - 1;
            return at - (63 - Long.numberOfLeadingZeros(gaps));
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
