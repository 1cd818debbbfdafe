package dev.schachtel.core.card;

import java.util.List;

import dev.schachtel.core.measure.Length;

/** What carries everything else. There is one, and its id is always "base". */
public sealed interface Base extends Piece
        permits FlatFold, Gate, Easel, Stepper, Accordion, BoxCard, Concertina, Shaped, Tag {
    @Override
    default Id id() {
        return Id.BASE;
    }

    /** Width of the face on which everything is placed. */
    Length width();

    /** Height of that face. */
    Length height();

    /** The names of the faces that something can lie on, the one to start with first. */
    default List<Id> faces() {
        return List.of(Id.FRONT, Id.INSIDE);
    }

    /** The names of the faces that look away from the front, on which pieces lie flat. */
    default List<Id> reverses() {
        return List.of();
    }

    /** The names of the faces that lie beside each other when the card is open, from the left; between them are creases. */
    default List<Id> inRow() {
        return List.of();
    }
}
