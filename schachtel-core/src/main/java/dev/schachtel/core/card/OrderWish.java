package dev.schachtel.core.card;

/**
 * One step before another, because the maker wants it so. Steps are called as build plans call them, such as
 * {@code fix-film shaker}; a wish about a step that there isn't any more does nothing.
 */
public record OrderWish(
        @Asked(value = "First", coded = true) String first, @Asked(value = "Then", coded = true) String then) {}
