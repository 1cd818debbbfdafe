package dev.schachtel.core.guillotine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import com.google.ortools.Loader;
import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPVariable;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** The linear program of column generation, by hand and against a solver that shares nothing with it. */
class MasterTest {
    @BeforeAll
    static void load() {
        Loader.loadNativeLibraries();
    }

    private static double boards(Master master) {
        return master.shares().stream().mapToDouble(Master.Share::often).sum();
    }

    /** Ten of each; a board holds two of the one or two of the other, or one of each: ten boards either way. */
    @Test
    void alikePatternsCostTheSame() {
        Master master = new Master(new int[] {10, 10}, new int[] {2, 2});
        assertThat(boards(master)).isCloseTo(10, within(1e-9));
        assertThat(master.prices()).containsExactly(new double[] {0.5, 0.5}, within(1e-9));
        master.enter(new Master.Column(new int[] {1, 1}, true));
        assertThat(boards(master)).isCloseTo(10, within(1e-9));
    }

    /** A board of two and one of the other instead: 5 boards give ten and five, the other five take 2.5 more. */
    @Test
    void aBetterPatternSavesBoards() {
        Master master = new Master(new int[] {10, 10}, new int[] {2, 2});
        master.enter(new Master.Column(new int[] {2, 1}, true));
        assertThat(boards(master)).isCloseTo(7.5, within(1e-9));
        assertThat(master.prices()).containsExactly(new double[] {0.25, 0.5}, within(1e-9));
    }

    /** A column that holds nothing can't come in. */
    @Test
    void aColumnWithoutPiecesIsRefused() {
        Master master = new Master(new int[] {3}, new int[] {1});
        assertThat(master.enter(new Master.Column(new int[] {0}, true))).isFalse();
        assertThat(boards(master)).isCloseTo(3, within(1e-9));
    }

    static List<Long> seeds() {
        return new Random(5).longs(40).boxed().toList();
    }

    /** With all columns priced in, as few boards as the solver's optimum, and prices that no column beats. */
    @ParameterizedTest
    @MethodSource("seeds")
    void pricingComesToTheOptimum(long seed) {
        Random random = new Random(seed);
        int wants = 2 + random.nextInt(6);
        int[] demand = random.ints(wants, 1, 40).toArray();
        int[] alone = random.ints(wants, 1, 5).toArray();
        List<int[]> columns = new ArrayList<>();
        for (int i = 0; i < wants; i++) {
            int[] one = new int[wants];
            one[i] = alone[i];
            columns.add(one);
        }
        for (int i = 0; i < 30; i++) {
            columns.add(random.ints(wants, 0, 4).toArray());
        }
        Master master = new Master(demand, alone);
        double[] prices = master.prices();
        for (int guard = 0; guard < 500; guard++) {
            double[] now = prices;
            int[] best = columns.stream()
                    .max((a, b) -> Double.compare(worth(a, now), worth(b, now)))
                    .orElseThrow();
            if (worth(best, prices) <= 1 + 1e-9) {
                break;
            }
            master.enter(new Master.Column(best, true));
            prices = master.prices();
        }
        double[] last = prices;
        assertThat(columns).allMatch(c -> worth(c, last) <= 1 + 1e-6);
        double optimum = optimum(demand, columns);
        assertThat(boards(master)).isCloseTo(optimum, within(1e-6));
        assertThat(worth(demand, prices)).isCloseTo(optimum, within(1e-6));
        int[] met = new int[wants];
        Arrays.setAll(met, i -> (int) Math.round(1000
                * master.shares().stream()
                        .mapToDouble(s -> s.often() * s.column().counts()[i])
                        .sum()));
        for (int i = 0; i < wants; i++) {
            assertThat(met[i]).isGreaterThanOrEqualTo(1000 * demand[i] - 1);
        }
    }

    private static double worth(int[] counts, double[] prices) {
        double sum = 0;
        for (int i = 0; i < counts.length; i++) {
            sum += counts[i] * prices[i];
        }
        return sum;
    }

    private static double optimum(int[] demand, List<int[]> columns) {
        MPSolver solver = MPSolver.createSolver("GLOP");
        MPVariable[] often = solver.makeNumVarArray(columns.size(), 0, Double.POSITIVE_INFINITY);
        for (MPVariable variable : often) {
            solver.objective().setCoefficient(variable, 1);
        }
        for (int i = 0; i < demand.length; i++) {
            MPConstraint met = solver.makeConstraint(demand[i], Double.POSITIVE_INFINITY);
            for (int c = 0; c < often.length; c++) {
                met.setCoefficient(often[c], columns.get(c)[i]);
            }
        }
        solver.objective().setMinimization();
        assertThat(solver.solve()).isEqualTo(MPSolver.ResultStatus.OPTIMAL);
        return solver.objective().value();
    }
}
