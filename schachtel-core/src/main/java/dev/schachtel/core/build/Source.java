package dev.schachtel.core.build;

import dev.schachtel.core.card.Id;

/** Where a value comes from: a component of a piece ("shape.diameter" of "window"), or a result of the piece. */
public record Source(Id piece, String component) {
    @Override
    public String toString() {
        return piece + ":" + component;
    }
}
