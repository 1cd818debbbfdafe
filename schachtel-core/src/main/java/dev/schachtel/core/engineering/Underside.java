package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntConsumer;

import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * A piece in cells of half a millimetre or less, each with what lies under it, and where squares of foam have room behind it. A cell
 * counts by its middle; squares keep one cell more from every edge than asked, so that they lie truly inside.
 */
final class Underside {
    /** Nothing known lies under a cell. */
    static final int NOTHING = -1;

    private static final double CELL = 0.5;
    /** Slim pieces have so many cells across at least, as far as that makes no more than the most along. */
    private static final int LEAST = 40;

    private static final int MOST = 200;
    /** Middles of squares are at least so many sides apart. */
    private static final double APART = 1.5;

    private final Box box;
    private final double cell;
    private final int wide;
    private final int high;
    private final boolean[] own;
    private final int[] under;

    Underside(Outline piece) {
        this.box = piece.bounds();
        double fine = Math.min(CELL, Math.min(box.width(), box.height()) / LEAST);
        this.cell = Math.max(fine, Math.max(box.width(), box.height()) / MOST);
        this.wide = (int) Math.ceil(box.width() / cell);
        this.high = (int) Math.ceil(box.height() / cell);
        this.own = new boolean[wide * high];
        this.under = new int[wide * high];
        Arrays.fill(under, NOTHING);
        each(piece, at -> own[at] = true);
    }

    /** What covers these cells, over what was there. */
    void cover(Outline by, int what) {
        each(by, at -> under[at] = what);
    }

    private void each(Outline outline, IntConsumer cells) {
        Box bounds = outline.bounds();
        int from = Math.max(0, (int) Math.floor((bounds.bottom() - box.bottom()) / cell - 0.5));
        int to = Math.min(high - 1, (int) Math.ceil((bounds.top() - box.bottom()) / cell));
        for (int r = from; r <= to; r++) {
            double y = box.bottom() + (r + 0.5) * cell;
            if (y > bounds.bottom() && y < bounds.top()) {
                for (Outline.Span span : outline.across(y)) {
                    int first = Math.max(0, (int) Math.ceil((span.from() - box.left()) / cell - 0.5));
                    int last = Math.min(wide - 1, (int) Math.floor((span.to() - box.left()) / cell - 0.5));
                    for (int c = first; c <= last; c++) {
                        cells.accept(r * wide + c);
                    }
                }
            }
        }
    }

    /** Whether some of the piece lies over it. */
    boolean holds(int what) {
        for (int i = 0; i < own.length; i++) {
            if (own[i] && under[i] == what) {
                return true;
            }
        }
        return false;
    }

    /** The cells of the piece over it; an empty box without any. */
    Box bounds(int what) {
        int left = wide;
        int right = 0;
        int bottom = high;
        int top = 0;
        for (int i = 0; i < own.length; i++) {
            if (own[i] && under[i] == what) {
                left = Math.min(left, i % wide);
                right = Math.max(right, i % wide + 1);
                bottom = Math.min(bottom, i / wide);
                top = Math.max(top, i / wide + 1);
            }
        }
        return right == 0 ? new Box(0, 0, 0, 0) : new Box(left * cell, bottom * cell, right * cell, top * cell);
    }

    /**
     * The middles of up to so many squares that lie wholly over one thing, spread as far as they go, and keep inside the
     * piece's edge.
     *
     * @param side of a square, mm
     * @param inset from the piece's edge, mm
     */
    List<Point> squares(int what, double side, double inset, int most) {
        int half = (int) Math.ceil(side / cell / 2) + 1;
        int rim = half + (int) Math.ceil(inset / cell);
        int[] inside = sums(false, what);
        int[] over = sums(true, what);
        List<Point> free = new ArrayList<>();
        for (int r = rim; r <= high - rim; r++) {
            for (int c = rim; c <= wide - rim; c++) {
                if (full(inside, r, c, rim) && full(over, r, c, half)) {
                    free.add(at(r, c));
                }
            }
        }
        return spread(free, side, most);
    }

    /** The middle of the largest square of the piece that lies over something; that of the piece if none does. */
    Point widest(int what) {
        int[] over = sums(true, what);
        Point best = box.centre();
        int half = 0;
        for (int r = 1; r < high; r++) {
            for (int c = 1; c < wide; c++) {
                while (Math.min(Math.min(r, high - r), Math.min(c, wide - c)) > half && full(over, r, c, half + 1)) {
                    half++;
                    best = at(r, c);
                }
            }
        }
        return best;
    }

    private Point at(int r, int c) {
        return new Point(box.left() + c * cell, box.bottom() + r * cell);
    }

    /** Sums of cells below and left, one row and one column more than there are cells. */
    private int[] sums(boolean over, int what) {
        int[] sum = new int[(wide + 1) * (high + 1)];
        for (int r = 0; r < high; r++) {
            for (int c = 0; c < wide; c++) {
                int at = r * wide + c;
                int here = own[at] && (!over || under[at] == what) ? 1 : 0;
                sum[(r + 1) * (wide + 1) + c + 1] =
                        here + sum[r * (wide + 1) + c + 1] + sum[(r + 1) * (wide + 1) + c] - sum[r * (wide + 1) + c];
            }
        }
        return sum;
    }

    private boolean full(int[] sum, int r, int c, int by) {
        int row = wide + 1;
        int count = sum[(r + by) * row + c + by]
                - sum[(r - by) * row + c + by]
                - sum[(r + by) * row + c - by]
                + sum[(r - by) * row + c - by];
        return count == 4 * by * by;
    }

    /** One alone in the middle; more begin at the far end, each next as far from all others as can be. */
    private List<Point> spread(List<Point> free, double side, int most) {
        Point middle = box.centre();
        double[] worth = new double[free.size()];
        Arrays.setAll(worth, i -> (most == 1 ? -1 : 1) * free.get(i).distanceTo(middle));
        List<Point> taken = new ArrayList<>();
        while (taken.size() < most && !free.isEmpty()) {
            int best = 0;
            for (int i = 1; i < worth.length; i++) {
                best = worth[i] > worth[best] ? i : best;
            }
            if (!taken.isEmpty() && worth[best] < side * APART) {
                return taken;
            }
            Point next = free.get(best);
            boolean first = taken.isEmpty();
            taken.add(next);
            for (int i = 0; i < worth.length; i++) {
                double away = free.get(i).distanceTo(next);
                worth[i] = first ? away : Math.min(worth[i], away);
            }
        }
        return taken;
    }
}
