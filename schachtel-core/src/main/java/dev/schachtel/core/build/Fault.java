package dev.schachtel.core.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.measure.Length;

/**
 * Why a piece could not be engineered as asked; what was done instead follows from the rule.
 *
 * @param at the input that is at fault
 * @param about what the words need beside the numbers, such as the name of what is missing
 * @param measured what there is, against what there should be
 */
public record Fault(
        RuleId rule, Severity severity, Source at, String about, Amount measured, Amount limit, List<Remedy> remedies) {
    public Fault {
        remedies = List.copyOf(remedies);
    }

    /** It will not work as asked. */
    public static Fault mend(RuleId rule, Source at, String about, Amount measured, Amount limit) {
        return new Fault(rule, Severity.MEND, at, about, measured, limit, List.of());
    }

    /** It will not work as asked; measured in lengths along the card. */
    public static Fault mend(RuleId rule, Source at, Length measured, Length limit) {
        return mend(rule, at, "", Amount.of(measured), Amount.of(limit));
    }

    /** It will not work as asked, and there is nothing to measure. */
    public static Fault mend(RuleId rule, Source at, String about) {
        return mend(rule, at, about, Amount.of(Length.ZERO), Amount.of(Length.ZERO));
    }

    /** A piece that could not be worked out at all. */
    public static Fault notWorkedOut(Id piece, String reason) {
        return mend(RuleId.NOT_WORKED_OUT, new Source(piece, ""), reason);
    }

    /** Worth watching, but it works as engineered. */
    public Fault watch() {
        return new Fault(rule, Severity.WATCH, at, about, measured, limit, remedies);
    }

    public Fault remedy(Optional<Remedy> remedy) {
        List<Remedy> all = new ArrayList<>(remedies);
        remedy.ifPresent(all::add);
        return new Fault(rule, severity, at, about, measured, limit, all);
    }
}
