package dev.schachtel.bench;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.NoOverlap2dConstraint;

import dev.schachtel.core.guillotine.Board;
import dev.schachtel.core.guillotine.Job;
import dev.schachtel.core.guillotine.Search;
import dev.schachtel.core.guillotine.SmallJobs;
import dev.schachtel.core.guillotine.Want;

/** Writes the optima that the tests of small jobs compare with: the seed and the fewest boards, line by line. */
public final class SmallJobsExact {
    private static final int JOBS = Rounds.of(80);
    private static final double SECONDS = 60;

    private SmallJobsExact() {}

    public static void main(String[] args) {
        Loader.loadNativeLibraries();
        for (long seed = 0; seed < JOBS; seed++) {
            Job job = SmallJobs.of(seed);
            Search search = Search.of(job, seed);
            search.run(400);
            int fewest = fewest(job, search.best().taken());
            if (fewest > 0) {
                System.out.println(seed + " " + fewest);
            }
        }
    }

    /** The fewest boards for all pieces, whatever the cuts; 0 if that was not found in a minute. */
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
                    model.addLessOrEqual(x, board.width() - (t ? want.height() : want.width()))
                            .onlyEnforceIf(lit);
                    model.addLessOrEqual(y, board.height() - (t ? want.width() : want.height()))
                            .onlyEnforceIf(lit);
                    IntVar start = model.newIntVar(0, boards * board.width(), "start");
                    model.addEquality(
                            start,
                            LinearExpr.newBuilder()
                                    .addTerm(on, board.width())
                                    .add(x)
                                    .build());
                    IntervalVar across = model.newOptionalFixedSizeIntervalVar(
                            start, (t ? want.height() : want.width()), lit, "across");
                    IntervalVar up =
                            model.newOptionalFixedSizeIntervalVar(y, (t ? want.width() : want.height()), lit, "up");
                    apart.addRectangle(across, up);
                }
            }
        }
        CpSolver solver = new CpSolver();
        solver.getParameters().setMaxTimeInSeconds(SECONDS);
        solver.getParameters().setRandomSeed(1);
        return solver.solve(model);
    }
}
