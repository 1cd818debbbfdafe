package dev.schachtel.app.store;

import java.util.function.UnaryOperator;

import dev.schachtel.core.card.CardSpec;

/**
 * What somebody wants to do to a card.
 *
 * @param version of the card when they looked at it
 * @param revision that they looked at
 * @param about the same for changes that follow each other as one, such as typing into one field
 */
public record Change(long card, long version, long revision, String about, UnaryOperator<CardSpec> edit) {}
