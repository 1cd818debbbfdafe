package dev.schachtel.core.build;

import dev.schachtel.core.card.Id;

/** A change to one component of a piece, as the card file writes it: "make" of "shaker" to "one-piece". */
public record Change(Id piece, String component, String value) {
    /** The component under which a piece says that it is meant to look like another, whose id is the value. */
    public static final String MEANT = "meant";
}
