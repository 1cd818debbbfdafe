package dev.schachtel.core.guillotine;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** Every bound against the fewest boards that going through all cuts finds, and the knapsack against a plain recursion. */
class BoundsTest {
    /** Two pieces of 7 x 5 and one of 4 x 4 on boards of 10 x 8: 86 of area need two boards of 80. */
    @Test
    void areaAloneAsksForTwo() {
        Job job = new Job(List.of(Want.free(7, 5, 2), Want.free(4, 4, 1)), List.of(new Board(10, 8, 0, 9, true)));
        assertThat(Areas.bound(job)).isEqualTo(new Bound(2, Bound.How.AREA));
    }

    /** 5 of 4 x 4 on boards of 7 x 7: each has more than half of both sides, so none shares a board. */
    @Test
    void morethanHalfOfBothSidesNeverShares() {
        Job job = new Job(List.of(Want.free(4, 4, 5)), List.of(new Board(7, 7, 0, 9, true)));
        assertThat(Areas.bound(job)).isEqualTo(new Bound(5, Bound.How.DUAL_FEASIBLE));
    }

    @Property(tries = 120)
    void noBoundAsksForMoreThanTheFewest(@ForAll long seed) {
        Job job = small(new Random(seed));
        int fewest = Exhaustive.solve(job).taken();
        assertThat(Areas.bound(job).boards()).isLessThanOrEqualTo(fewest);
        for (boolean up : new boolean[] {false, true}) {
            Columns columns = new Columns(job, up);
            for (int i = 0; i < 80 && !columns.done(); i++) {
                columns.step();
                assertThat(columns.bound().boards()).isLessThanOrEqualTo(fewest);
            }
        }
        Search search = Search.of(job, seed);
        search.run(5);
        assertThat(search.best().taken()).isEqualTo(fewest);
        assertThat(search.proved()).isTrue();
    }

    /** Offcuts take what they can, and the bound knows it. */
    @Property(tries = 60)
    void offcutsLowerTheBound(@ForAll long seed) {
        Random random = new Random(seed);
        Job job = small(random);
        List<Board> boards = new ArrayList<>(job.boards());
        boards.add(new Board(4 + random.nextInt(10), 4 + random.nextInt(10), 0, 2, false));
        Job with = new Job(job.wants(), boards);
        Search search = Search.of(with, seed);
        search.run(200);
        Replay.check(search.best());
        assertThat(search.bound().boards()).isLessThanOrEqualTo(search.best().taken());
        assertThat(search.best().taken())
                .isLessThanOrEqualTo(Exhaustive.solve(job).taken());
    }

    private static Job small(Random random) {
        List<Want> wants = new ArrayList<>();
        int sizes = 1 + random.nextInt(3);
        for (int i = 0; i < sizes; i++) {
            wants.add(Want.free(2 + random.nextInt(9), 2 + random.nextInt(9), 1 + random.nextInt(3)));
        }
        return new Job(wants, List.of(new Board(11 + random.nextInt(4), 11, 0, 99, true)));
    }

    @Property(tries = 80)
    void theKnapsackIsWorthWhatTheRecursionSays(@ForAll long seed) {
        Random random = new Random(seed);
        Job job = small(random);
        long[] prices =
                job.wants().stream().mapToLong(w -> 1 + random.nextInt(50)).toArray();
        Board board = job.boards().get(0);
        long[][] known = new long[(int) board.width() + 1][(int) board.height() + 1];
        for (long[] row : known) {
            java.util.Arrays.fill(row, -1);
        }
        long expected = most(job, prices, (int) board.width(), (int) board.height(), known);
        Knapsack knapsack = new Knapsack(job, 0, true);
        assertThat(knapsack.exact()).isTrue();
        assertThat(knapsack.solve(prices)).isEqualTo(expected);
        int[] counts = new int[prices.length];
        Packing.Sheet sheet = knapsack.cuts();
        sheet.root().count(counts);
        long worth = 0;
        for (int i = 0; i < counts.length; i++) {
            worth += counts[i] * prices[i];
        }
        assertThat(worth).isEqualTo(expected);
        assertThat(sheet.root().width()).isEqualTo(board.width());
        assertThat(sheet.root().height()).isEqualTo(board.height());
    }

    /** All cuts at all whole numbers. */
    private static long most(Job job, long[] prices, int w, int h, long[][] known) {
        if (w == 0 || h == 0) {
            return 0;
        }
        if (known[w][h] >= 0) {
            return known[w][h];
        }
        long best = 0;
        for (int i = 0; i < prices.length; i++) {
            Want want = job.wants().get(i);
            boolean fits = want.width() <= w && want.height() <= h || want.height() <= w && want.width() <= h;
            best = fits ? Math.max(best, prices[i]) : best;
        }
        for (int z = 1; z <= w / 2; z++) {
            best = Math.max(best, most(job, prices, z, h, known) + most(job, prices, w - z, h, known));
        }
        for (int z = 1; z <= h / 2; z++) {
            best = Math.max(best, most(job, prices, w, z, known) + most(job, prices, w, h - z, known));
        }
        known[w][h] = best;
        return best;
    }

    /** On a ruler with too many marks, rounding down never bounds below what rounding up can cut. */
    @Property(tries = 40)
    void roundedRulersEncloseTheTruth(@ForAll long seed) {
        Random random = new Random(seed);
        List<Want> wants = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            wants.add(Want.free(20_001 + random.nextInt(90_000), 20_001 + random.nextInt(90_000), 3));
        }
        Job job = new Job(wants, List.of(new Board(304_800, 304_800, 0, 9, true)));
        long[] prices = wants.stream().mapToLong(w -> (long) (w.area() / 1000)).toArray();
        Knapsack down = new Knapsack(job, 0, false);
        Knapsack up = new Knapsack(job, 0, true);
        assertThat(up.solve(prices)).isLessThanOrEqualTo(down.solve(prices));
        int[] counts = new int[6];
        Packing.Sheet cut = up.cuts();
        cut.root().count(counts);
        for (int i = 0; i < 6; i++) {
            wants.set(i, Want.free(wants.get(i).width(), wants.get(i).height(), counts[i]));
        }
        Replay.check(Packing.of(new Job(wants, job.boards()), List.of(cut)));
    }
}
