package dev.schachtel.core.design;

import dev.schachtel.core.assembly.Assembly;
import dev.schachtel.core.assembly.BuildPlan;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.check.Checked;
import dev.schachtel.core.material.Workshop;

/**
 * A card as it would be, for comparing: engineered, checked and put in order, without cutting and remedies.
 *
 * @param mends how much of the card itself is to mend
 */
record Trial(Build build, Workshop workshop, int mends, BuildPlan assembly) {
    static Trial of(CardSpec spec, Workshop workshop) {
        Checked card = Checked.of(spec, workshop);
        return new Trial(card.build(), workshop, card.mends(), Assembly.plan(card.build(), workshop));
    }

    /** The same card built in another house: rules of the house change the order and nothing of the card. */
    Trial in(Workshop other) {
        return new Trial(build, other, mends, Assembly.plan(build, other));
    }
}
