package dev.schachtel.core.card;

import java.util.List;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** One sheet folded once. Width and height are of the finished, closed card. */
@Kind(
        value = "flat-fold",
        title = "Folded card",
        about = "One sheet, scored once and folded; with a gusset it is scored twice.")
public record FlatFold(
        @Asked(value = "Width, folded", min = "25 mm", max = "600 mm") Length width,
        @Asked(value = "Height, folded", min = "25 mm", max = "600 mm") Length height,
        @Asked(value = "Fold", initial = "side", variant = true) Fold fold,
        @Asked(value = "Gusset", initial = "0 mm", min = "0 mm", max = "50 mm", pull = Pull.GUSSET) Length gusset,
        @Asked(value = "Card", initial = "slate-300", from = Asked.Choice.CARD) MaterialId card)
        implements Base {
    /** Which edge is folded. */
    public enum Fold {
        /** At the left: opens like a book. */
        SIDE,
        /** At the top: opens like a tent. */
        TOP
    }

    @Override
    public List<Id> reverses() {
        return List.of(fold == Fold.SIDE ? Id.INSIDE_LEFT : Id.INSIDE_TOP, Id.OUTSIDE_BACK);
    }

    @Override
    public List<Id> inRow() {
        return fold == Fold.SIDE && gusset.isZero() ? List.of(Id.INSIDE_LEFT, Id.INSIDE) : List.of();
    }
}
