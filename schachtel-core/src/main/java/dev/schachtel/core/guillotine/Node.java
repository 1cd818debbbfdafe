package dev.schachtel.core.guillotine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/**
 * A rectangle of a board: free, a wanted piece that fills it, or cut into strips that lie side by side. Immutable. Strips
 * of strips run the other way, and the free strip, of which there is one at most, comes last.
 */
public final class Node {
    private static final int FREE = -1;
    private static final int CUT = -2;
    private static final Node[] NONE = {};

    final long width;
    final long height;
    final boolean upright;
    final boolean turned;
    final Node[] strips;
    private final int want;
    /** Kept, since a search asks for both all the time. */
    private final double used;

    private final boolean gap;

    private Node(long width, long height, int want, boolean flag, Node[] strips) {
        this.width = width;
        this.height = height;
        this.want = want;
        this.turned = want >= 0 && flag;
        this.upright = want == CUT && flag;
        this.strips = strips;
        double laid = want >= 0 ? (double) width * height : 0;
        boolean anyFree = want == FREE;
        for (Node strip : strips) {
            laid += strip.used;
            anyFree |= strip.gap;
        }
        this.used = laid;
        this.gap = anyFree;
    }

    static Node free(long width, long height) {
        return new Node(width, height, FREE, false, NONE);
    }

    static Node piece(int want, boolean turned, long width, long height) {
        return new Node(width, height, want, turned, NONE);
    }

    /** Cut into these strips; upright cuts put them side by side, level cuts on top of each other. */
    static Node cut(boolean upright, Node... strips) {
        long along = 0;
        for (Node strip : strips) {
            along += strip.along(upright);
        }
        Node first = strips[0];
        return new Node(upright ? along : first.width, upright ? first.height : along, CUT, upright, strips);
    }

    public long width() {
        return width;
    }

    public long height() {
        return height;
    }

    public boolean isFree() {
        return want == FREE;
    }

    public boolean isPiece() {
        return want >= 0;
    }

    public boolean isCut() {
        return want == CUT;
    }

    /** The place of the want in its job; only of a piece. */
    public int want() {
        if (want < 0) {
            throw new IllegalStateException("this rectangle of " + width + " x " + height + " is no piece");
        }
        return want;
    }

    public boolean turned() {
        return turned;
    }

    public boolean upright() {
        return upright;
    }

    public List<Node> strips() {
        return List.of(strips);
    }

    long along(boolean across) {
        return across ? width : height;
    }

    double area() {
        return (double) width * height;
    }

    double used() {
        return used;
    }

    /** Adds what lies in it to these counts. */
    void count(int[] counts) {
        if (isPiece()) {
            counts[want]++;
        }
        for (Node strip : strips) {
            strip.count(counts);
        }
    }

    /** All rectangles within that are pieces or cut, this one left out. */
    void inner(List<Node> all) {
        for (Node strip : strips) {
            if (!strip.isFree()) {
                all.add(strip);
                strip.inner(all);
            }
        }
    }

    /** Adds all free rectangles. */
    void gaps(List<Node> all) {
        if (isFree()) {
            all.add(this);
        }
        for (Node strip : strips) {
            if (strip.gap) {
                strip.gaps(all);
            }
        }
    }

    double largestFree() {
        double most = isFree() ? area() : 0;
        for (Node strip : strips) {
            most = Math.max(most, strip.largestFree());
        }
        return most;
    }

    /** The same with one rectangle replaced, in normal form again. */
    Node with(Node old, Node now) {
        if (this == old) {
            return now;
        }
        for (int i = 0; i < strips.length; i++) {
            if (old.gap && !strips[i].gap) {
                continue;
            }
            Node changed = strips[i].with(old, now);
            if (changed != strips[i]) {
                return joined(i, changed);
            }
        }
        return this;
    }

    private Node joined(int at, Node changed) {
        List<Node> all = new ArrayList<>(List.of(strips));
        all.set(at, changed);
        return row(upright, all);
    }

    /** Strips side by side in normal form: strips of strips that run the same way join them, the free ones become one. */
    static Node row(boolean upright, List<Node> strips) {
        List<Node> kept = new ArrayList<>(strips.size() + 2);
        long along = 0;
        long left = 0;
        for (Node strip : strips) {
            along += strip.along(upright);
            if (strip.isFree()) {
                left += strip.along(upright);
            } else if (strip.isCut() && strip.upright == upright) {
                for (Node inner : strip.strips) {
                    if (inner.isFree()) {
                        left += inner.along(upright);
                    } else {
                        kept.add(inner);
                    }
                }
            } else {
                kept.add(strip);
            }
        }
        long across = strips.get(0).along(!upright);
        if (kept.isEmpty()) {
            return upright ? free(along, across) : free(across, along);
        }
        if (left > 0) {
            kept.add(upright ? free(left, across) : free(across, left));
        }
        return kept.size() == 1 ? kept.get(0) : cut(upright, kept.toArray(Node[]::new));
    }

    /**
     * The same pieces on the same rectangle with fewer strokes: strips that are divided alike are divided together, so
     * that what is left of them stays in one.
     */
    public Node gathered() {
        if (!isCut()) {
            return this;
        }
        List<Node> done = new ArrayList<>();
        Node[] left = new Node[strips.length];
        boolean same = true;
        for (int i = 0; i < left.length; i++) {
            left[i] = strips[i].gathered();
            same &= left[i] == strips[i];
        }
        boolean[] taken = new boolean[left.length];
        for (int i = 0; i < left.length; i++) {
            if (!taken[i]) {
                List<Node> like = new ArrayList<>(1);
                for (int j = i; j < left.length; j++) {
                    if (j == i || !taken[j] && left[i].isDividedLike(left[j], upright)) {
                        like.add(left[j]);
                        taken[j] = true;
                    }
                }
                done.add(like.size() == 1 ? left[i] : together(like));
            }
        }
        if (same && done.size() == strips.length) {
            return this;
        }
        return done.size() == 1 ? done.get(0) : row(upright, done);
    }

    private boolean isDividedLike(Node other, boolean beside) {
        if (!isCut() || !other.isCut() || upright == beside || strips.length != other.strips.length) {
            return false;
        }
        for (int i = 0; i < strips.length; i++) {
            if (strips[i].along(upright) != other.strips[i].along(upright)
                    || strips[i].isFree() != other.strips[i].isFree()) {
                return false;
            }
        }
        return true;
    }

    /** Strips of this direction, all divided alike, as columns of their parts. */
    private Node together(List<Node> like) {
        List<Node> columns = new ArrayList<>();
        for (int i = 0; i < like.get(0).strips.length; i++) {
            List<Node> column = new ArrayList<>();
            for (Node strip : like) {
                column.add(strip.strips[i]);
            }
            columns.add(row(upright, column));
        }
        return row(!upright, columns);
    }

    /** Pieces by number, turned ones with a stroke; upright cuts as bars, level ones as slashes, what is free as dots. */
    @Override
    public String toString() {
        if (isPiece()) {
            return want + (turned ? "'" : "");
        }
        return isFree()
                ? "."
                : Arrays.stream(strips).map(Node::toString).collect(Collectors.joining(upright ? "|" : "/", "(", ")"));
    }

    /** In the lower left corner of a rectangle at least as large. */
    static Node within(Node node, long w, long h) {
        Node wide = node.width < w ? row(true, List.of(node, free(w - node.width, node.height))) : node;
        return wide.height < h ? row(false, List.of(wide, free(w, h - wide.height))) : wide;
    }
}
