package dev.schachtel.core.assembly;

import java.util.List;

import dev.schachtel.core.build.Build;

/** Build to BuildPlan, for the number of cards in its brief. Pure and deterministic. */
public final class Assembly {
    private Assembly() {}

    public static BuildPlan plan(Build build) {
        List<Op> ops = new Operations(build).all();
        return new Scheduler(ops, Before.of(ops, build)).schedule();
    }
}
