package dev.schachtel.core.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.Workshop;

/**
 * A cut plan that gets better the longer it is looked for. Has an answer at once; {@link #run} goes round the materials
 * that are not proved yet. Same card, workshop and rounds, same plan. Not for several threads at a time.
 */
public final class CutSearch {
    private final List<Demand> demands;
    private final List<SheetSearch> searches = new ArrayList<>();
    private final List<LinearPlan> rolls;

    CutSearch(Build build, Workshop workshop) {
        this.demands = Demands.of(build);
        Map<Material, List<Demand>> byMaterial = new LinkedHashMap<>();
        demands.stream().filter(d -> !d.part().material().fromRoll()).forEach(d -> byMaterial
                .computeIfAbsent(d.part().material(), m -> new ArrayList<>())
                .add(d));
        byMaterial.forEach((material, wanted) ->
                searches.add(new SheetSearch(material, wanted, workshop.sheetsOf(material.id()), workshop.tools())));
        this.rolls = LinearPlanner.plan(build, demands, workshop);
    }

    /** So many rounds more for every material whose plan is not proved least yet. */
    public void run(int rounds) {
        searches.forEach(s -> s.run(rounds));
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
        List<MaterialPlan> plans = new ArrayList<>();
        searches.forEach(s -> plans.add(s.plan()));
        return new CutPlan(demands, plans, rolls);
    }
}
