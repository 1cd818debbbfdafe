package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.List;

/**
 * One operation in its place.
 *
 * @param number from 1
 * @param start when the hands begin, from the start of the work
 * @param reasons why it is here: rules that bind it to steps before or after it, the most telling first
 * @param waitsFor numbers of the steps that must be done before it, without those that follow from others
 * @param frees numbers of the steps that wait for it, likewise
 */
public record Step(
        int number, Op op, Duration start, List<Reason> reasons, List<Integer> waitsFor, List<Integer> frees) {
    /** A rule and the other step it binds this one to. */
    public record Reason(OrderRule rule, int other, boolean otherIsLater) {}

    public Duration end() {
        return start.plus(op.hands());
    }

    /** When it is dry. */
    public Duration ready() {
        return end().plus(op.rest());
    }
}
