package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.List;

import dev.schachtel.core.schedule.Floor;

/**
 * The steps by their start.
 *
 * @param floor no plan with these lots is done earlier
 * @param contradictions rules that can't all be kept; the weakest of each gave way
 */
public record BuildPlan(List<Step> steps, Batch batch, Floor floor, List<Contradiction> contradictions) {
    /**
     * How the cards go through.
     *
     * @param together cards in a lot
     * @param sizes other sizes of lots that were tried, and this one
     */
    public record Batch(int cards, int makers, int together, List<LotSize> sizes) {
        public Batch {
            sizes = List.copyOf(sizes);
        }
    }

    /** A size of lots, with the finish and the handwork that it gave. */
    public record LotSize(int together, Duration total, Duration hands) {}

    /**
     * Rules in a circle: each binds an operation to the next, and the last to the first.
     *
     * @param gaveWay which of them is not kept, from 0
     */
    public record Contradiction(List<Bound> circle, int gaveWay) {
        public Contradiction {
            circle = List.copyOf(circle);
        }
    }

    /** One operation before another, and the rule that says so. */
    public record Bound(OrderRule rule, Op first, Op then) {}

    public BuildPlan {
        steps = List.copyOf(steps);
        contradictions = List.copyOf(contradictions);
    }

    /**
     * Where a step may stand without breaking a rule.
     *
     * @param first the number of the earliest place
     * @param last that of the latest
     */
    public record Window(int first, int last) {}

    /** The places that the rules leave a step. */
    public Window window(Step step) {
        int first = step.waitsFor().stream().mapToInt(n -> n).max().orElse(0) + 1;
        int last = step.frees().stream().mapToInt(n -> n).min().orElse(steps.size() + 1) - 1;
        return new Window(first, last);
    }

    /** From the first stroke until the last thing is dry. */
    /** What is done before a step, as the plan has it. */
    public List<Op> before(Step step) {
        return steps.stream()
                .filter(s -> s.number() < step.number())
                .map(Step::op)
                .distinct()
                .toList();
    }

    public Duration total() {
        return steps.stream().map(Step::ready).reduce(Duration.ZERO, BuildPlan::later);
    }

    /** All handwork, of all makers. */
    public Duration hands() {
        return steps.stream().map(Step::hands).reduce(Duration.ZERO, Duration::plus);
    }

    public Duration drying() {
        return steps.stream().map(s -> s.op().rest()).reduce(Duration.ZERO, Duration::plus);
    }

    /** Time in which hands can do nothing, of all makers. */
    public Duration waiting() {
        return total().multipliedBy(batch.makers).minus(hands());
    }

    /** What it would take to wait for every drying. */
    public Duration inARow() {
        return hands().plus(drying());
    }

    /** How far the finish can be from the earliest there is, in percent of that, rounded up. */
    public int gapPercent() {
        long least = Math.max(1, floor.seconds());
        return (int) ((total().toSeconds() - least) * 100 / least);
    }

    private static Duration later(Duration a, Duration b) {
        return a.compareTo(b) >= 0 ? a : b;
    }
}
