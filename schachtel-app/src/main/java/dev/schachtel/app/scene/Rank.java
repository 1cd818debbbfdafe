package dev.schachtel.app.scene;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;
import dev.schachtel.core.scene.Placed;
import dev.schachtel.core.scene.Scenery;

/** How pieces are lined up. */
enum Rank {
    MIDDLE,
    FEET,
    SPREAD;

    static Rank of(String word) {
        return Arrays.stream(values())
                .filter(r -> Scalars.kebab(r.name()).equals(word))
                .findFirst()
                .orElseThrow(() -> new RefusedException("pieces", "can't be lined up like that"));
    }

    /** The chosen piece, then the others of its picture that nobody locked. */
    static List<Id> alike(Scenery scenery, String select) {
        Placed first = scenery.pieces().stream()
                .filter(p -> p.id().value().equals(select))
                .findFirst()
                .orElseThrow(() -> new RefusedException("piece", "choose a piece of this face first"));
        List<Id> all = new ArrayList<>(List.of(first.id()));
        scenery.pieces().stream()
                .filter(p ->
                        p != first && p.picture().id().equals(first.picture().id()))
                .filter(p -> !p.piece().locked())
                .map(Placed::id)
                .forEach(all::add);
        return all;
    }
}
