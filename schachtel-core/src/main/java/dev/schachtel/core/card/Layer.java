package dev.schachtel.core.card;

/** A sheet laid on a face or on another layer. */
public sealed interface Layer extends Piece permits Mat, Liner {}
