package dev.schachtel.core.check;

import java.util.List;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.edit.AsFarAsItGoes;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.motion.Movements;
import dev.schachtel.core.patience.Patience;

/**
 * A card engineered, moved and checked, before it is cut or put in order: what trying another card takes. The remedies of
 * its findings are proposals that nobody has tried.
 */
public record Checked(Build build, Movements movements, Findings findings) {
    /** Steps of work for a part, besides those that outlines take. */
    private static final int PART = 600;

    /** Does not throw for a bad card: what can't be worked out is left out and told. */
    public static Checked of(CardSpec spec, Workshop workshop) {
        AsFarAsItGoes<Checked> checked = AsFarAsItGoes.of(spec, s -> exactly(s, workshop));
        return checked.stopped()
                .map(s -> checked.value().of(spec, Fault.notWorkedOut(s.piece(), s.reason())))
                .orElse(checked.value());
    }

    private Checked of(CardSpec whole, Fault why) {
        Build told = build.of(whole, why);
        return new Checked(told, movements, findings.and(FaultCheck.told(List.of(why))));
    }

    private static Checked exactly(CardSpec spec, Workshop workshop) {
        Build build = Engineering.engineer(spec, workshop);
        Patience.take(PART * (long) build.parts().size());
        Movements movements = Movements.of(build);
        return new Checked(build, movements, Checks.check(build, movements, workshop));
    }

    /** How much of the card is to mend. */
    public int mends() {
        return findings.count(Severity.MEND);
    }
}
