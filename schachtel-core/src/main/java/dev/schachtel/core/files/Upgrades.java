package dev.schachtel.core.files;

import java.util.List;
import java.util.function.Consumer;

import dev.schachtel.core.model.RefusedException;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The way from every older version of a stored form to the one of today, a step for each version. A form says its version
 * under {@code schachtel}; what says none is of the version before there was one.
 *
 * @param first the version of forms that say none
 * @param steps from the first version to the next, and so on
 */
record Upgrades(String form, int first, List<Consumer<ObjectNode>> steps) {
    static final String MARK = "schachtel";

    /** The version that is written today. */
    int current() {
        return first + steps.size();
    }

    /**
     * Brings a form up to today's version and takes its mark away.
     *
     * @throws RefusedException if its version is none that this program knows
     */
    void bring(ObjectNode file) {
        int version = version(file.get(MARK));
        for (int v = version; v < current(); v++) {
            steps.get(v - first).accept(file);
        }
        file.remove(MARK);
    }

    private int version(JsonNode mark) {
        if (mark == null) {
            return first;
        }
        boolean known = mark.isIntegralNumber()
                && mark.bigIntegerValue().bitLength() < 31
                && mark.asInt() >= first
                && mark.asInt() <= current();
        if (!known) {
            throw new RefusedException(
                    "$." + MARK,
                    (first == current() ? "must be " + first : "must be from " + first + " to " + current())
                            + ", what a " + form + " is read as here");
        }
        return mark.asInt();
    }
}
