package dev.schachtel.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.card.Brief;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Area;
import dev.schachtel.core.measure.Length;

/** Build + brief + stock to CutPlan. Pure and deterministic. Takes the best of a few greedy layouts. */
public final class CutPlanner {
    /** Card left round a part that is die or knife cut from its blank: 3 mm each side. */
    public static final Length ALLOWANCE = Length.ofMillimetres(3);
    /** Spares are cut of parts no longer than this. */
    private static final Length SMALL = Length.ofMillimetres(100);

    private CutPlanner() {}

    public static CutPlan plan(Build build, Workshop workshop) {
        List<Demand> demands = demands(build);
        Map<Material, List<Demand>> byMaterial = new LinkedHashMap<>();
        demands.forEach(d -> byMaterial
                .computeIfAbsent(d.part().material(), m -> new ArrayList<>())
                .add(d));
        List<MaterialPlan> plans = new ArrayList<>();
        byMaterial.forEach((material, wanted) -> plans.add(plan(material, wanted, workshop)));
        return new CutPlan(demands, plans);
    }

    static List<Demand> demands(Build build) {
        Brief brief = build.spec().brief();
        Map<PartId, String> letters = build.letters();
        List<Demand> all = new ArrayList<>();
        for (Part part : build.parts()) {
            boolean trimmed = part.method() == CutMethod.TRIMMER
                    || straight(part)
                    || part.material().fromRoll();
            Length more = trimmed ? Length.ZERO : ALLOWANCE.times(2);
            int spares = part.form().longer().isAbove(SMALL) ? 0 : brief.spares();
            all.add(new Demand(
                    part,
                    letters.getOrDefault(part.id(), ""),
                    part.form().width().plus(more),
                    part.form().height().plus(more),
                    part.perCard() * brief.cards() + spares));
        }
        return all;
    }

    /** Knife cuts in a part that is trimmed to size first need no allowance round it. */
    private static boolean straight(Part part) {
        return part.method() == CutMethod.KNIFE && part.form().sort() == Form.Sort.RECTANGLE;
    }

    private static MaterialPlan plan(Material material, List<Demand> wanted, Workshop workshop) {
        if (material.fromRoll()) {
            Length all = wanted.stream().map(d -> d.width().times(d.count())).reduce(Length.ZERO, Length::plus);
            return new MaterialPlan(material, List.of(), 0, List.of(), all);
        }
        List<Sheet> stock = workshop.sheetsOf(material.id());
        if (stock.isEmpty()) {
            return new MaterialPlan(material, List.of(), 0, wanted, Length.ZERO);
        }
        List<Layout> layouts = new ArrayList<>();
        for (Sheet first : stock) {
            List<Sheet> order = new ArrayList<>(stock);
            order.remove(first);
            order.add(0, first);
            for (Layout.Split split : Layout.Split.values()) {
                layouts.add(new Layout(order, split).lay(wanted));
            }
        }
        Layout best = layouts.stream()
                .min(Comparator.comparingInt((Layout l) ->
                                l.unplaced().stream().mapToInt(Demand::count).sum())
                        .thenComparingLong(l ->
                                l.plans().stream().filter(p -> !p.inStock()).count())
                        .thenComparingInt(l -> l.plans().size())
                        .thenComparing(
                                l -> l.plans().stream().map(SheetPlan::area).reduce(Area.ZERO, Area::plus)))
                .orElseThrow();
        return new MaterialPlan(material, best.plans(), fewest(wanted, best, stock), best.unplaced(), Length.ZERO);
    }

    private static int fewest(List<Demand> wanted, Layout best, List<Sheet> stock) {
        Area placed = wanted.stream()
                .filter(d -> !best.unplaced().contains(d))
                .map(d -> Area.of(d.width(), d.height()).times(d.count()))
                .reduce(Area.ZERO, Area::plus);
        Area largest = stock.stream()
                .map(s -> Area.of(s.width(), s.height()))
                .max(Comparator.naturalOrder())
                .orElseThrow();
        return (int) Math.ceil(placed.shareOf(largest) - 1e-9);
    }
}
