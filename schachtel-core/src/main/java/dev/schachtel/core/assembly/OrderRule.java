package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.Locale;
import java.util.Optional;

/** Why one operation comes before another. Ids: handbook chapter 3; the words are the application's. */
public interface OrderRule {
    /** How much it counts where rules contradict each other: the weakest gives way, and that is said. */
    enum Strength {
        /** As the maker wants it. */
        WISHES,
        /** Makes work easier. */
        ADVISES,
        /** Goes wrong now and then otherwise. */
        WARNS,
        /** Can't be done, or hurts somebody, otherwise. */
        FORBIDS
    }

    /** As files and pages call it: {@code trace-before-film}. */
    String id();

    Strength strength();

    /** Whether it can say at all that something comes after a: asked once for each a, to save asking for every b. */
    default boolean concerns(Op a) {
        return true;
    }

    /** Whether b waits for a, another operation and one that the rule concerns. */
    boolean follows(Op a, Op b, Shop shop);

    /** Whether a must be done before b, another operation, begins. */
    default boolean applies(Op a, Op b, Shop shop) {
        return concerns(a) && follows(a, b, shop);
    }

    /** Whether what a left must be dry too. */
    default boolean dry() {
        return true;
    }

    /** How soon b must begin after the handwork on a, if that matters. */
    default Optional<Duration> within(Op a) {
        return Optional.empty();
    }

    /** The constant's name as an id. */
    static String id(Enum<?> rule) {
        return rule.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
