package dev.schachtel.core.build;

import java.util.List;

import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;

/** One thickness of the closed card: which part it is of, and what it covers on the face. */
public record Slab(SlabId id, PartId part, String name, Length thickness, List<Outline> footprints) {
    public Slab {
        footprints = List.copyOf(footprints);
    }

    /** The same slab covering something else. */
    public Slab with(List<Outline> covered) {
        return new Slab(id, part, name, thickness, covered);
    }

    public Box bounds() {
        return footprints.stream().map(Outline::bounds).reduce(Box::union).orElseThrow();
    }
}
