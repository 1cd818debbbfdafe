package dev.schachtel.core.card;

import java.util.List;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A single panel with a hole for a thread. */
@Kind(value = "tag", title = "Tag", about = "One panel with a hole and a thread.")
public record Tag(
        @Asked(value = "Width", min = "15 mm", max = "600 mm") Length width,
        @Asked(value = "Height", min = "25 mm", max = "600 mm") Length height,
        @Asked(value = "Corner radius", initial = "6 mm", inches = "1/4 in", min = "0 mm", max = "100 mm")
                Length corner,
        @Asked(value = "Hole", initial = "5 mm", inches = "3/16 in", min = "1 mm", max = "50 mm") Length hole,
        @Asked(value = "Hole, from the top", initial = "12 mm", inches = "1/2 in", min = "0 mm", max = "300 mm")
                Length holeDown,
        @Asked(
                        value = "Thread, in all",
                        initial = "200 mm",
                        inches = "8 in",
                        min = "10 mm",
                        max = "2 m",
                        pull = Pull.THREAD)
                Length thread,
        @Asked(value = "Thread kind", initial = "thread", from = Asked.Choice.THREAD) MaterialId threadKind,
        @Asked(value = "Card", initial = "cream-300", from = Asked.Choice.CARD) MaterialId card)
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
