package dev.schachtel.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;

import dev.schachtel.core.schedule.Link;
import dev.schachtel.core.schedule.Problem;
import dev.schachtel.core.schedule.Scheduling;
import dev.schachtel.core.schedule.Task;

/**
 * Schedules of generated problems against an exact solver: how far the finish is above its best bound and its best
 * solution. Arguments: how many problems, seconds for ours, seconds for the solver. Prints a line a problem and the means.
 */
public final class SchedulingQuality {
    private SchedulingQuality() {}

    public static void main(String[] args) {
        int problems = args.length > 0 ? Integer.parseInt(args[0]) : 100;
        double own = args.length > 1 ? Double.parseDouble(args[1]) : 3;
        double exact = args.length > 2 ? Double.parseDouble(args[2]) : 60;
        Loader.loadNativeLibraries();
        double[] sums = new double[3];
        for (int seed = 1; seed <= problems; seed++) {
            compare(seed, own, exact, sums);
        }
        System.out.printf(
                Locale.ROOT,
                "mean above the bound %.2f %%, above the solver's best %.2f %%; %.0f of %d at the bound%n",
                100 * sums[0] / problems,
                100 * sums[1] / problems,
                sums[2],
                problems);
    }

    private static void compare(int seed, double own, double exact, double[] sums) {
        Problem problem = problem(seed);
        Scheduling ours = Scheduling.of(problem, 1);
        long until = System.nanoTime() + (long) (own * 1e9);
        while (!ours.isLeast() && System.nanoTime() < until) {
            ours.run(500);
        }
        CpSolver solver = new CpSolver();
        solver.getParameters().setMaxTimeInSeconds(exact);
        solver.getParameters().setNumSearchWorkers(2);
        CpSolverStatus status = solver.solve(new ExactModel(problem).model());
        boolean found = status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE;
        double finish = ours.best().finish();
        double bound = Math.max(ours.floor().seconds(), Math.ceil(solver.bestObjectiveBound() - 1e-6));
        double best = found ? solver.objectiveValue() : finish;
        sums[0] += finish / bound - 1;
        sums[1] += finish / best - 1;
        sums[2] += finish <= bound ? 1 : 0;
        System.out.printf(
                Locale.ROOT,
                "%3d: %3d tasks, %d makers: ours %.0f, solver %s %.0f, bound %.0f%n",
                seed,
                problem.tasks().size(),
                problem.makers(),
                finish,
                status,
                best,
                bound);
    }

    /** 30 to 300 tasks in chains with cross links, two tools with set-up families, drying, things that must follow soon. */
    static Problem problem(int seed) {
        Random random = new Random(seed);
        int n = 30 + random.nextInt(271);
        int makers = 1 + seed % 3;
        List<Task> tasks = new ArrayList<>();
        List<Link> links = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            boolean tool = random.nextInt(5) == 0;
            boolean dries = random.nextInt(4) == 0;
            tasks.add(new Task(
                    30 + random.nextInt(150),
                    30 + random.nextInt(400),
                    tool ? random.nextInt(4) : Task.ALONE,
                    tool ? random.nextInt(2) : Task.NONE,
                    dries ? 300 + random.nextInt(2400) : 0,
                    Task.NONE,
                    Task.NONE,
                    0));
            for (int k = 0; i > 0 && k < 1 + random.nextInt(2); k++) {
                int from = Math.max(0, i - 1 - random.nextInt(15));
                links.add(new Link(from, i, true, Link.ANY));
            }
        }
        soon(tasks, links, random);
        return new Problem(tasks, links, makers, 2, List.of());
    }

    /** One in twenty is followed by a short task that waits for nothing else and must begin within ten minutes. */
    private static void soon(List<Task> tasks, List<Link> links, Random random) {
        int n = tasks.size();
        for (int i = 0; i < n; i += 20) {
            tasks.add(Task.of(60 + random.nextInt(60), 0));
            links.add(new Link(i, tasks.size() - 1, false, 600));
        }
    }
}
