package dev.schachtel.core.plan;

import java.time.LocalDate;

import dev.schachtel.core.assembly.BuildPlan;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.check.Findings;
import dev.schachtel.core.cutting.CutPlan;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.motion.Movements;

/** Everything that follows from one card and one workshop. */
public record Plan(
        CardSpec spec,
        Workshop workshop,
        Build build,
        Movements movements,
        Findings findings,
        CutPlan cutting,
        BuildPlan assembly) {
    /** What could be planned of a card, with why the rest could not. */
    Plan of(CardSpec whole, Fault why) {
        Findings told = findings.and(PlanChecks.told(why));
        return new Plan(whole, workshop, build.of(whole, why), movements, told, cutting, assembly);
    }

    /** The same card with another cut plan, such as one that was looked for longer. */
    public Plan with(CutPlan other) {
        Findings now = findings.without(
                        RuleId.STOCK_SHORT,
                        RuleId.ROLL_SHORT,
                        RuleId.ROLL_NARROW,
                        RuleId.UNPLACED,
                        RuleId.TRIMMER_SHORT)
                .and(PlanChecks.stock(other, workshop));
        return new Plan(spec, workshop, build, movements, now, other, assembly);
    }

    /** The same card with another build plan. */
    public Plan with(BuildPlan other) {
        Findings now = findings.without(RuleId.ORDER_CONTRADICTS).and(PlanChecks.order(other));
        return new Plan(spec, workshop, build, movements, now, cutting, other);
    }

    /** The same with the remedies of these findings. */
    public Plan withRemediesOf(Findings proven) {
        return new Plan(spec, workshop, build, movements, findings.withRemediesOf(proven), cutting, assembly);
    }

    /** The same plan as it looks on a day: with what the card's date, if it has one, means for it. */
    public Plan on(LocalDate today) {
        Findings dated = findings.and(PlanChecks.deadline(spec.brief(), assembly, today));
        return new Plan(spec, workshop, build, movements, dated, cutting, assembly);
    }
}
