package dev.schachtel.core.engineering;

import dev.schachtel.core.card.Piece;

/** Works out the parts of one kind of piece. Public only so that it can be found; stateless. */
public interface Engineer<P extends Piece> {
    /** The record this engineer is for. */
    Class<P> engineers();

    /** Adds the piece's parts, joints, zones and derivations to the draft. Never throws for a bad piece. */
    void engineer(P piece, BuildDraft draft);
}
