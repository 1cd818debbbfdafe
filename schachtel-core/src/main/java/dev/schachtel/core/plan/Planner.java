package dev.schachtel.core.plan;

import dev.schachtel.core.assembly.Assembly;
import dev.schachtel.core.assembly.BuildPlan;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.check.Checks;
import dev.schachtel.core.check.Findings;
import dev.schachtel.core.cutting.CutPlan;
import dev.schachtel.core.cutting.CutPlanner;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.motion.Movements;

/** CardSpec + Workshop to Plan. Pure and deterministic; does not throw for a bad card, whose troubles are findings. */
public final class Planner {
    private Planner() {}

    public static Plan plan(CardSpec spec, Workshop workshop) {
        Build build = Engineering.engineer(spec, workshop);
        Movements movements = Movements.of(build);
        CutPlan cutting = CutPlanner.plan(build, workshop);
        BuildPlan assembly = Assembly.plan(build, workshop);
        Findings found = Checks.check(build, movements, workshop).and(Prospects.buildable(build, assembly));
        Findings all = Mending.proven(build, workshop, found)
                .and(Prospects.stock(cutting, workshop))
                .and(Prospects.order(assembly));
        return new Plan(spec, workshop, build, movements, all, cutting, assembly);
    }
}
