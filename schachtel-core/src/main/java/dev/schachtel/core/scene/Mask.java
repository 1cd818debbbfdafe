package dev.schachtel.core.scene;

import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * Which millimetres of the plane an outline takes, for searches that ask very often; whatever is found with it is
 * measured on the true outlines afterwards. A cell is taken if its middle is, or if the outline only passes through.
 */
final class Mask {
    private final int left;
    private final int bottom;
    private final long[][] rows;

    private Mask(int left, int bottom, long[][] rows) {
        this.left = left;
        this.bottom = bottom;
        this.rows = rows;
    }

    static Mask of(Outline outline) {
        Box box = outline.bounds();
        int left = (int) Math.floor(box.left());
        int bottom = (int) Math.floor(box.bottom());
        int wide = (int) Math.ceil(box.right()) - left + 1;
        int high = (int) Math.ceil(box.top()) - bottom + 1;
        long[][] rows = new long[high][(wide + 63) / 64];
        for (int y = 0; y < high; y++) {
            for (Outline.Span span : outline.across(bottom + y + 0.5)) {
                for (int x = (int) Math.floor(span.from()) - left; x <= span.to() - left; x++) {
                    set(rows, x, y);
                }
            }
        }
        for (Point p : outline.outer().flattened()) {
            set(rows, (int) Math.floor(p.x()) - left, (int) Math.floor(p.y()) - bottom);
        }
        return new Mask(left, bottom, rows);
    }

    private static void set(long[][] rows, int x, int y) {
        if (y >= 0 && y < rows.length && x >= 0 && x >> 6 < rows[y].length) {
            rows[y][x >> 6] |= 1L << (x & 63);
        }
    }

    /** How many square millimetres two share when this is moved by (dx, dy). */
    int shared(int dx, int dy, Mask other, int ox, int oy) {
        int x = left + dx - other.left - ox;
        int y = bottom + dy - other.bottom - oy;
        int from = Math.max(0, -y);
        int to = Math.min(rows.length, other.rows.length - y);
        int sum = 0;
        for (int r = from; r < to; r++) {
            long[] mine = rows[r];
            long[] its = other.rows[r + y];
            for (int w = 0; w < mine.length; w++) {
                if (mine[w] != 0) {
                    sum += Long.bitCount(mine[w] & word(its, (w << 6) + x));
                }
            }
        }
        return sum;
    }

    /** 64 cells of a row from there on. */
    private static long word(long[] row, int from) {
        int w = Math.floorDiv(from, 64);
        int bit = Math.floorMod(from, 64);
        long low = w >= 0 && w < row.length ? row[w] >>> bit : 0;
        long high = bit > 0 && w + 1 >= 0 && w + 1 < row.length ? row[w + 1] << (64 - bit) : 0;
        return low | high;
    }

    /** With all cells that are nearer than so many to one of it. */
    Mask grown(int by) {
        int high = rows.length + 2 * by;
        int words = (rows[0].length * 64 + 2 * by + 63) / 64;
        long[][] more = new long[high][words];
        for (int dy = -by; dy <= by; dy++) {
            int reach = (int) Math.sqrt(by * by - dy * dy);
            for (int r = 0; r < rows.length; r++) {
                long[] to = more[r + dy + by];
                for (int dx = by - reach; dx <= by + reach; dx++) {
                    for (int w = 0; w < words; w++) {
                        to[w] |= word(rows[r], (w << 6) - dx);
                    }
                }
            }
        }
        return new Mask(left - by, bottom - by, more);
    }
}
