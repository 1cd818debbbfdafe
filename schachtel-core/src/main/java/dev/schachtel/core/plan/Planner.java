package dev.schachtel.core.plan;

import dev.schachtel.core.assembly.Assembly;
import dev.schachtel.core.assembly.BuildPlan;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.check.Checked;
import dev.schachtel.core.check.Findings;
import dev.schachtel.core.cutting.CutPlan;
import dev.schachtel.core.cutting.CutPlanner;
import dev.schachtel.core.edit.AsFarAsItGoes;
import dev.schachtel.core.material.Workshop;

/** CardSpec + Workshop to Plan. Pure and deterministic; does not throw for a bad card, whose troubles are findings. */
public final class Planner {
    private Planner() {}

    /** The whole answer; each remedy that it offers was tried. */
    public static Plan plan(CardSpec spec, Workshop workshop) {
        return withoutRemedies(spec, workshop).withRemediesOf(remedies(spec, workshop));
    }

    /** The same without ways out, which take several cards to be tried: for what only compares or draws. */
    public static Plan withoutRemedies(CardSpec spec, Workshop workshop) {
        AsFarAsItGoes<Plan> plan = AsFarAsItGoes.of(spec, s -> whole(Checked.of(s, workshop), workshop));
        return plan.stopped()
                .map(s -> plan.value().of(spec, Fault.notWorkedOut(s.piece(), s.reason())))
                .orElse(plan.value());
    }

    /** What the checks find, with the remedies that mend: several cards are tried for it. */
    public static Findings remedies(CardSpec spec, Workshop workshop) {
        return AsFarAsItGoes.of(spec, s -> Mending.proven(Checked.of(s, workshop), workshop))
                .value();
    }

    private static Plan whole(Checked checked, Workshop workshop) {
        Build build = checked.build();
        CutPlan cutting = CutPlanner.plan(build, workshop);
        BuildPlan assembly = Assembly.plan(build, workshop);
        Findings all = checked.findings()
                .withoutRemedies()
                .and(PlanChecks.buildable(build, assembly))
                .and(PlanChecks.stock(cutting, workshop))
                .and(PlanChecks.order(assembly));
        return new Plan(build.spec(), workshop, build, checked.movements(), all, cutting, assembly);
    }
}
