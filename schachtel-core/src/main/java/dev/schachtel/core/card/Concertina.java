package dev.schachtel.core.card;

import java.util.List;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** One panel, and glued to its back a strip that is folded to and fro: opened, that is the foot on which the panel stands. */
@Kind(
        value = "concertina",
        title = "Panel on a concertina",
        about = "A panel with a strip folded to and fro behind it; opened, the strip is the foot on which it stands.")
public record Concertina(
        @Asked(value = "Width of the panel", min = "25 mm", max = "600 mm") Length width,
        @Asked(value = "Height of the panel", min = "25 mm", max = "600 mm") Length height,
        @Asked(value = "Folds of the strip", initial = "3", starts = "4", min = "2", max = "8") int folds,
        @Asked(
                        value = "From fold to fold",
                        initial = "45 mm",
                        starts = "28 %",
                        min = "10 mm",
                        max = "500 mm",
                        pull = Pull.FOOT_DEEP)
                Length deep,
        @Asked(
                        value = "Strip high",
                        initial = "60 mm",
                        starts = "45 %",
                        min = "10 mm",
                        max = "600 mm",
                        pull = Pull.STANDS_HIGH)
                Length high,
        @Asked(value = "Glue tab", initial = "12 mm", inches = "1/2 in", min = "5 mm", max = "100 mm", pull = Pull.TAB)
                Length tab,
        @Asked(value = "Card", initial = "slate-300", from = Asked.Choice.CARD) MaterialId card)
        implements Base {
    @Override
    public List<Id> faces() {
        return List.of(Id.FRONT);
    }

    @Override
    public List<Id> reverses() {
        return List.of(Id.OUTSIDE_BACK);
    }
}
