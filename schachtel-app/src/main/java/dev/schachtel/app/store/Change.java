package dev.schachtel.app.store;

import java.util.function.UnaryOperator;

import dev.schachtel.core.card.CardSpec;

/**
 * What somebody wants to do to a card.
 *
 * @param version of the card when they looked at it
 * @param revision that they looked at
 */
public record Change(long card, long version, long revision, By by, UnaryOperator<CardSpec> edit) {
    /**
     * What it is about and where it comes from: changes of which both are the same follow each other as one, such as
     * typing into one field.
     *
     * @param window empty if it is not known
     */
    public record By(String about, String window) {}
}
