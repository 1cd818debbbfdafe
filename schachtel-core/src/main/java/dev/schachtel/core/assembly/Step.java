package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.List;

/**
 * One operation on one lot, in its place.
 *
 * @param number from 1
 * @param round from 0, where an operation on a lot is done in rounds, such as paste that is washed off in time
 * @param time when and by whom
 * @param reasons why it is here: rules that bind it to steps before or after it, the most telling first
 * @param waitsFor numbers of the steps that must be done before it, without those that follow from others
 * @param frees numbers of the steps that wait for it, likewise
 */
public record Step(
        int number,
        Op op,
        Lot lot,
        int round,
        Time time,
        List<Reason> reasons,
        List<Integer> waitsFor,
        List<Integer> frees) {
    /** A rule and the other step it binds this one to. */
    public record Reason(OrderRule rule, int other, boolean otherIsLater) {}

    /**
     * When and by whom.
     *
     * @param start when the hands begin, from the start of the work
     * @param hands how long, set-up included
     * @param maker who, from 0
     * @param setsUp whether it needs its set-up, or goes on with that of the step before
     */
    public record Time(Duration start, Duration hands, int maker, boolean setsUp) {}

    /** What the step is called wherever it stands: its operation, its lot if there are several, its round likewise. */
    public String key() {
        return op.id() + (lot.isWhole() ? "" : " #" + lot.number()) + (round == 0 ? "" : " round " + (round + 1));
    }

    public Duration start() {
        return time.start;
    }

    public Duration hands() {
        return time.hands;
    }

    /** How much of that is set-up. */
    public Duration setUp() {
        return time.setsUp ? op.setUp() : Duration.ZERO;
    }

    public int maker() {
        return time.maker;
    }

    public Duration end() {
        return time.start.plus(time.hands);
    }

    /** When it is dry. */
    public Duration ready() {
        return end().plus(op.rest());
    }
}
