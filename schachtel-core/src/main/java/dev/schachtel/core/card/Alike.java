package dev.schachtel.core.card;

/** Two pieces beside each other whose colours are meant to be alike: a white frame on a white base. */
public record Alike(@Asked("Piece") Id piece, @Asked("Beside") Id beside) {}
