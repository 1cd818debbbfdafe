package dev.schachtel.core.card;

/** Anything on a card that can be chosen, changed and removed. */
public sealed interface Piece permits Base, Layer, Feature, Element {
    Id id();
}
