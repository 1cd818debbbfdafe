package dev.schachtel.app.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import dev.schachtel.app.words.Html;
import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Spares;
import dev.schachtel.core.card.CutChoice;
import dev.schachtel.core.cutting.Demand;
import dev.schachtel.core.cutting.Harvest;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Grain;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.plan.Plan;

/** The lines of the cut list, each with what may be chosen for it. */
final class CutRows {
    private CutRows() {}

    static CutView.Row row(Demand demand, Plan plan) {
        Units units = plan.spec().units();
        Form form = demand.part().form();
        String size = form.sort() == Form.Sort.ROUND || form.sort() == Form.Sort.RING
                ? Html.of(form.width(), units) + (form.sort() == Form.Sort.RING ? " ring" : " round")
                : Html.result(Amount.of(form.width(), form.height()), units);
        boolean roll = demand.part().material().fromRoll();
        return new CutView.Row(
                demand.letter(),
                demand.part().id().toString(),
                demand.part().owner().value(),
                demand.part().name(),
                size,
                demand.part().material().name(),
                demand.count(),
                low(demand.part().method().name()) + passes(demand, plan),
                roll ? List.of() : methods(demand),
                roll ? List.of() : from(demand, plan),
                demand.grain() == Grain.NONE ? "" : demand.grain() == Grain.UP ? "grain up" : "grain across",
                middle(demand, plan));
    }

    private static CutView.Middle middle(Demand demand, Plan plan) {
        boolean used = plan.spec()
                .cut(demand.part().id().toString())
                .filter(CutChoice::middle)
                .isPresent();
        int own = plan.spec()
                .cut(demand.part().id().toString())
                .map(CutChoice::spares)
                .orElse(0);
        return new CutView.Middle(
                used || Harvest.has(plan.build(), demand.part()), used, own, Spares.of(plan.build(), demand.part()));
    }

    private static String passes(Demand demand, Plan plan) {
        boolean own = demand.part().method() == CutMethod.DIE;
        boolean window = demand.part().cutouts().stream().anyMatch(c -> c.method() == CutMethod.DIE);
        int times = plan.workshop().tools().passes(demand.part().form().longer());
        String drops = demand.dropped().map(d -> ", drops out of " + d.outOf()).orElse("");
        return drops + (window && !own ? ", then die" : "") + (own && times > 1 ? ", " + times + " passes" : "");
    }

    private static List<CutView.Option> methods(Demand demand) {
        return Arrays.stream(CutMethod.values())
                .filter(m -> m != CutMethod.PUNCH)
                .map(m -> new CutView.Option(
                        low(m.name()), low(m.name()), m == demand.part().method()))
                .toList();
    }

    private static List<CutView.Option> from(Demand demand, Plan plan) {
        List<CutView.Option> all = new ArrayList<>();
        all.add(new CutView.Option("", "whichever is best", demand.from().isEmpty()));
        Units units = plan.spec().units();
        for (Sheet s : plan.workshop().sheetsOf(demand.part().material().id())) {
            String name = units.show(s.width()) + " × " + units.show(s.height()) + (s.canBeBought() ? "" : " offcut");
            all.add(new CutView.Option(
                    s.id().value(), name, demand.from().filter(s.id()::equals).isPresent()));
        }
        return all;
    }

    /** A way of cutting by its word; empty if there is none of that name. */
    static Optional<CutMethod> method(String word) {
        return Arrays.stream(CutMethod.values())
                .filter(m -> low(m.name()).equals(word))
                .findFirst();
    }

    static String low(String name) {
        return name.toLowerCase(Locale.ROOT);
    }
}
