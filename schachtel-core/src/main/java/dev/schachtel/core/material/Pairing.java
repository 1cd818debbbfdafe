package dev.schachtel.core.material;

import java.util.List;
import java.util.Optional;

/**
 * How a medium does on what lies under it, in the maker's experience. What is not said goes well.
 *
 * @param reason one sentence
 */
public record Pairing(Medium medium, Under under, Verdict verdict, String reason) {
    /** How it goes. */
    public enum Verdict {
        GOOD,
        /** It can be done with patience. */
        HARD,
        /** It spoils one or the other. */
        FAULT
    }

    /** The line of a table that says something of two. */
    public static Optional<Pairing> of(List<Pairing> table, Medium medium, Under under) {
        return table.stream()
                .filter(p -> p.medium == medium && p.under == under)
                .findFirst();
    }

    /** Whether a medium laid over another spoils something. */
    public static boolean spoils(List<Pairing> table, Medium over, Medium under) {
        return of(table, over, Under.of(under))
                .filter(p -> p.verdict == Verdict.FAULT)
                .isPresent();
    }
}
