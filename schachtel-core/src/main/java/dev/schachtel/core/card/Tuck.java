package dev.schachtel.core.card;

/** One piece goes under the edge of another, whose edge bends over it; that is left open until then. */
public record Tuck(@Asked("Piece") Id piece, @Asked("Under the edge of") Id under) {}
