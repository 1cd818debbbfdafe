package dev.schachtel.core.card;

/** Something laid on for its looks. */
public sealed interface Element extends Piece permits Sentiment, Motif, Word {}
