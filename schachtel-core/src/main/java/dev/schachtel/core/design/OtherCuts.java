package dev.schachtel.core.design;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.CutChoice;
import dev.schachtel.core.cutting.CutPlan;
import dev.schachtel.core.cutting.CutPlanner;
import dev.schachtel.core.cutting.Harvest;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.material.Workshop;

/** The same card cut otherwise, to compare: without offcuts, with or without the covered middles of mats. */
public final class OtherCuts {
    /** What is done otherwise. */
    public enum Change {
        /** As it is planned. */
        NONE,
        WITHOUT_OFFCUTS,
        WITH_MIDDLES,
        WITHOUT_MIDDLES
    }

    /** One way of cutting and its plan. */
    public record Cut(Change change, CutPlan plan) {}

    private OtherCuts() {}

    /**
     * The plan that there is first, then others; with middles only where a mat has one to give.
     *
     * @param planned the card's plan, perhaps looked for longer than the others are
     */
    public static List<Cut> of(Build build, Workshop workshop, CutPlan planned) {
        List<Cut> all = new ArrayList<>();
        all.add(new Cut(Change.NONE, planned));
        List<Sheet> whole =
                workshop.sheets().stream().filter(Sheet::canBeBought).toList();
        Workshop bought = workshop.with(whole, workshop.rolls(), workshop.tools());
        all.add(new Cut(Change.WITHOUT_OFFCUTS, CutPlanner.plan(build, bought)));
        if (!Harvest.of(build).isEmpty()) {
            boolean used = build.spec().cuts().stream().anyMatch(CutChoice::middle);
            CardSpec other = Harvest.choosing(build.spec(), build, !used);
            all.add(new Cut(
                    used ? Change.WITHOUT_MIDDLES : Change.WITH_MIDDLES,
                    CutPlanner.plan(Engineering.engineer(other, workshop), workshop)));
        }
        return all;
    }
}
