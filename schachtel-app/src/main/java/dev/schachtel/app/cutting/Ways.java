package dev.schachtel.app.cutting;

import java.util.ArrayList;
import java.util.List;

import org.springframework.stereotype.Component;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.CutChoice;
import dev.schachtel.core.cutting.CutPlan;
import dev.schachtel.core.cutting.CutPlanner;
import dev.schachtel.core.cutting.Harvest;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.plan.Plan;

/** The same card cut in other ways, to compare: without offcuts, with the covered middles of mats. */
@Component
class Ways {
    List<CutView.Way> of(Plan plan) {
        Workshop workshop = plan.workshop();
        List<CutView.Way> all = new ArrayList<>();
        boolean used = plan.spec().cuts().stream().anyMatch(CutChoice::middle);
        all.add(way("as planned", plan.cutting(), ""));
        List<Sheet> whole =
                workshop.sheets().stream().filter(Sheet::canBeBought).toList();
        all.add(way("without the offcut box", CutPlanner.plan(plan.build(), with(workshop, whole)), ""));
        if (Harvest.of(plan.build()).isEmpty()) {
            return all;
        }
        CardSpec other = Harvest.choosing(plan.spec(), plan.build(), !used);
        all.add(way(
                used ? "without covered middles" : "with covered middles cut out",
                CutPlanner.plan(Engineering.engineer(other, workshop), workshop),
                used ? "false" : "true"));
        return all;
    }

    private static Workshop with(Workshop w, List<Sheet> sheets) {
        return w.with(sheets, w.rolls(), w.tools());
    }

    private static CutView.Way way(String name, CutPlan plan, String take) {
        int[] count = ProgramDesk.count(plan);
        return new CutView.Way(
                name,
                "" + plan.sheets(),
                100 - plan.percentUsed() + " %",
                CutDesk.money(plan.cost()),
                count[1] + " at " + count[0],
                take.isEmpty() && name.equals("as planned"),
                take);
    }
}
