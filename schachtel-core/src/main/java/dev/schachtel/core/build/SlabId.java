package dev.schachtel.core.build;

/** Names one thickness of the closed card; the part's own name, and for a folded part the leaf, as in {@code base/front}. */
public record SlabId(String value) implements Comparable<SlabId> {
    public static SlabId of(PartId part) {
        return new SlabId(part.toString());
    }

    @Override
    public int compareTo(SlabId other) {
        return value.compareTo(other.value);
    }

    @Override
    public String toString() {
        return value;
    }
}
