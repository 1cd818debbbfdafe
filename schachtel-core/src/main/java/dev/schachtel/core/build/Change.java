package dev.schachtel.core.build;

import dev.schachtel.core.card.Id;

/** A change to one component of a piece, as the card file writes it: "make" of "shaker" to "one-piece". */
public record Change(Id piece, String component, String value) {}
