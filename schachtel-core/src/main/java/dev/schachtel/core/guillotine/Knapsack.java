package dev.schachtel.core.guillotine;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The most that one board can hold when every piece has its price and there are as many as one likes: the recursion of P.
 * C. Gilmore and R. E. Gomory (The theory and computation of knapsack functions, 1966) over all cuts at sums of sizes.
 * O(x marks * y marks * (x marks + y marks)).
 */
final class Knapsack {
    private final Job job;
    private final int place;
    private final Board board;
    private final Ruler xs;
    private final Ruler ys;
    private final int[][] rests = new int[2][];
    private final long[][] value;
    private final int[][] how;

    /** What a cell's value comes from: nothing 0, a piece 1 + 2 want + turned, a cut -(1 + 2 mark + upright). */
    Knapsack(Job job, int place, boolean up) {
        this.job = job;
        this.place = place;
        this.board = job.boards().get(place);
        this.xs = Ruler.of(board.width(), sizes(true), up);
        this.ys = Ruler.of(board.height(), sizes(false), up);
        this.value = new long[xs.last() + 1][ys.last() + 1];
        this.how = new int[xs.last() + 1][ys.last() + 1];
        rests[0] = rests(xs);
        rests[1] = rests(ys);
    }

    private long[] sizes(boolean across) {
        return job.wants().stream()
                .flatMapToLong(w -> IntStream.range(0, 2)
                        .filter(t -> w.count() > 0 && w.fits(board, t == 1))
                        .mapToLong(t -> across ? w.across(t == 1) : w.up(t == 1)))
                .distinct()
                .toArray();
    }

    private static int[] rests(Ruler ruler) {
        int n = ruler.last() + 1;
        int[] all = new int[n * n];
        for (int i = 0; i < n; i++) {
            for (int z = 0; z <= i; z++) {
                all[i * n + z] = ruler.rest(i, z);
            }
        }
        return all;
    }

    /** Whether all marks are true sums of sizes; else values are bounds, upper when rounded down and lower when up. */
    boolean exact() {
        return xs.exact() && ys.exact();
    }

    /** Cells of the table times the cuts tried at each, a quarter of both lengths on average. */
    double effort() {
        return (double) xs.last() * ys.last() * (xs.last() + ys.last()) / 4;
    }

    /** The highest value at these prices, none of them negative. */
    long solve(long[] prices) {
        for (int i = 0; i <= xs.last(); i++) {
            java.util.Arrays.fill(value[i], 0);
            java.util.Arrays.fill(how[i], 0);
        }
        for (int want = 0; want < prices.length; want++) {
            Want w = job.wants().get(want);
            for (int t = 0; t < 2 && w.count() > 0; t++) {
                if (w.fits(board, t == 1)) {
                    set(xs.size(w.across(t == 1)), ys.size(w.up(t == 1)), prices[want], 1 + 2 * want + t);
                }
            }
        }
        for (int i = 1; i <= xs.last(); i++) {
            for (int j = 1; j <= ys.last(); j++) {
                cell(i, j);
            }
        }
        return value[xs.last()][ys.last()];
    }

    private void set(int i, int j, long price, int from) {
        if (i <= xs.last() && j <= ys.last() && price > value[i][j]) {
            value[i][j] = price;
            how[i][j] = from;
        }
    }

    private void cell(int i, int j) {
        long best = value[i][j];
        int from = how[i][j];
        if (value[i - 1][j] > best) {
            best = value[i - 1][j];
            from = -(1 + 2 * (i - 1) + 1);
        }
        if (value[i][j - 1] > best) {
            best = value[i][j - 1];
            from = -(1 + 2 * (j - 1));
        }
        int row = i * (xs.last() + 1);
        for (int z = 1; 2 * xs.mark(z) <= xs.mark(i); z++) {
            long sum = value[z][j] + value[rests[0][row + z]][j];
            if (sum > best) {
                best = sum;
                from = -(1 + 2 * z + 1);
            }
        }
        row = j * (ys.last() + 1);
        long[] column = value[i];
        for (int z = 1; 2 * ys.mark(z) <= ys.mark(j); z++) {
            long sum = column[z] + column[rests[1][row + z]];
            if (sum > best) {
                best = sum;
                from = -(1 + 2 * z);
            }
        }
        value[i][j] = best;
        how[i][j] = from;
    }

    /** How the board of the last solution is cut; only if exact or rounded up. */
    Packing.Sheet cuts() {
        return new Packing.Sheet(place, Node.within(node(xs.last(), ys.last()), board.width(), board.height()));
    }

    private Node node(int i, int j) {
        int from = how[i][j];
        if (from == 0 || i == 0 || j == 0) {
            return Node.free(Math.max(1, xs.real(i)), Math.max(1, ys.real(j)));
        }
        if (from > 0) {
            int want = (from - 1) / 2;
            boolean turned = (from - 1) % 2 == 1;
            Want w = job.wants().get(want);
            return Node.within(Node.piece(want, turned, w.across(turned), w.up(turned)), xs.real(i), ys.real(j));
        }
        boolean upright = (-from - 1) % 2 == 1;
        int z = (-from - 1) / 2;
        Node first = upright ? node(z, j) : node(i, z);
        Node second = upright ? node(rests[0][i * (xs.last() + 1) + z], j) : node(i, rests[1][j * (ys.last() + 1) + z]);
        return beside(upright, first, second, upright ? xs.real(i) : ys.real(j));
    }

    /** Two strips in a length; what is left of it stays free. */
    private static Node beside(boolean upright, Node first, Node second, long length) {
        long across = Math.max(first.along(!upright), second.along(!upright));
        List<Node> strips = new ArrayList<>();
        long left = length;
        for (Node n : List.of(first, second)) {
            if (!n.isFree()) {
                strips.add(upright ? Node.within(n, n.width, across) : Node.within(n, across, n.height));
                left -= n.along(upright);
            }
        }
        if (left > 0 || strips.isEmpty()) {
            strips.add(upright ? Node.free(left, across) : Node.free(across, left));
        }
        return Node.row(upright, strips);
    }
}
