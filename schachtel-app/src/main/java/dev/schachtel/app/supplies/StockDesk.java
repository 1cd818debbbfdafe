package dev.schachtel.app.supplies;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

import org.springframework.stereotype.Component;

import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.store.CardService;
import dev.schachtel.app.words.Html;
import dev.schachtel.core.cutting.CutPlan;
import dev.schachtel.core.cutting.LinearPlan;
import dev.schachtel.core.cutting.MaterialPlan;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Die;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Roll;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.material.Tools;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;

/** Puts the workshop into lines for the Stock page, against what one card takes. */
@Component
class StockDesk {
    private final CardService cards;
    private final Plans plans;

    StockDesk(CardService cards, Plans plans) {
        this.cards = cards;
        this.plans = plans;
    }

    StockView view(Workshop workshop, Optional<Long> card) {
        Optional<CutPlan> plan = card.map(id -> plans.of(cards.load(id).spec()).cutting());
        Map<MaterialId, String> taken = plan.map(StockDesk::taken).orElseGet(Map::of);
        List<StockView.Line> sheets = new ArrayList<>();
        List<StockView.Line> offcuts = new ArrayList<>();
        for (Sheet s : workshop.sheets()) {
            (s.canBeBought() ? sheets : offcuts).add(line(s, workshop, taken));
        }
        return new StockView(
                sheets,
                offcuts,
                workshop.rolls().stream().map(r -> line(r, workshop, taken)).toList(),
                workshop.dies().stream().map(StockDesk::line).toList(),
                tools(workshop.tools()),
                choices(workshop, false),
                choices(workshop, true),
                cards.all().stream()
                        .map(c -> new StockView.Choice(
                                "" + c.id(),
                                c.spec().name() + " × " + c.spec().brief().cards(),
                                card.filter(id -> id == c.id()).isPresent()))
                        .toList(),
                plan.map(StockDesk::shopping).orElseGet(List::of),
                card.map(id -> cards.load(id).spec().name()).orElse(""));
    }

    private static Map<MaterialId, String> taken(CutPlan plan) {
        Map<MaterialId, Integer> sheets = new HashMap<>();
        plan.numbered().forEach(s -> sheets.merge(s.sheet().id(), 1, Integer::sum));
        Map<MaterialId, String> words = new HashMap<>();
        sheets.forEach((id, n) -> words.put(id, "takes " + n));
        plan.rolls().stream()
                .flatMap(r -> r.uses().stream())
                .forEach(u -> words.put(u.roll().id(), "takes " + metres(u.taken()) + ", leaves " + metres(u.left())));
        return words;
    }

    private static List<String> shopping(CutPlan plan) {
        List<String> all = new ArrayList<>();
        for (MaterialPlan m : plan.materials()) {
            Map<String, Integer> buy = new HashMap<>();
            m.sheets().stream()
                    .filter(s -> !s.inStock())
                    .forEach(s -> buy.merge(
                            Units.MM.show(s.sheet().width()) + " × "
                                    + Units.MM.show(s.sheet().height()) + " mm",
                            1,
                            Integer::sum));
            buy.forEach((size, n) -> all.add(
                    n + (n == 1 ? " sheet of " : " sheets of ") + m.material().name() + ", " + size));
            if (m.sheets().isEmpty() && !m.unplaced().isEmpty()) {
                all.add(m.material().name() + ": no sheet of it in the drawer");
            }
        }
        for (LinearPlan r : plan.rolls()) {
            if (!r.enough()) {
                all.add((r.newRolls() > 0 ? r.newRolls() + (r.newRolls() == 1 ? " roll of " : " rolls of ") : "")
                        + r.material().name() + ", " + metres(r.missing()) + " missing");
            }
        }
        return all;
    }

    private static StockView.Line line(Sheet s, Workshop workshop, Map<MaterialId, String> taken) {
        String id = s.id().value();
        Material material = workshop.material(s.material()).orElse(null);
        return new StockView.Line(
                id,
                name(material, s.material()),
                Html.of(s.width(), Units.MM) + " × " + Html.of(s.height(), Units.MM) + " mm"
                        + (s.directed() ? " <small>pattern has a top</small>" : ""),
                material instanceof Cardstock c ? c.colour().hex() : "",
                taken.getOrDefault(s.id(), ""),
                List.of(
                        new StockView.Input(id, "count", "In the drawer", "" + s.count(), ""),
                        new StockView.Input(id, "price", "Price each", money(s.price()), "")));
    }

    private static StockView.Line line(Die d) {
        return new StockView.Line(
                d.id().value(),
                d.name(),
                Html.of(d.width(), Units.MM) + " × " + Html.of(d.height(), Units.MM) + " mm"
                        + (d.stitched().isPositive() ? ", stitched" : ""),
                "",
                d.set(),
                List.of());
    }

    private static StockView.Line line(Roll r, Workshop workshop, Map<MaterialId, String> taken) {
        String id = r.id().value();
        return new StockView.Line(
                id,
                name(workshop.material(r.material()).orElse(null), r.material()),
                Html.of(r.width(), Units.MM) + " mm wide, full " + metres(r.full()),
                "",
                taken.getOrDefault(r.id(), ""),
                List.of(
                        new StockView.Input(
                                id,
                                "left",
                                "Left on it",
                                String.format(Locale.ROOT, "%.2f m", r.left().nanometres() / 1e9),
                                ""),
                        new StockView.Input(id, "price", "Price, full", money(r.price()), "")));
    }

    private static String name(@org.jspecify.annotations.Nullable Material material, MaterialId id) {
        return material == null ? id.value() + " (missing)" : material.name();
    }

    private static List<StockView.Input> tools(Tools t) {
        return List.of(
                tool("trimmer", "Trimmer, longest stroke", t.trimmer()),
                tool("plateWidth", "Plates of the roller machine, wide", t.plateWidth()),
                tool("plateLength", "Plates, long", t.plateLength()),
                tool("matWidth", "Cutter’s mat, wide", t.matWidth()),
                tool("matHeight", "Cutter’s mat, high", t.matHeight()),
                tool("kerf", "A stroke takes away", t.kerf()),
                tool("squareUp", "Squared up by, two edges", t.squareUp()),
                tool("keep", "Offcuts kept from, both ways", t.keep()));
    }

    private static StockView.Input tool(String component, String label, Length value) {
        return new StockView.Input("tools", component, label, Units.MM.edit(value), "mm");
    }

    private static List<StockView.Choice> choices(Workshop workshop, boolean rolls) {
        return workshop.materials().stream()
                .filter(m -> (m.fromRoll() || m instanceof Adhesive a && !a.dries()) == rolls)
                .filter(m -> !(m instanceof Adhesive a && a.dries()))
                .map(m -> new StockView.Choice(m.id().value(), m.name(), false))
                .toList();
    }

    private static String money(int hundredths) {
        return String.format(Locale.ROOT, "%d.%02d", hundredths / 100, hundredths % 100);
    }

    private static String metres(Length length) {
        return String.format(Locale.ROOT, "%.2f m", length.nanometres() / 1e9);
    }
}
