package dev.schachtel.core.guillotine;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/**
 * Bounds that need no search. Plain area, and areas measured by the dual feasible function u of S. P. Fekete and J.
 * Schepers (New classes of fast lower bounds for bin packing problems, 2001): u_k(x) = x when x (k + 1) is whole, else
 * floor(x (k + 1))/k, for x as a share of the board; k is tried from 1 to {@value #MOST} each way, 0 for the plain share.
 * A piece that may turn, or has boards to choose from, counts with the least of its measures.
 */
final class Areas {
    private static final int MOST = 6;
    /** Measures are counted in these parts of a board, rounded down. */
    private static final long PARTS = 1_000_000_000L;

    private final Job job;
    private final List<Want> wants;
    /** Of each want, the ways in which it can lie on a board. */
    private final List<List<Lying>> lying = new ArrayList<>();

    private final long offcuts;
    private final long pieces;

    /** One way to lie: its shares of the board's width and height, each by every k. */
    private record Lying(double[] across, double[] up) {
        static Lying of(Want want, Board board, boolean turned) {
            return new Lying(shares(want.across(turned), board.width()), shares(want.up(turned), board.height()));
        }

        private static double[] shares(long x, long all) {
            double[] shares = new double[MOST + 1];
            for (int k = 0; k <= MOST; k++) {
                shares[k] = u(k, x, all);
            }
            return shares;
        }
    }

    private Areas(Job job) {
        this.job = job;
        this.wants = job.wants().stream().filter(job::canBeCut).toList();
        this.offcuts = job.boards().stream()
                .filter(b -> !b.sold())
                .mapToLong(Board::count)
                .sum();
        this.pieces = wants.stream().mapToLong(Want::count).sum();
        for (Want want : wants) {
            List<Lying> all = new ArrayList<>();
            for (Board board : job.boards()) {
                for (boolean turned : new boolean[] {false, true}) {
                    if (want.fits(board, turned)) {
                        all.add(Lying.of(want, board, turned));
                    }
                }
            }
            lying.add(all);
        }
    }

    static Bound bound(Job job) {
        Areas areas = new Areas(job);
        Bound best = new Bound(areas.byArea(), Bound.How.AREA);
        for (int k = 0; k <= MOST; k++) {
            for (int l = 0; l <= MOST; l++) {
                best = best.or(new Bound(areas.measured(k, l), Bound.How.DUAL_FEASIBLE));
            }
        }
        return best;
    }

    private int byArea() {
        BigInteger all = BigInteger.ZERO;
        for (Want w : wants) {
            all = all.add(product(w.width(), w.height()).multiply(BigInteger.valueOf(w.count())));
        }
        for (Board b : job.boards()) {
            if (!b.sold()) {
                all = all.subtract(product(b.width(), b.height()).multiply(BigInteger.valueOf(b.count())));
            }
        }
        BigInteger largest = job.boards().stream()
                .filter(Board::sold)
                .map(b -> product(b.width(), b.height()))
                .max(BigInteger::compareTo)
                .orElse(BigInteger.ZERO);
        return largest.signum() == 0 || all.signum() <= 0
                ? 0
                : all.add(largest).subtract(BigInteger.ONE).divide(largest).intValueExact();
    }

    private static BigInteger product(long a, long b) {
        return BigInteger.valueOf(a).multiply(BigInteger.valueOf(b));
    }

    private int measured(int k, int l) {
        long sum = 0;
        for (int i = 0; i < wants.size(); i++) {
            long least = Long.MAX_VALUE;
            for (Lying way : lying.get(i)) {
                least = Math.min(least, (long) Math.floor(way.across[k] * way.up[l] * PARTS));
            }
            sum += Math.multiplyExact(least, (long) wants.get(i).count());
        }
        long boards = Math.floorDiv(sum + PARTS - 1 - pieces, PARTS);
        return (int) Math.max(0, boards - offcuts);
    }

    private static double u(int k, long x, long all) {
        if (k == 0 || x * (k + 1) % all == 0) {
            return (double) x / all;
        }
        return (double) (x * (k + 1) / all) / k;
    }
}
