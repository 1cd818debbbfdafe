package dev.schachtel.app.cutting;

import java.util.List;

import dev.schachtel.core.cutting.CutPlan;
import dev.schachtel.core.cutting.TrimmerProgram;
import dev.schachtel.core.design.OtherCuts;
import dev.schachtel.core.plan.Plan;

/** Other ways of cutting, in words and figures. */
final class Comparison {
    private Comparison() {}

    static List<CutView.Other> of(Plan plan) {
        return OtherCuts.of(plan.build(), plan.workshop(), plan.cutting()).stream()
                .map(Comparison::row)
                .toList();
    }

    private static CutView.Other row(OtherCuts.Cut cut) {
        CutPlan plan = cut.plan();
        TrimmerProgram.Effort effort = TrimmerProgram.effort(plan);
        return new CutView.Other(
                switch (cut.change()) {
                    case NONE -> "as planned";
                    case WITHOUT_OFFCUTS -> "without the offcut box";
                    case WITH_MIDDLES -> "with covered middles cut out";
                    case WITHOUT_MIDDLES -> "without covered middles";
                },
                "" + plan.sheets(),
                100 - plan.percentUsed() + " %",
                CutDesk.money(plan.cost()),
                effort.strokes() + " at " + effort.settings(),
                cut.change() == OtherCuts.Change.NONE,
                switch (cut.change()) {
                    case WITH_MIDDLES -> "true";
                    case WITHOUT_MIDDLES -> "false";
                    default -> "";
                });
    }
}
