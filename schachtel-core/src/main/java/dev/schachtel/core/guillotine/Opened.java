package dev.schachtel.core.guillotine;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

/** A board being filled: its tree, and the free rectangles in it. Immutable. */
final class Opened {
    final int board;
    final Node root;
    final double used;
    private @Nullable List<Gap> gaps;

    Opened(int board, Node root) {
        this.board = board;
        this.root = root;
        this.used = root.used();
    }

    /** A free rectangle, and whether the strips beside it stand upright. */
    private record Gap(Node node, boolean beside, boolean upright) {}

    /** A place for a piece: in which gap, turned or not, first cut along the strips beside it or across. */
    record Place(Opened in, Node gap, boolean turned, boolean upright, double cost) {}

    private List<Gap> gaps() {
        if (gaps == null) {
            List<Gap> all = new ArrayList<>();
            if (root.isFree()) {
                all.add(new Gap(root, false, true));
            }
            collect(root, all);
            gaps = all;
        }
        return gaps;
    }

    private static void collect(Node node, List<Gap> all) {
        for (Node strip : node.strips) {
            if (strip.isFree()) {
                all.add(new Gap(strip, true, node.upright));
            } else {
                collect(strip, all);
            }
        }
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
        for (Gap gap : gaps()) {
            for (int t = 0; t < 2; t++) {
                boolean turned = t == 1;
                long w = want.across(turned);
                long h = want.up(turned);
                if (w <= gap.node.width && h <= gap.node.height && want.mayLie(of, turned)) {
                    double more = taste == Taste.REPEAT ? 1e6 * unlike(gap.node, w, h) : 0;
                    best = better(new Place(this, gap.node, turned, true, more + cost(gap.node, w, h, true)), best);
                    best = better(new Place(this, gap.node, turned, false, more + cost(gap.node, w, h, false)), best);
                }
            }
        }
        return best;
    }

    private static Place better(Place one, @Nullable Place other) {
        return other == null || one.cost < other.cost ? one : other;
    }

    /** Share of the gap that stays free when it is filled by rows of this piece. */
    private static double unlike(Node gap, long w, long h) {
        return 1 - (gap.width / w * w) * (double) (gap.height / h * h) / gap.area();
    }

    /** What the gap is worth less what is left of it; a piece that fills a gap costs least. */
    private static double cost(Node gap, long w, long h, boolean upright) {
        double beside = upright
                ? worth(gap.width - w, gap.height) + worth(w, gap.height - h)
                : worth(gap.width, gap.height - h) + worth(gap.width - w, h);
        return (worth(gap.width, gap.height) - beside) / worth(w, h);
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
        return new Opened(board, root.with(gap, filled));
    }

    private static Node stacked(boolean upright, Node first, Node rest) {
        return rest.width == 0 || rest.height == 0 ? first : Node.cut(upright, first, rest);
    }

    Opened without(Node node) {
        return new Opened(board, root.with(node, Node.free(node.width, node.height)));
    }
}
