package dev.schachtel.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import dev.schachtel.core.assembly.Assembly;
import dev.schachtel.core.build.Change;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.check.Checked;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.check.Findings;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.model.RefusedException;

/**
 * Tries remedies on the card before they are offered. One that leaves its finding, or makes something new that would have to
 * be mended, is followed by the remedy of what is in its way, up to {@value #LONGEST} changes of the card in a row; what
 * does not mend then is not offered.
 */
public final class Mending {
    private static final int LONGEST = 3;
    /** Cards that are tried for one card at most, the worst findings first; fewer for cards of many parts and openings. */
    private static final int MOST = 10;

    private static final int MANY = 40;

    private final CardSpec spec;
    private final Workshop workshop;
    private final Findings before;
    private int left;

    private Mending(CardSpec spec, Workshop workshop, Findings before, int trials) {
        this.spec = spec;
        this.workshop = workshop;
        this.before = before;
        this.left = trials;
    }

    /** What is counted: of one rule about one piece. */
    private record Subject(RuleId rule, Id owner) {
        static Subject of(Finding finding) {
            return new Subject(finding.rule(), finding.owner());
        }
    }

    /** The same findings, each with those of its remedies that mend it. */
    static Findings proven(Checked card, Workshop workshop) {
        int size = card.build().parts().stream()
                .mapToInt(p -> 1 + p.cutouts().size())
                .sum();
        int trials = size <= MANY ? MOST : Math.max(1, MOST * MANY * MANY / (size * size));
        Mending mending = new Mending(card.build().spec(), workshop, card.findings(), trials);
        return new Findings(card.findings().all().stream().map(mending::proven).toList());
    }

    private Finding proven(Finding finding) {
        return finding.remedies().isEmpty()
                ? finding
                : finding.with(finding.remedies().stream()
                        .flatMap(r -> proven(finding, r).stream())
                        .toList());
    }

    private Optional<Remedy> proven(Finding finding, Remedy remedy) {
        List<Change> changes = new ArrayList<>();
        CardSpec now = spec;
        Remedy next = remedy;
        for (int i = 0; i < LONGEST && left > 0; i++) {
            Optional<CardSpec> changed = tried(now, next);
            if (changed.isEmpty()) {
                return Optional.empty();
            }
            now = changed.get();
            changes.addAll(next.changes());
            left--;
            Checked after = Checked.of(now, workshop);
            Optional<Finding> wrong = inTheWay(finding, after.findings());
            if (wrong.isEmpty()) {
                return canBeBuilt(finding, after)
                        ? Optional.of(new Remedy(remedy.pull(), remedy.to(), changes))
                        : Optional.empty();
            }
            if (wrong.get().remedies().isEmpty()) {
                return Optional.empty();
            }
            next = wrong.get().remedies().get(0);
        }
        return Optional.empty();
    }

    private static Optional<CardSpec> tried(CardSpec spec, Remedy remedy) {
        try {
            CardSpec now = remedy.taken(spec);
            return now.equals(spec) ? Optional.empty() : Optional.of(now);
        } catch (RefusedException e) {
            return Optional.empty();
        }
    }

    private boolean canBeBuilt(Finding finding, Checked after) {
        Findings built = PlanChecks.buildable(after.build(), Assembly.plan(after.build(), workshop));
        return built.isEmpty() || inTheWay(finding, after.findings().and(built)).isEmpty();
    }

    /** The finding itself if it is still there; else the first that was not there before and is as bad. */
    private Optional<Finding> inTheWay(Finding mended, Findings after) {
        Map<Subject, Integer> had = count(before, mended.severity());
        Map<Subject, Integer> has = count(after, mended.severity());
        Subject subject = Subject.of(mended);
        if (has.getOrDefault(subject, 0) >= had.getOrDefault(subject, 0)) {
            return after.all().stream()
                    .filter(f -> isAsBad(f, mended.severity()) && Subject.of(f).equals(subject))
                    .findFirst();
        }
        return after.all().stream()
                .filter(f -> isAsBad(f, mended.severity()))
                .filter(f -> has.get(Subject.of(f)) > had.getOrDefault(Subject.of(f), 0))
                .findFirst();
    }

    private static boolean isAsBad(Finding finding, Severity severity) {
        return finding.severity().compareTo(severity) <= 0;
    }

    private static Map<Subject, Integer> count(Findings findings, Severity severity) {
        Map<Subject, Integer> counts = new HashMap<>();
        findings.all().stream()
                .filter(f -> isAsBad(f, severity))
                .forEach(f -> counts.merge(Subject.of(f), 1, Integer::sum));
        return counts;
    }
}
