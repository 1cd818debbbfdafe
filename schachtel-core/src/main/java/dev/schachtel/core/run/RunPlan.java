package dev.schachtel.core.run;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import dev.schachtel.core.assembly.BuildPlan;
import dev.schachtel.core.assembly.Step;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Spares;
import dev.schachtel.core.material.Take;
import dev.schachtel.core.work.WorkKind;

/**
 * The steps in their order, as they were when the run began.
 *
 * @param spares of each part by its name; under an empty name those of all others
 * @param takes what was planned to be taken of the drawer
 */
public record RunPlan(List<RunStep> steps, int cards, Map<String, Integer> spares, int makers, List<Take> takes) {
    public RunPlan {
        takes = List.copyOf(takes);
        steps = List.copyOf(steps);
        spares = Map.copyOf(spares);
        makers = Math.max(1, makers);
    }

    public static RunPlan of(BuildPlan plan, Build build, List<Take> takes) {
        Map<String, Integer> spares = new LinkedHashMap<>();
        build.parts().stream()
                .filter(p -> Spares.of(build, p) > 0)
                .forEach(p -> spares.put(p.id().toString(), Spares.of(build, p)));
        List<RunStep> steps = new ArrayList<>();
        for (Step step : plan.steps()) {
            boolean wet = step.op().is(WorkKind.CLEAN);
            steps.add(new RunStep(
                    step.key(),
                    step.op().id(),
                    step.op().kind(),
                    step.lot().first(),
                    step.lot().last(),
                    List.of(),
                    (int) step.hands().toSeconds(),
                    (int) step.setUp().toSeconds(),
                    (int) step.op().rest().toSeconds(),
                    step.op().hazard(),
                    step.op().parts().stream().map(PartId::toString).toList(),
                    step.waitsFor().stream()
                            .map(n -> plan.steps().get(n - 1))
                            .map(before -> new RunStep.Wait(before.key(), !wet, wet ? washed(before) : 0))
                            .toList()));
        }
        return new RunPlan(steps, plan.batch().cards(), spares, plan.batch().makers(), takes);
    }

    /** How many more there are of a part. */
    int sparesOf(String part) {
        return spares.getOrDefault(part, spares.getOrDefault("", 0));
    }

    /** Seconds within which what a step was done with must be washed; 0 for any time. */
    private static int washed(Step step) {
        return step.op().surface().map(s -> s.technique().washWithin() * 60).orElse(0);
    }
}
