package dev.schachtel.core.run;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.assembly.BuildPlan;
import dev.schachtel.core.assembly.OpKind;
import dev.schachtel.core.assembly.Step;
import dev.schachtel.core.build.PartId;

/**
 * The steps in their order, as they were when the run began.
 *
 * @param spares of each small part
 */
public record RunPlan(List<RunStep> steps, int cards, int spares) {
    public RunPlan {
        steps = List.copyOf(steps);
    }

    public static RunPlan of(BuildPlan plan, int spares) {
        List<RunStep> steps = new ArrayList<>();
        for (Step step : plan.steps()) {
            boolean wet = step.op().kind() == OpKind.CLEAN;
            steps.add(new RunStep(
                    step.key(),
                    step.op().id(),
                    step.op().kind().name(),
                    step.lot().first(),
                    step.lot().last(),
                    (int) step.hands().toSeconds(),
                    (int) step.op().rest().toSeconds(),
                    step.op().parts().stream().map(PartId::toString).toList(),
                    step.waitsFor().stream()
                            .map(n -> new RunStep.Wait(plan.steps().get(n - 1).key(), !wet))
                            .toList()));
        }
        return new RunPlan(steps, plan.batch().cards(), spares);
    }
}
