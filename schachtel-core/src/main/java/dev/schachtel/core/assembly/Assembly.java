package dev.schachtel.core.assembly;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.material.Workshop;

/** Build to BuildPlan, for the number of cards in its brief. Pure and deterministic. */
public final class Assembly {
    private Assembly() {}

    /** The first answer, in milliseconds: all cards at once, or in lots of the size that the brief asks for. */
    public static BuildPlan plan(Build build, Workshop workshop) {
        return search(build, workshop).plan();
    }

    /** The same first answer, to be improved as long as one likes: other sizes of lots, and a better order. */
    public static AssemblySearch search(Build build, Workshop workshop) {
        return search(build, workshop, FoundOrder.NONE);
    }

    /**
     * The same, going on where a search of the same card and workshop came to.
     *
     * @throws IllegalArgumentException if what was found is another card's or workshop's
     */
    public static AssemblySearch search(Build build, Workshop workshop, FoundOrder found) {
        return new AssemblySearch(build, workshop, OrderRules.of(build.spec()), found);
    }
}
