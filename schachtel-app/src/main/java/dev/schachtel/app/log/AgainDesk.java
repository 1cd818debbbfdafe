package dev.schachtel.app.log;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.springframework.stereotype.Component;

import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.words.Times;
import dev.schachtel.app.words.Wording;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Format;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.plan.Plan;

/** Compares a card as it was built with the same card as it is wanted now. */
@Component
class AgainDesk {
    private static final int PARTS = 14;
    private final Plans plans;
    private final Wording words;

    AgainDesk(Plans plans, Wording words) {
        this.plans = plans;
        this.words = words;
    }

    AgainView view(long build, CardSpec was, CardSpec wanted, AgainController.Wanted typed) {
        Plan before = plans.of(was);
        Plan after = plans.of(wanted);
        Units units = was.units();
        Set<MaterialId> used = Sought.materials(was);
        List<Cardstock> stock = after.workshop().all(Cardstock.class);
        return new AgainView(
                build,
                was.name(),
                "" + wanted.brief().cards(),
                Format.USUAL.stream()
                        .map(f -> new AgainView.Choice(f.id(), f.name(), f.id().equals(typed.format())))
                        .toList(),
                stock.stream()
                        .filter(c -> used.contains(c.id()))
                        .map(c -> new AgainView.Choice(
                                c.id().value(), c.name(), c.id().value().equals(typed.from())))
                        .toList(),
                stock.stream()
                        .map(c -> new AgainView.Choice(
                                c.id().value(), c.name(), c.id().value().equals(typed.to())))
                        .toList(),
                rows(before, after, units),
                parts(before.build(), after.build(), units),
                after.findings().of(Severity.MEND).all().stream()
                        .map(f -> words.found(f, units))
                        .toList());
    }

    private static List<AgainView.Row> rows(Plan was, Plan is, Units units) {
        return Stream.of(
                        row(
                                "Cards",
                                was.spec().brief().cards(),
                                is.spec().brief().cards()),
                        row("Size of the front", size(was, units), size(is, units)),
                        row("Whole sheets", was.cutting().sheets(), is.cutting().sheets()),
                        row("Handwork", hands(was), hands(is)),
                        row(
                                "To mend",
                                was.findings().count(Severity.MEND),
                                is.findings().count(Severity.MEND)),
                        row(
                                "To watch",
                                was.findings().count(Severity.WATCH),
                                is.findings().count(Severity.WATCH)))
                .toList();
    }

    private static AgainView.Row row(String label, Object was, Object is) {
        return new AgainView.Row(label, "" + was, "" + is, !was.equals(is));
    }

    private static String hands(Plan plan) {
        return Times.of(plan.assembly().hands());
    }

    private static String size(Plan plan, Units units) {
        return units.show(plan.spec().base().width()) + " × "
                + units.show(plan.spec().base().height()) + " " + units.sign();
    }

    private static List<String> parts(Build was, Build is, Units units) {
        Map<PartId, Part> before = byId(was);
        Map<PartId, Part> after = byId(is);
        List<String> lines = new ArrayList<>();
        after.forEach((id, part) -> {
            Part old = before.get(id);
            if (old == null) {
                lines.add(part.name() + ": new, " + what(part, units));
            } else if (!what(old, units).equals(what(part, units))) {
                lines.add(part.name() + ": " + what(part, units) + ", was " + what(old, units));
            }
        });
        before.forEach((id, part) -> {
            if (!after.containsKey(id)) {
                lines.add(part.name() + ": not needed any more");
            }
        });
        int more = lines.size() - PARTS;
        List<String> shown = new ArrayList<>(lines.subList(0, Math.min(PARTS, lines.size())));
        if (more > 0) {
            shown.add("and " + more + " more parts");
        }
        return shown;
    }

    private static Map<PartId, Part> byId(Build build) {
        return build.parts().stream().collect(Collectors.toMap(Part::id, p -> p, (a, b) -> a, LinkedHashMap::new));
    }

    private static String what(Part part, Units units) {
        return units.show(part.form().width()) + " × " + units.show(part.form().height()) + " " + units.sign() + " of "
                + part.material().name();
    }
}
