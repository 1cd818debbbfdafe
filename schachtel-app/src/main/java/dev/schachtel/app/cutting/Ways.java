package dev.schachtel.app.cutting;

import java.util.ArrayList;
import java.util.List;

import org.springframework.stereotype.Component;

import dev.schachtel.core.cutting.CutPlan;
import dev.schachtel.core.cutting.CutPlanner;
import dev.schachtel.core.cutting.Harvest;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.plan.Plan;

/** The same card cut in other ways, to compare: without offcuts, with the covered middles of mats. */
@Component
class Ways {
    List<CutView.Way> of(Plan plan) {
        Workshop workshop = plan.workshop();
        List<CutView.Way> all = new ArrayList<>();
        all.add(way("as planned", plan.cutting(), true));
        List<Sheet> whole =
                workshop.sheets().stream().filter(Sheet::canBeBought).toList();
        all.add(way("without the offcut box", CutPlanner.plan(plan.build(), with(workshop, whole)), false));
        List<Sheet> middles = new ArrayList<>(workshop.sheets());
        List<Sheet> harvest = Harvest.of(plan.build());
        middles.addAll(harvest);
        all.add(way(
                harvest.isEmpty() ? "no covered middles to cut out" : "with covered middles cut out",
                CutPlanner.plan(plan.build(), with(workshop, middles)),
                false));
        return all;
    }

    private static Workshop with(Workshop w, List<Sheet> sheets) {
        return w.with(sheets, w.rolls(), w.tools());
    }

    private static CutView.Way way(String name, CutPlan plan, boolean now) {
        int[] count = ProgramDesk.count(plan);
        return new CutView.Way(
                name,
                "" + plan.sheets(),
                100 - plan.percentUsed() + " %",
                CutDesk.money(plan.cost()),
                count[1] + " at " + count[0],
                now);
    }
}
