package dev.schachtel.core.guillotine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The linear program of column generation: as few boards as possible, in fractions, so that every want is met. Revised
 * simplex with the inverse kept whole; columns come one by one. O(wants^2) a column.
 */
final class Master {
    private static final double NOTHING = 1e-9;

    private final int rows;
    private final double[] demand;
    private final double[][] inverse;
    private final double[] level;
    private final List<Column> basis = new ArrayList<>();

    /** So many of each want from one board, which costs 1; or, without a board, too many of a want, which costs nothing. */
    record Column(int[] counts, boolean costs) {}

    /** Starts with boards that hold one want alone: {@code alone[i]} of want i, at least one. */
    Master(int[] demand, int[] alone) {
        this.rows = demand.length;
        this.demand = Arrays.stream(demand).asDoubleStream().toArray();
        this.inverse = new double[rows][rows];
        this.level = new double[rows];
        for (int i = 0; i < rows; i++) {
            int[] counts = new int[rows];
            counts[i] = alone[i];
            basis.add(new Column(counts, true));
            inverse[i][i] = 1.0 / alone[i];
            level[i] = this.demand[i] / alone[i];
        }
    }

    /** What one of each want is worth at present, as a share of a board; never negative. */
    double[] prices() {
        for (int guard = 0; guard < 4 * rows; guard++) {
            double[] prices = duals();
            int negative = -1;
            for (int i = 0; i < rows; i++) {
                negative = prices[i] < -NOTHING && (negative < 0 || prices[i] < prices[negative]) ? i : negative;
            }
            if (negative < 0) {
                return positive(prices);
            }
            int[] surplus = new int[rows];
            surplus[negative] = -1;
            if (!enter(new Column(surplus, false))) {
                return positive(prices);
            }
        }
        return positive(duals());
    }

    private static double[] positive(double[] prices) {
        return Arrays.stream(prices).map(p -> Math.max(0, p)).toArray();
    }

    private double[] duals() {
        double[] prices = new double[rows];
        for (int r = 0; r < rows; r++) {
            if (basis.get(r).costs) {
                for (int i = 0; i < rows; i++) {
                    prices[i] += inverse[r][i];
                }
            }
        }
        return prices;
    }

    /** Takes a column into the basis; false if the numbers no longer allow it. */
    boolean enter(Column column) {
        double[] way = new double[rows];
        for (int r = 0; r < rows; r++) {
            for (int i = 0; i < rows; i++) {
                way[r] += inverse[r][i] * column.counts[i];
            }
        }
        int leaves = -1;
        for (int r = 0; r < rows; r++) {
            if (way[r] > NOTHING && (leaves < 0 || level[r] / way[r] < level[leaves] / way[leaves])) {
                leaves = r;
            }
        }
        if (leaves < 0) {
            return false;
        }
        pivot(leaves, way);
        basis.set(leaves, column);
        return true;
    }

    private void pivot(int leaves, double[] way) {
        double by = way[leaves];
        for (int i = 0; i < rows; i++) {
            inverse[leaves][i] /= by;
        }
        level[leaves] /= by;
        for (int r = 0; r < rows; r++) {
            if (r != leaves && way[r] != 0) {
                for (int i = 0; i < rows; i++) {
                    inverse[r][i] -= way[r] * inverse[leaves][i];
                }
                level[r] = Math.max(0, level[r] - way[r] * level[leaves]);
            }
        }
    }

    /** How often each column of the basis is cut, in fractions; those without a board left out. */
    List<Share> shares() {
        List<Share> all = new ArrayList<>();
        for (int r = 0; r < rows; r++) {
            if (basis.get(r).costs && level[r] > NOTHING) {
                all.add(new Share(basis.get(r), level[r]));
            }
        }
        return all;
    }

    /** A column and how often it is cut. */
    record Share(Column column, double often) {}
}
