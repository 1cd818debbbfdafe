package dev.schachtel.core.card;

/** Advice about a scene that its maker doesn't want to hear again on this card: the key of the fact. */
public record MeantSo(@Asked(value = "Fact", coded = true) String fact) {}
