package dev.schachtel.bench;

import java.util.ArrayList;
import java.util.List;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CircuitConstraint;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.Literal;

import dev.schachtel.core.schedule.Link;
import dev.schachtel.core.schedule.Problem;
import dev.schachtel.core.schedule.Task;

/**
 * A scheduling problem for the exact solver: hands as a cumulative resource, every tool as a circuit through its tasks that
 * says which set-ups are saved. Families of tasks without a tool, places and hazards are not modelled.
 */
final class ExactModel {
    private final CpModel model = new CpModel();
    private final Problem problem;
    private final List<IntVar> starts = new ArrayList<>();
    private final List<IntVar> ends = new ArrayList<>();
    private final List<BoolVar> setUps = new ArrayList<>();

    ExactModel(Problem problem) {
        this.problem = problem;
        long horizon = problem.tasks().stream()
                .mapToLong(t -> t.from() + t.setUp() + t.hands() + (long) t.rest())
                .sum();
        List<IntervalVar> hands = new ArrayList<>();
        IntVar finish = model.newIntVar(0, horizon, "finish");
        for (int i = 0; i < problem.tasks().size(); i++) {
            Task t = problem.tasks().get(i);
            IntVar start = model.newIntVar(t.from(), horizon, "s" + i);
            IntVar end = model.newIntVar(0, horizon, "e" + i);
            BoolVar sets = model.newBoolVar("u" + i);
            IntVar size = model.newIntVar(t.hands(), t.hands() + t.setUp(), "d" + i);
            model.addEquality(
                    size,
                    LinearExpr.newBuilder()
                            .add(t.hands())
                            .addTerm(sets, t.setUp())
                            .build());
            hands.add(model.newIntervalVar(start, size, end, "i" + i));
            if (t.family() == Task.ALONE) {
                model.addEquality(sets, 1);
            }
            model.addGreaterOrEqual(
                    finish, LinearExpr.newBuilder().add(end).add(t.rest()).build());
            starts.add(start);
            ends.add(end);
            setUps.add(sets);
        }
        CumulativeConstraint all = model.addCumulative(problem.makers());
        hands.forEach(h -> all.addDemand(h, 1));
        problem.links().forEach(this::link);
        for (int tool = 0; tool < problem.tools(); tool++) {
            tool(tool);
        }
        model.minimize(finish);
    }

    CpModel model() {
        return model;
    }

    private void link(Link l) {
        long rest = l.dry() ? problem.tasks().get(l.before()).rest() : 0;
        model.addGreaterOrEqual(
                starts.get(l.after()),
                LinearExpr.newBuilder().add(ends.get(l.before())).add(rest).build());
        if (l.most() >= 0) {
            model.addLessOrEqual(
                    starts.get(l.after()),
                    LinearExpr.newBuilder()
                            .add(ends.get(l.before()))
                            .add(l.most())
                            .build());
        }
    }

    /** In which order a tool is used: a task that follows one of its family needs no set-up. */
    private void tool(int tool) {
        List<Integer> own = new ArrayList<>();
        for (int i = 0; i < problem.tasks().size(); i++) {
            if (problem.tasks().get(i).tool() == tool) {
                own.add(i);
            }
        }
        if (own.isEmpty()) {
            return;
        }
        CircuitConstraint circuit = model.addCircuit();
        for (int a = 0; a < own.size(); a++) {
            Literal first = model.newBoolVar("first");
            circuit.addArc(0, a + 1, first);
            model.addImplication(first, setUps.get(own.get(a)));
            circuit.addArc(a + 1, 0, model.newBoolVar("last"));
            for (int b = 0; b < own.size(); b++) {
                if (a != b) {
                    Literal next = model.newBoolVar("next");
                    circuit.addArc(a + 1, b + 1, next);
                    model.addGreaterOrEqual(starts.get(own.get(b)), ends.get(own.get(a)))
                            .onlyEnforceIf(next);
                    boolean same = problem.tasks().get(own.get(a)).family()
                            == problem.tasks().get(own.get(b)).family();
                    model.addImplication(next, same ? setUps.get(own.get(b)).not() : setUps.get(own.get(b)));
                }
            }
        }
    }
}
