package dev.schachtel.core.guillotine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Goes through all ways of cutting. For every part of the order it keeps the smallest rectangles from which that part can
 * be cut by strokes from edge to edge (none of them inside another), built from those of its halves side by side or on
 * top of each other; then the fewest boards for the whole order follow from the fewest for its parts. For small orders
 * without offcuts whose pieces may lie the same way on all boards.
 */
final class Exhaustive {
    private final Job job;
    private final int[] wants;
    private final int[] strides;
    private final int[] counts;
    private final List<List<Box>> boxes = new ArrayList<>();
    private final double widest;
    private final double highest;

    /** A rectangle from which a part of the order can be cut, and how. */
    private record Box(long width, long height, Node node) {}

    private Exhaustive(Job job) {
        this.job = job;
        this.wants = java.util.stream.IntStream.range(0, job.wants().size())
                .filter(i -> job.wants().get(i).count() > 0
                        && job.canBeCut(job.wants().get(i)))
                .toArray();
        this.counts = Arrays.stream(wants).map(i -> job.wants().get(i).count()).toArray();
        this.strides = new int[wants.length + 1];
        strides[0] = 1;
        for (int i = 0; i < wants.length; i++) {
            strides[i + 1] = strides[i] * (counts[i] + 1);
        }
        widest = job.boards().stream().mapToLong(Board::width).max().orElse(0);
        highest = job.boards().stream().mapToLong(Board::height).max().orElse(0);
    }

    /** How many pairs of halves would have to be looked at; infinite if this is no case for it. */
    static double effort(Job job) {
        boolean plain = !job.boards().isEmpty()
                && job.boards().stream().allMatch(Board::sold)
                && job.wants().stream().allMatch(w -> liesAlike(job, w));
        double pairs = plain ? 1 : Double.POSITIVE_INFINITY;
        for (Want want : job.wants()) {
            if (job.canBeCut(want)) {
                pairs *= (want.count() + 1.0) * (want.count() + 2) / 2;
            }
        }
        return pairs;
    }

    private static boolean liesAlike(Job job, Want want) {
        for (boolean turned : new boolean[] {false, true}) {
            boolean first = want.mayLie(job.boards().get(0), turned);
            if (job.boards().stream().anyMatch(b -> want.mayLie(b, turned) != first)) {
                return false;
            }
        }
        return true;
    }

    /** The packing with fewest boards, of smallest area among those with as many. */
    static Packing solve(Job job) {
        return new Exhaustive(job).packing();
    }

    private Packing packing() {
        int all = strides[wants.length];
        boxes.add(List.of());
        for (int state = 1; state < all; state++) {
            boxes.add(boxes(state));
        }
        int[] fewest = new int[all];
        double[] area = new double[all];
        int[] last = new int[all];
        Packing.Sheet[] sheet = new Packing.Sheet[all];
        for (int state = 1; state < all; state++) {
            sheet[state] = onOneBoard(state).orElse(null);
        }
        for (int state = 1; state < all; state++) {
            fewest[state] = Integer.MAX_VALUE;
            for (int part = state; part > 0; part = before(part, state)) {
                Packing.Sheet on = sheet[part];
                int rest = state - part;
                if (on != null && fewest[rest] < Integer.MAX_VALUE) {
                    double own = area[rest] + job.boards().get(on.board()).area();
                    int n = fewest[rest] + 1;
                    if (n < fewest[state] || n == fewest[state] && own < area[state]) {
                        fewest[state] = n;
                        area[state] = own;
                        last[state] = part;
                    }
                }
            }
        }
        List<Packing.Sheet> sheets = new ArrayList<>();
        for (int state = all - 1; state > 0; state -= last[state]) {
            sheets.add(sheet[last[state]]);
        }
        return Packing.of(job, sheets);
    }

    private int digit(int state, int i) {
        return state / strides[i] % (counts[i] + 1);
    }

    /** The next smaller part of a state: no count of it above the state's. */
    private int before(int part, int state) {
        int p = part - 1;
        for (int i = wants.length - 1; i >= 0 && p > 0; i--) {
            if (digit(p, i) > digit(state, i)) {
                p = p - (digit(p, i) - digit(state, i)) * strides[i] - p % strides[i] + state % strides[i];
            }
        }
        return p;
    }

    private List<Box> boxes(int state) {
        List<Box> all = new ArrayList<>();
        for (int i = 0; i < wants.length; i++) {
            if (state == strides[i]) {
                Want want = job.wants().get(wants[i]);
                for (boolean turned : new boolean[] {false, true}) {
                    if (want.mayLie(job.boards().get(0), turned)) {
                        Node piece = Node.piece(wants[i], turned, want.across(turned), want.up(turned));
                        add(all, true, piece, Node.free(1, 1));
                    }
                }
                return all;
            }
        }
        for (int part = before(state, state); part > 0; part = before(part, state)) {
            int rest = state - part;
            if (part >= rest) {
                for (Box a : boxes.get(part)) {
                    for (Box b : boxes.get(rest)) {
                        add(all, true, a.node, b.node);
                        add(all, false, a.node, b.node);
                    }
                }
            }
        }
        return all;
    }

    private void add(List<Box> all, boolean upright, Node a, Node b) {
        boolean one = b.isFree();
        long w = one ? a.width : upright ? a.width + b.width : Math.max(a.width, b.width);
        long h = one ? a.height : upright ? Math.max(a.height, b.height) : a.height + b.height;
        if (w > widest || h > highest || all.stream().anyMatch(x -> x.width <= w && x.height <= h)) {
            return;
        }
        all.removeIf(x -> x.width >= w && x.height >= h);
        Node node = one ? a : Node.row(upright, List.of(in(a, upright, w, h), in(b, upright, w, h)));
        all.add(new Box(w, h, node));
    }

    /** As wide, or as high, as its neighbour. */
    private static Node in(Node node, boolean upright, long w, long h) {
        return upright ? Node.within(node, node.width, h) : Node.within(node, w, node.height);
    }

    private Optional<Packing.Sheet> onOneBoard(int state) {
        Packing.Sheet best = null;
        for (int i = 0; i < job.boards().size(); i++) {
            Board board = job.boards().get(i);
            if (best == null || board.area() < job.boards().get(best.board()).area()) {
                for (Box box : boxes.get(state)) {
                    if (box.width <= board.width() && box.height <= board.height()) {
                        best = new Packing.Sheet(i, Node.within(box.node, board.width(), board.height()));
                        break;
                    }
                }
            }
        }
        return Optional.ofNullable(best);
    }
}
