package dev.schachtel.core.build;

import java.util.Optional;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.shape.Outline;

/**
 * What pieces can lie on.
 *
 * @param name by which a piece says that it lies there
 * @param slab whose side it is, or a part of that
 * @param outline as it is seen from the front; of an underside as it is seen when the leaf is turned over
 * @param over how an underside is turned over to be looked at; empty for what looks to the front
 */
public record Face(Id name, SlabId slab, Outline outline, Optional<TurnedOver> over) {
    /** Whether it looks away from the front. */
    public boolean isUnder() {
        return over.isPresent();
    }

    /** What lies on the card as it is seen from the front, as it is seen on this face; and the other way round. */
    public Outline seen(Outline fromFront) {
        return over.map(o -> o.back(fromFront)).orElse(fromFront);
    }
}
