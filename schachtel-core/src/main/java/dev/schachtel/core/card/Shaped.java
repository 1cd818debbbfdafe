package dev.schachtel.core.card;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A folded card of another outline than a rectangle. */
@Kind(
        value = "shaped",
        title = "Shaped card",
        about = "Front and back share an outline: ticket, arch, pennant, house, lantern, or your own.")
public record Shaped(
        @Asked(value = "Outline", initial = "ticket") Silhouette outline,
        @Asked(value = "Joined by", initial = "score") Join join,
        @Asked(value = "Card", initial = "slate-300", from = Asked.Choice.CARD) MaterialId card)
        implements Base {
    /** How front and back hang together, at the left edge. */
    public enum Join {
        /** One piece, scored along a straight stretch of the left edge. */
        SCORE,
        /** Two pieces and a strip over the left edge. */
        STRIP
    }

    @Override
    public Length width() {
        return outline.width();
    }

    @Override
    public Length height() {
        return outline.height();
    }
}
