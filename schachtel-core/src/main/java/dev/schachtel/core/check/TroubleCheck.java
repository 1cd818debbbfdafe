package dev.schachtel.core.check;

import java.util.Map;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Trouble;
import dev.schachtel.core.material.Workshop;

/** What engineering itself could not do as asked. */
final class TroubleCheck implements Check {
    private static final Map<Trouble.Sort, RuleId> RULES = Map.of(
            Trouble.Sort.NO_MATERIAL, RuleId.MATERIAL_MISSING,
            Trouble.Sort.NO_GROUND, RuleId.GROUND_MISSING,
            Trouble.Sort.CIRCLE, RuleId.GROUND_CIRCLE,
            Trouble.Sort.STRIPS_DONT_FOLLOW, RuleId.STRIPS_FOLLOW,
            Trouble.Sort.TOO_WIDE_TO_BEND, RuleId.BEND_WIDTH,
            Trouble.Sort.NOTHING_LEFT, RuleId.NOTHING_LEFT);

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        for (Trouble trouble : build.troubles()) {
            Report.Draft draft = report.on(RULES.get(trouble.sort()), trouble.owner())
                    .names(trouble.about())
                    .measured(Amount.of(trouble.measured()), Amount.of(trouble.limit()));
            boolean dam = trouble.sort() == Trouble.Sort.STRIPS_DONT_FOLLOW
                    || trouble.sort() == Trouble.Sort.TOO_WIDE_TO_BEND;
            if (dam) {
                build.chambers().stream()
                        .filter(c -> c.owner().equals(trouble.owner()))
                        .map(Chamber::owner)
                        .findFirst()
                        .ifPresent(owner -> draft.remedy(Remedies.onePiece(build, workshop, owner)));
                draft.watch();
            } else {
                draft.mend();
            }
        }
    }
}
