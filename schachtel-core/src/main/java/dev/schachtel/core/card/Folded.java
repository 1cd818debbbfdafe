package dev.schachtel.core.card;

import java.util.List;

/** Stands up when the card opens; its panels are faces that others can lie on, named after it. */
public interface Folded {
    /** Its panels that look to the front while the card is shut. */
    List<Id> faces();

    /** Its panels that look away from the front while the card is shut; pieces lie flat on them. */
    List<Id> reverses();

    /** The folds between it and what it stands on, in which more can stand. */
    default List<Id> folds() {
        return List.of();
    }
}
