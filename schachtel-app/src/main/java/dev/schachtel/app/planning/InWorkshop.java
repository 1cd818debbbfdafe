package dev.schachtel.app.planning;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.material.Workshop;

/** A card as it is planned in a workshop: whatever is worked out about it is remembered by this. */
record InWorkshop(CardSpec spec, Workshop workshop) {
    /** A workshop takes long to hash, and there are few of them to a card. */
    @Override
    public int hashCode() {
        return spec.hashCode();
    }
}
