package dev.schachtel.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Place;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Point;

/** Gathers findings; {@link Draft} is one in the making. */
public final class Report {
    private final List<Finding> findings = new ArrayList<>();

    public Findings findings() {
        return new Findings(findings);
    }

    public Draft on(RuleId rule, Id owner) {
        return new Draft(rule, owner);
    }

    /** One finding in the making; nothing is reported before mend, watch or works is said. */
    public final class Draft {
        private final RuleId rule;
        private final Id owner;
        private final List<PartId> parts = new ArrayList<>();
        private final List<String> names = new ArrayList<>();
        private final List<Remedy> remedies = new ArrayList<>();
        private Amount measured = new Amount.Count(0);
        private Amount limit = new Amount.Count(0);
        private Optional<Place> place = Optional.empty();

        private Draft(RuleId rule, Id owner) {
            this.rule = rule;
            this.owner = owner;
        }

        public Draft parts(PartId... ids) {
            parts.addAll(List.of(ids));
            return this;
        }

        public Draft names(String... words) {
            names.addAll(List.of(words));
            return this;
        }

        public Draft measured(Amount amount, Amount against) {
            measured = amount;
            limit = against;
            return this;
        }

        public Draft measured(Length length, Length against) {
            return measured(Amount.of(length), Amount.of(against));
        }

        public Draft thick(Length length, Length against) {
            return measured(new Amount.Thick(length), new Amount.Thick(against));
        }

        public Draft at(Point point) {
            place = Optional.of(new Place(point));
            return this;
        }

        public Draft remedy(Remedy remedy) {
            remedies.add(remedy);
            return this;
        }

        public Draft remedy(Optional<Remedy> remedy) {
            remedy.ifPresent(remedies::add);
            return this;
        }

        public void mend() {
            say(Severity.MEND);
        }

        public void watch() {
            say(Severity.WATCH);
        }

        public void works() {
            say(Severity.WORKS);
        }

        private void say(Severity severity) {
            findings.add(new Finding(rule, severity, owner, parts, names, measured, limit, place, remedies));
        }
    }
}
