package dev.schachtel.core.guillotine;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** Taking out and putting back, without the rest of the search. */
class RepackingTest {
    private static final Board SHEET = new Board(300, 200, 0, 100, true);

    /** Each piece on a board of its own, in the corner: as bad as can be. */
    private static Packing wasteful(Job job) {
        List<Packing.Sheet> sheets = new ArrayList<>();
        Board board = job.boards().get(0);
        for (int i = 0; i < job.wants().size(); i++) {
            Want want = job.wants().get(i);
            for (int n = 0; n < want.count(); n++) {
                Node piece = Node.piece(i, false, want.width(), want.height());
                sheets.add(new Packing.Sheet(0, Node.within(piece, board.width(), board.height())));
            }
        }
        return Packing.of(job, sheets);
    }

    private static Repacking after(Job job, long seed, int rounds) {
        Repacking repacking = new Repacking(job, wasteful(job), seed);
        for (int i = 0; i < rounds && repacking.canGoOn(); i++) {
            repacking.step();
        }
        return repacking;
    }

    /** Eight pieces of a quarter of the board each come together on two. */
    @Test
    void wastedBoardsAreSaved() {
        Job job = new Job(List.of(Want.free(150, 100, 8)), List.of(SHEET));
        Packing best = after(job, 1, 500).best();
        Replay.check(best);
        assertThat(best.taken()).isEqualTo(2);
        assertThat(best.lacking()).isZero();
    }

    /** What fits on no board stays missing and doesn't keep the rest from being packed. */
    @Test
    void whatFitsNowhereStaysMissing() {
        Job job = new Job(List.of(Want.free(150, 100, 4), Want.free(900, 10, 2)), List.of(SHEET));
        Packing start =
                Packing.of(job, List.of(new Packing.Sheet(0, Node.within(Node.piece(0, false, 150, 100), 300, 200))));
        assertThat(start.missing()).containsExactly(3, 2);
        assertThat(new Repacking(job, start, 1).canGoOn()).isFalse();
        assertThat(after(new Job(List.of(Want.free(150, 100, 4)), List.of(SHEET)), 1, 300)
                        .best()
                        .taken())
                .isEqualTo(1);
    }

    @Test
    void oneBoardCannotBeLeftAway() {
        Job job = new Job(List.of(Want.free(150, 100, 1)), List.of(SHEET));
        assertThat(new Repacking(job, wasteful(job), 1).canGoOn()).isFalse();
    }

    /** Whatever is asked for: sound packings, never worse than before, the same for the same seed. */
    @Property(tries = 60)
    void neverWorseAndAlwaysSound(@ForAll long seed) {
        Random random = new Random(seed);
        List<Want> wants = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(5); i++) {
            wants.add(Want.free(20 + random.nextInt(150), 20 + random.nextInt(150), 1 + random.nextInt(6)));
        }
        Job job = new Job(wants, List.of(SHEET));
        Packing start = wasteful(job);
        Packing best = after(job, seed, 120).best();
        Replay.check(best);
        assertThat(best.lacking()).isZero();
        assertThat(Packing.BETTER.compare(best, start)).isLessThanOrEqualTo(0);
        double area = wants.stream().mapToDouble(w -> w.area() * w.count()).sum();
        assertThat(best.taken() * SHEET.area()).isGreaterThanOrEqualTo(area);
        assertThat(after(job, seed, 120).best().sheets().toString())
                .isEqualTo(best.sheets().toString());
    }
}
