package dev.schachtel.core.cutting;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;

/** Build + brief + stock to CutPlan. Pure and deterministic. */
public final class CutPlanner {
    /** Card left round a part that is die or knife cut from its blank: 3 mm each side. */
    public static final Length ALLOWANCE = Length.ofMillimetres(3);

    /** Plans for more blanks than this are refused. */
    public static final int MOST = 20_000;

    private CutPlanner() {}

    /** The first answer, which takes milliseconds; exact for a few parts of a material, else near the least. */
    public static CutPlan plan(Build build, Workshop workshop) {
        return search(build, workshop).plan();
    }

    /** For batches: the same first answer, to be improved as long as one likes. */
    public static CutSearch search(Build build, Workshop workshop) {
        return search(build, workshop, FoundCuts.NONE);
    }

    /**
     * The same, going on where a search of the same card and workshop came to.
     *
     * @throws IllegalArgumentException if what was found is another card's or workshop's
     */
    public static CutSearch search(Build build, Workshop workshop, FoundCuts found) {
        return new CutSearch(build, workshop, found);
    }
}
