package dev.schachtel.core.guillotine;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

/** A board being filled: its tree, and the free rectangles in it. Immutable. */
final class Opened {
    final int board;
    final Node root;
    final double used;
    private Node @Nullable [] gaps;
    /** Width, height and worth of each gap, side by side in memory: this is what a search reads most. */
    private double[] sizes = {};

    private long widest;
    private long highest;

    Opened(int board, Node root) {
        this(board, root, root.used());
    }

    private Opened(int board, Node root, double used) {
        this.board = board;
        this.root = root;
        this.used = used;
    }

    /** A place for a piece: in which gap, turned or not, first cut upright or level. */
    record Place(Opened in, Node gap, boolean turned, boolean upright, double cost) {}

    Node[] gaps() {
        if (gaps == null) {
            List<Node> all = new ArrayList<>();
            root.gaps(all);
            sizes = new double[3 * all.size()];
            for (int i = 0; i < all.size(); i++) {
                Node gap = all.get(i);
                widest = Math.max(widest, gap.width);
                highest = Math.max(highest, gap.height);
                sizes[3 * i] = gap.width;
                sizes[3 * i + 1] = gap.height;
                sizes[3 * i + 2] = worth(gap.width, gap.height);
            }
            gaps = all.toArray(Node[]::new);
        }
        return gaps;
    }

    /** What makes a place good. */
    enum Taste {
        /** That what is left is worth much: large rests, gaps filled whole. */
        REST,
        /** That the gap could be filled by more of the same. */
        REPEAT
    }

    /** The best place for a piece, if it is better than this one. */
    @Nullable
    Place best(Want want, Board of, Taste taste, @Nullable Place soFar) {
        Place best = soFar;
        Node[] all = gaps();
        for (int t = 0; t < 2; t++) {
            boolean turned = t == 1;
            long w = want.across(turned);
            long h = want.up(turned);
            if (w > widest || h > highest || !want.mayLie(of, turned)) {
                continue;
            }
            double own = worth(w, h);
            for (int i = 0; i < sizes.length; i += 3) {
                if (w <= sizes[i] && h <= sizes[i + 1]) {
                    Node gap = all[i / 3];
                    double more = taste == Taste.REPEAT ? 1e6 * unlike(gap, w, h) : 0;
                    double upright = more + (sizes[i + 2] - left(gap, w, h, true)) / own;
                    double level = more + (sizes[i + 2] - left(gap, w, h, false)) / own;
                    if (best == null || Math.min(upright, level) < best.cost) {
                        best = new Place(this, gap, turned, upright <= level, Math.min(upright, level));
                    }
                }
            }
        }
        return best;
    }

    /** Share of the gap that stays free when it is filled by rows of this piece. */
    private static double unlike(Node gap, long w, long h) {
        return 1 - (gap.width / w * w) * (double) (gap.height / h * h) / gap.area();
    }

    /** What is left of a gap is worth; a place costs what the gap was worth less that, least if it fills the gap. */
    private static double left(Node gap, long w, long h, boolean upright) {
        return upright
                ? worth(gap.width - w, gap.height) + worth(w, gap.height - h)
                : worth(gap.width, gap.height - h) + worth(gap.width - w, h);
    }

    /** Larger rests are worth more than their area: its power 1.25. */
    private static double worth(long w, long h) {
        double area = (double) w * h;
        return area * Math.sqrt(Math.sqrt(area));
    }

    Opened with(Place place, int want, Want size) {
        Node gap = place.gap;
        long w = size.across(place.turned);
        long h = size.up(place.turned);
        Node piece = Node.piece(want, place.turned, w, h);
        Node filled;
        if (place.upright) {
            Node column = stacked(false, piece, Node.free(w, gap.height - h));
            filled = stacked(true, column, Node.free(gap.width - w, gap.height));
        } else {
            Node row = stacked(true, piece, Node.free(gap.width - w, h));
            filled = stacked(false, row, Node.free(gap.width, gap.height - h));
        }
        return new Opened(board, root.with(gap, filled), used + size.area());
    }

    private static Node stacked(boolean upright, Node first, Node rest) {
        return rest.width == 0 || rest.height == 0 ? first : Node.cut(upright, first, rest);
    }

    Opened without(Node node) {
        return new Opened(board, root.with(node, Node.free(node.width, node.height)), used - node.used());
    }
}
