package dev.schachtel.core.build;

import dev.schachtel.core.card.Id;

/** Names a part: the piece that asked for it, then which of its parts, as in {@code shaker/film}. */
public record PartId(Id owner, String which) implements Comparable<PartId> {
    @Override
    public int compareTo(PartId other) {
        return toString().compareTo(other.toString());
    }

    @Override
    public String toString() {
        return which.isEmpty() ? owner.value() : owner + "/" + which;
    }
}
