package dev.schachtel.core.guillotine;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/**
 * Column generation: boards filled for the highest price until no filling is worth more than a board. Prices are whole
 * numbers in every sum that goes into the bound, so that it is exact: boards needed >= (sum of all prices - what the
 * offcuts can hold)/(most that a board can hold), rounded up, whatever the prices are.
 */
final class Columns {
    /** A board's worth in the units of prices. */
    private static final long BOARD = 10_000_000L;
    /** More wants than this are left to the other bounds. */
    static final int MOST_WANTS = 60;

    private final Job job;
    private final int[] cuttable;
    private final List<Knapsack> boards = new ArrayList<>();
    private final List<Knapsack> offcuts = new ArrayList<>();
    private final Map<Master.Column, Packing.Sheet> sheets = new IdentityHashMap<>();
    private final Master master;
    private final int[] rowOf;
    private Bound bound = new Bound(0, Bound.How.COLUMNS);
    private final boolean up;
    private boolean done;

    /** With sizes rounded up, columns can be cut; down, the bound holds. Where nothing need be rounded, both. */
    Columns(Job job, boolean up) {
        this.job = job;
        this.up = up;
        this.cuttable = java.util.stream.IntStream.range(0, job.wants().size())
                .filter(i -> job.wants().get(i).count() > 0 && soldTakes(job, i))
                .toArray();
        this.rowOf = new int[job.wants().size()];
        Arrays.fill(rowOf, -1);
        for (int i = 0; i < job.boards().size(); i++) {
            if (job.boards().get(i).sold() || job.boards().get(i).count() > 0) {
                (job.boards().get(i).sold() ? boards : offcuts).add(new Knapsack(job, i, up));
            }
        }
        int[] demand = new int[cuttable.length];
        int[] alone = new int[cuttable.length];
        for (int r = 0; r < cuttable.length; r++) {
            rowOf[cuttable[r]] = r;
            demand[r] = job.wants().get(cuttable[r]).count();
            alone[r] = 1;
        }
        this.master = new Master(demand, alone);
        this.done = cuttable.length == 0 || boards.isEmpty();
    }

    private static boolean soldTakes(Job job, int want) {
        return job.boards().stream()
                .anyMatch(b -> b.sold() && job.wants().get(want).fits(b));
    }

    /** Cells that one round works through, times the cuts that are tried at each. */
    double effort() {
        return boards.stream().mapToDouble(Knapsack::effort).sum();
    }

    /** Whether its sheets can be cut. */
    boolean canBeCut() {
        return up || exact();
    }

    /** Whether its bound holds. */
    boolean isBound() {
        return !up || exact();
    }

    boolean exact() {
        return boards.stream().allMatch(Knapsack::exact);
    }

    boolean done() {
        return done;
    }

    Bound bound() {
        return bound;
    }

    /** One round: new prices, the best filling at them, the bound that follows. */
    void step() {
        if (done) {
            return;
        }
        double[] shares = master.prices();
        long[] prices = new long[job.wants().size()];
        for (int r = 0; r < cuttable.length; r++) {
            prices[cuttable[r]] = (long) Math.floor(shares[r] * BOARD);
        }
        long most = 0;
        Knapsack best = boards.get(0);
        for (Knapsack board : boards) {
            long worth = board.solve(prices);
            if (worth > most) {
                most = worth;
                best = board;
            }
        }
        tighten(prices, most);
        if (most <= BOARD + cuttable.length + 1) {
            done = true;
            return;
        }
        Packing.Sheet sheet = best.cuts();
        int[] all = new int[job.wants().size()];
        sheet.root().count(all);
        int[] counts = new int[cuttable.length];
        for (int r = 0; r < counts.length; r++) {
            counts[r] = all[cuttable[r]];
        }
        Master.Column column = new Master.Column(counts, true);
        sheets.put(column, sheet);
        done = !master.enter(column);
    }

    private void tighten(long[] prices, long most) {
        BigInteger all = BigInteger.ZERO;
        for (int want : cuttable) {
            all = all.add(BigInteger.valueOf(prices[want])
                    .multiply(BigInteger.valueOf(job.wants().get(want).count())));
        }
        int place = 0;
        for (Board board : job.boards()) {
            if (!board.sold() && board.count() > 0) {
                all = all.subtract(BigInteger.valueOf(offcuts.get(place++).solve(prices))
                        .multiply(BigInteger.valueOf(board.count())));
            }
        }
        if (most > 0 && all.signum() > 0) {
            BigInteger per = BigInteger.valueOf(most);
            int needed = all.add(per).subtract(BigInteger.ONE).divide(per).intValueExact();
            bound = bound.or(new Bound(needed, Bound.How.COLUMNS));
        }
    }

    /** Whole boards of the fractional answer, by largest share first; what they leave is for others to pack. */
    List<Packing.Sheet> rounded(double from) {
        List<Packing.Sheet> whole = new ArrayList<>();
        List<Master.Share> shares = new ArrayList<>(master.shares());
        shares.sort(Comparator.comparingDouble((Master.Share s) -> s.often() - Math.floor(s.often()))
                .reversed());
        for (Master.Share share : shares) {
            Packing.Sheet sheet = sheets.get(share.column());
            if (sheet != null) {
                long often = (long) Math.floor(share.often() + 1 - from);
                for (long i = 0; i < often; i++) {
                    whole.add(sheet);
                }
            }
        }
        return whole;
    }
}
