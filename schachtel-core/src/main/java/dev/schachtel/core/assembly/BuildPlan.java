package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.List;

/** The steps in the order of the hands. */
public record BuildPlan(List<Step> steps) {
    public BuildPlan {
        steps = List.copyOf(steps);
    }

    /** From the first stroke until the last thing is dry. */
    public Duration total() {
        return steps.stream().map(Step::ready).reduce(Duration.ZERO, BuildPlan::later);
    }

    public Duration hands() {
        return steps.stream().map(s -> s.op().hands()).reduce(Duration.ZERO, Duration::plus);
    }

    public Duration drying() {
        return steps.stream().map(s -> s.op().rest()).reduce(Duration.ZERO, Duration::plus);
    }

    /** Time in which the hands can do nothing. */
    public Duration waiting() {
        return total().minus(hands());
    }

    /** What it would take to wait for every drying. */
    public Duration inARow() {
        return hands().plus(drying());
    }

    private static Duration later(Duration a, Duration b) {
        return a.compareTo(b) >= 0 ? a : b;
    }
}
