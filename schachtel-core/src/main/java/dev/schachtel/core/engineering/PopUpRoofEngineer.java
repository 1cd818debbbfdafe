package dev.schachtel.core.engineering;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.PopUpRoof;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;

/**
 * A kite: both feet lie a from the fold, both halves are s long. Shut they lie on each other up to a + s. At an opening p the feet are 2 a sin(p / 2) apart, the
 * ridge stands half-way between them; the halves are taut where that is 2 s, so at 2 asin(s / a), and never where s is at least a.
 */
@AutoService(Engineer.class)
public final class PopUpRoofEngineer implements Engineer<PopUpRoof> {
    /** Both pages lie on the board. */
    private static final double FLAT = 180;

    @Override
    public Class<PopUpRoof> engineers() {
        return PopUpRoof.class;
    }

    @Override
    public void engineer(PopUpRoof roof, BuildDraft draft) {
        PopUps all = draft.workings().popUps();
        all.fold(roof.in(), new Source(roof.id(), "in"), draft).ifPresent(valley -> {
            Strip.Look look = new Strip.Look("Pop-up roof", roof.id(), roof.front(), roof.back(), roof.card());
            Strip.Sizes sizes =
                    new Strip.Sizes(roof.foot(), roof.foot(), roof.slope(), roof.tab(), roof.wide(), roof.off());
            new Strip(draft, valley, look, sizes, new Strip.Inputs("foot", "foot", "slope")).lay();
            opens(roof, draft);
            derive(roof, draft);
        });
    }

    /** Degrees of opening at which it is taut. */
    static double taut(PopUpRoof roof) {
        double share = Mm.of(roof.slope()) / Mm.of(roof.foot());
        return share >= 1 ? FLAT : Math.toDegrees(2 * Math.asin(share));
    }

    private static void opens(PopUpRoof roof, BuildDraft draft) {
        if (taut(roof) < FLAT) {
            Length less = roof.slope().minus(roof.foot());
            Source slope = new Source(roof.id(), "slope");
            Source foot = new Source(roof.id(), "foot");
            draft.fault(Fault.mend(
                            RuleId.OPENS,
                            slope,
                            roof.id().value(),
                            Amount.degrees(Math.floor(taut(roof))),
                            Amount.degrees(FLAT))
                    .remedy(draft.lever(slope).flatMap(l -> l.by(less.negated())))
                    .remedy(draft.lever(foot).flatMap(l -> l.by(less))));
        }
    }

    private static void derive(PopUpRoof roof, BuildDraft draft) {
        Ledger ledger = new Ledger(draft, roof.id());
        ledger.sum(
                "Strip, long",
                roof.tab().times(2).plus(roof.slope().times(2)),
                ledger.twice("tab", roof.tab(), "tab"),
                ledger.twice("half", roof.slope(), "slope"));
        ledger.sum(
                "Shut, it reaches from the fold",
                roof.foot().plus(roof.slope()),
                ledger.term("from the fold", roof.foot(), "foot"),
                ledger.term("half", roof.slope(), "slope"));
        ledger.formula(
                "Pulls taut at",
                Amount.degrees(Math.floor(taut(roof))),
                "2 × asin({1} ÷ {0}); 180° where {1} is no less than {0}",
                ledger.term("from the fold", roof.foot(), "foot"),
                ledger.term("half", roof.slope(), "slope"));
    }
}
