package dev.schachtel.core.guillotine;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.NoOverlap2dConstraint;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * Small jobs against a solver that shares nothing with the search and need not cut from edge to edge, so that it can only
 * do with fewer boards.
 */
class ExactTest {
    private static final int JOBS = 30;
    /** The solver's own count of work for one question. */
    private static final double WORK = 1;

    @BeforeAll
    static void load() {
        Loader.loadNativeLibraries();
    }

    /** At least 98 % take as many boards as the solver's optimum, and what is said to be proved is. */
    @Test
    void smallJobsTakeAsFewBoardsAsCanBe() {
        int same = 0;
        int solved = 0;
        for (int seed = 0; seed < JOBS; seed++) {
            Job job = job(new Random(seed));
            Search search = Search.of(job, seed);
            search.run(400);
            Replay.check(search.best());
            int fewest = fewest(job, search.best().taken());
            if (fewest > 0) {
                solved++;
                same += fewest == search.best().taken() ? 1 : 0;
                if (search.bound().how() != Bound.How.EXHAUSTED) {
                    assertThat(search.bound().boards())
                            .as("bound of job %s", seed)
                            .isLessThanOrEqualTo(fewest);
                }
            }
        }
        assertThat(solved).isGreaterThanOrEqualTo(JOBS * 9 / 10);
        assertThat(same).isGreaterThanOrEqualTo((int) Math.ceil(solved * 0.98));
    }

    private static Job job(Random random) {
        List<Want> wants = new ArrayList<>();
        int pieces = 4 + random.nextInt(6);
        while (pieces > 0) {
            int copies = Math.min(pieces, 1 + random.nextInt(3));
            wants.add(Want.free(3 + random.nextInt(9), 3 + random.nextInt(9), copies));
            pieces -= copies;
        }
        return new Job(wants, List.of(new Board(12, 12, 0, 100, true)));
    }

    /** The fewest boards for all pieces, whatever the cuts; 0 if that was not found with so much work. */
    private static int fewest(Job job, int most) {
        for (int boards = 1; boards < most; boards++) {
            CpSolverStatus status = fits(job, boards);
            if (status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE) {
                return boards;
            } else if (status != CpSolverStatus.INFEASIBLE) {
                return 0;
            }
        }
        return most;
    }

    /** All boards stand side by side as one long strip; a piece lies within one of them. */
    private static CpSolverStatus fits(Job job, int boards) {
        Board board = job.boards().get(0);
        CpModel model = new CpModel();
        NoOverlap2dConstraint apart = model.addNoOverlap2D();
        for (Want want : job.wants()) {
            for (int i = 0; i < want.count(); i++) {
                IntVar on = model.newIntVar(0, boards - 1, "on");
                IntVar x = model.newIntVar(0, board.width(), "x");
                IntVar y = model.newIntVar(0, board.height(), "y");
                BoolVar turned = model.newBoolVar("turned");
                for (boolean t : new boolean[] {false, true}) {
                    var lit = t ? turned : turned.not();
                    model.addLessOrEqual(x, board.width() - want.across(t)).onlyEnforceIf(lit);
                    model.addLessOrEqual(y, board.height() - want.up(t)).onlyEnforceIf(lit);
                    IntVar start = model.newIntVar(0, boards * board.width(), "start");
                    model.addEquality(
                            start,
                            LinearExpr.newBuilder()
                                    .addTerm(on, board.width())
                                    .add(x)
                                    .build());
                    IntervalVar across = model.newOptionalFixedSizeIntervalVar(start, want.across(t), lit, "across");
                    IntervalVar up = model.newOptionalFixedSizeIntervalVar(y, want.up(t), lit, "up");
                    apart.addRectangle(across, up);
                }
            }
        }
        CpSolver solver = new CpSolver();
        // Counted in its own steps, by one worker with a seed: the answer is the same on every machine.
        solver.getParameters().setMaxDeterministicTime(WORK);
        solver.getParameters().setNumWorkers(1);
        solver.getParameters().setRandomSeed(1);
        return solver.solve(model);
    }
}
