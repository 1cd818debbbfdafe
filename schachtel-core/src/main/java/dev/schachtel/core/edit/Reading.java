package dev.schachtel.core.edit;

import java.util.Optional;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.measure.Length;

/** Values of a card by piece and component, named as changes name them. */
public final class Reading {
    private Reading() {}

    /** The length under a dotted component of a piece; empty if there is none. */
    public static Optional<Length> length(CardSpec spec, Id piece, String component) {
        Optional<Object> at = spec.piece(piece).map(Object.class::cast);
        for (String name : component.split("\\.")) {
            at = at.flatMap(record -> {
                Anatomy anatomy = Anatomy.of(record.getClass());
                return anatomy.bone(name).map(bone -> anatomy.get(record, bone));
            });
        }
        return at.filter(Length.class::isInstance).map(Length.class::cast);
    }
}
