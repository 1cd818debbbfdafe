package dev.schachtel.core.check;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.Id;

/** All findings of one card, worst first. */
public record Findings(List<Finding> all) {
    public Findings {
        all = all.stream().sorted(Finding.ORDER).toList();
    }

    public Findings and(Findings more) {
        return new Findings(Stream.concat(all.stream(), more.all.stream()).toList());
    }

    public Findings without(RuleId... rules) {
        List<RuleId> gone = List.of(rules);
        return new Findings(all.stream().filter(f -> !gone.contains(f.rule())).toList());
    }

    public Findings withoutRemedies() {
        return new Findings(all.stream().map(f -> f.with(List.of())).toList());
    }

    /** These findings, with the remedies of those that are the same save for remedies. */
    public Findings withRemediesOf(Findings others) {
        Map<Finding, Finding> known = new HashMap<>();
        others.all.forEach(f -> known.put(f.with(List.of()), f));
        return new Findings(
                all.stream().map(f -> known.getOrDefault(f.with(List.of()), f)).toList());
    }

    public Findings of(Severity severity) {
        return new Findings(all.stream().filter(f -> f.severity() == severity).toList());
    }

    public Findings of(RuleId rule) {
        return new Findings(all.stream().filter(f -> f.rule() == rule).toList());
    }

    public Findings about(Id owner) {
        return new Findings(all.stream().filter(f -> f.owner().equals(owner)).toList());
    }

    public int count(Severity severity) {
        return of(severity).all.size();
    }

    public Optional<Severity> worst() {
        return all.stream().map(Finding::severity).min(Severity::compareTo);
    }

    public boolean isEmpty() {
        return all.isEmpty();
    }
}
