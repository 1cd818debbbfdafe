package dev.schachtel.core.check;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Place;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.Id;

/**
 * One thing that a check found.
 *
 * @param owner the piece to select when it is shown
 * @param names what the words need beside the numbers, such as part names, in the rule's own order
 */
public record Finding(
        RuleId rule,
        Severity severity,
        Id owner,
        List<PartId> parts,
        List<String> names,
        Amount measured,
        Amount limit,
        Optional<Place> place,
        List<Remedy> remedies) {
    public static final Comparator<Finding> ORDER = Comparator.comparing(Finding::severity)
            .thenComparing(Finding::rule)
            .thenComparing(Finding::owner)
            .thenComparing(f -> f.parts().toString());

    public Finding {
        parts = List.copyOf(parts);
        names = List.copyOf(names);
        remedies = List.copyOf(remedies);
    }

    public Finding with(List<Remedy> others) {
        return new Finding(rule, severity, owner, parts, names, measured, limit, place, others);
    }

    /** Stays the same while the card changes, as long as the finding is about the same thing. */
    public String key() {
        return (rule + "-" + owner + (parts.isEmpty() ? "" : "-" + parts.get(parts.size() - 1)))
                .toLowerCase(java.util.Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-");
    }
}
