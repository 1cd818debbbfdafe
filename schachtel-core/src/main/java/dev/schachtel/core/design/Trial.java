package dev.schachtel.core.design;

import dev.schachtel.core.assembly.Assembly;
import dev.schachtel.core.assembly.BuildPlan;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.check.Checks;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.motion.Movements;

/**
 * A card as it would be, for comparing: engineered, checked and put in order, without cutting and remedies.
 *
 * @param mends how much of the card itself is to mend
 */
record Trial(Build build, Workshop workshop, int mends, BuildPlan assembly) {
    static Trial of(CardSpec spec, Workshop workshop) {
        Build build = Engineering.engineer(spec, workshop);
        int mends = Checks.check(build, Movements.of(build), workshop).count(Severity.MEND);
        return new Trial(build, workshop, mends, Assembly.plan(build, workshop));
    }

    /** The same card built in another house: rules of the house change the order and nothing of the card. */
    Trial in(Workshop other) {
        return new Trial(build, other, mends, Assembly.plan(build, other));
    }
}
