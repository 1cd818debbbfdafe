package dev.schachtel.core.assembly;

import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.PartId;

/**
 * What is different when an operation is done.
 *
 * @param makes the parts whose outline is cut by it
 * @param joins what it fixes
 */
public record Effect(List<PartId> makes, Optional<Joining> joins) {
    static final Effect NONE = new Effect(List.of(), Optional.empty());

    public Effect {
        makes = List.copyOf(makes);
    }

    static Effect making(List<PartId> parts) {
        return new Effect(parts, Optional.empty());
    }

    static Effect joining(Joining joining) {
        return new Effect(List.of(), Optional.of(joining));
    }

    /** What is fixed by it. */
    public List<PartId> laid() {
        return joins.map(Joining::laid).orElse(List.of());
    }
}
