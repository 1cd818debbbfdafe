package dev.schachtel.core.card;

/** What carries everything else. There is one, and its id is always "base". */
public sealed interface Base extends Piece permits FlatFold {
    @Override
    default Id id() {
        return Id.BASE;
    }
}
