package dev.schachtel.core.plan;

import java.util.List;

import dev.schachtel.core.assembly.Assembly;
import dev.schachtel.core.assembly.BuildPlan;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.check.Checks;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.check.Findings;
import dev.schachtel.core.cutting.CutPlan;
import dev.schachtel.core.cutting.CutPlanner;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.motion.Movements;

/** CardSpec + Workshop to Plan. Pure and deterministic; does not throw for a bad card, whose troubles are findings. */
public final class Planner {
    private Planner() {}

    /** The whole answer; each remedy that it offers was tried. */
    public static Plan plan(CardSpec spec, Workshop workshop) {
        Plan plan = withoutRemedies(spec, workshop);
        Build build = plan.build();
        Findings tried = Mending.proven(build, workshop, Checks.check(build, plan.movements(), workshop));
        Findings rest = plan.findings()
                .without(tried.all().stream().map(Finding::rule).distinct().toArray(RuleId[]::new));
        return new Plan(spec, workshop, build, plan.movements(), tried.and(rest), plan.cutting(), plan.assembly());
    }

    /** The same without ways out, which take several cards to be tried: for what only compares or draws. */
    public static Plan withoutRemedies(CardSpec spec, Workshop workshop) {
        Build build = Engineering.engineer(spec, workshop);
        Movements movements = Movements.of(build);
        CutPlan cutting = CutPlanner.plan(build, workshop);
        BuildPlan assembly = Assembly.plan(build, workshop);
        Findings found = Checks.check(build, movements, workshop);
        Findings bare =
                new Findings(found.all().stream().map(f -> f.with(List.of())).toList());
        return new Plan(
                spec,
                workshop,
                build,
                movements,
                bare.and(PlanChecks.buildable(build, assembly))
                        .and(PlanChecks.stock(cutting, workshop))
                        .and(PlanChecks.order(assembly)),
                cutting,
                assembly);
    }
}
