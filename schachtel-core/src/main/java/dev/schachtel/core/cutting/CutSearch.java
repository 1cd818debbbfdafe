package dev.schachtel.core.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.guillotine.Found;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.material.Workshop;

/**
 * A cut plan that gets better the longer it is looked for. Has an answer at once; {@link #run} goes round the materials
 * that are not proved yet. Same card, workshop and rounds, same plan. Not for several threads at a time.
 */
public final class CutSearch {
    private final List<Demand> demands;
    private final List<SheetSearch> searches = new ArrayList<>();
    private final List<LinearPlan> rolls;
    private final Workshop workshop;
    private final boolean tooMany;

    CutSearch(Build build, Workshop workshop, FoundCuts found) {
        this.demands = Demands.of(build);
        this.workshop = workshop;
        this.tooMany = demands.stream().mapToLong(Demand::count).sum() > CutPlanner.MOST;
        if (tooMany) {
            this.rolls = List.of();
            return;
        }
        Map<Material, List<Demand>> byMaterial = new LinkedHashMap<>();
        demands.stream()
                .filter(d -> !d.part().material().fromRoll() && !d.isNested())
                .forEach(d -> byMaterial
                        .computeIfAbsent(d.part().material(), m -> new ArrayList<>())
                        .add(d));
        List<Sheet> middles = Harvest.chosen(build);
        byMaterial.forEach((material, wanted) -> {
            List<Sheet> sheets = new ArrayList<>(workshop.sheetsOf(material.id()));
            middles.stream().filter(m -> m.material().equals(material.id())).forEach(sheets::add);
            searches.add(new SheetSearch(material, wanted, sheets, workshop.tools(), found.of(material.id())));
        });
        this.rolls = LinearPlanner.plan(build, demands, workshop);
    }

    /** So many rounds more for every material whose plan is not proved least yet. */
    public void run(int rounds) {
        searches.forEach(s -> s.run(rounds));
    }

    /** How far it came, to go on another day. */
    public FoundCuts found() {
        Map<String, Found> found = new LinkedHashMap<>();
        searches.forEach(s -> found.put(s.material().value(), s.found()));
        return new FoundCuts(found);
    }

    /** Whether no fewer sheets can be found. */
    public boolean done() {
        return searches.stream().allMatch(SheetSearch::done);
    }

    /** The most rounds that any material has had. */
    public int rounds() {
        return searches.stream().mapToInt(SheetSearch::rounds).max().orElse(0);
    }

    public CutPlan plan() {
        if (tooMany) {
            return new CutPlan(demands, List.of(), new CutPlan.Mats(List.of(), demands), rolls);
        }
        List<MaterialPlan> plans = new ArrayList<>();
        searches.forEach(s -> plans.add(s.plan()));
        Map<Material, List<Demand>> nested = new LinkedHashMap<>();
        demands.stream().filter(d -> d.isNested() && d.isThere()).forEach(d -> nested.computeIfAbsent(
                        d.part().material(), m -> new ArrayList<>())
                .add(d));
        List<MatPlan> mats = new ArrayList<>();
        List<Demand> unplaced = new ArrayList<>();
        nested.forEach((material, wanted) -> {
            Nesting nesting = new Nesting(workshop.sheetsOf(material.id()), left(material, plans), workshop.tools());
            mats.addAll(nesting.lay(wanted));
            unplaced.addAll(nesting.unplaced());
        });
        return new CutPlan(demands, plans, new CutPlan.Mats(mats, unplaced), rolls);
    }

    /** What the trimmer leaves of each sheet for the mat. */
    private static Map<MaterialId, Integer> left(Material material, List<MaterialPlan> plans) {
        Map<MaterialId, Integer> left = new LinkedHashMap<>();
        plans.stream()
                .filter(p -> p.material().equals(material))
                .flatMap(p -> p.sheets().stream())
                .forEach(s -> left.merge(s.sheet().id(), s.sheet().count() - 1, (old, first) -> old - 1));
        return left;
    }
}
