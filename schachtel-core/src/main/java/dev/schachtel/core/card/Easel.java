package dev.schachtel.core.card;

import java.util.List;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A card that stands: the front is creased, and only the part under the crease holds the face. */
@Kind(value = "easel", title = "Easel card", about = "Folds its front once more and stands up against a stop bar.")
public record Easel(
        @Asked(value = "Width", min = "25 mm", max = "600 mm") Length width,
        @Asked(value = "Height of the face", min = "25 mm", max = "600 mm") Length height,
        @Asked(value = "Crease above the foot", initial = "50 %", min = "5 mm", max = "600 mm", pull = Pull.CREASE)
                Length crease,
        @Asked(value = "Stands by", initial = "lean") Stand stand,
        @Asked(value = "Card", initial = "slate-300", from = Asked.Choice.CARD) MaterialId card,
        @Asked(value = "Face card", initial = "cream-300", from = Asked.Choice.CARD) MaterialId faceCard,
        @Asked(value = "Face held by", initial = "tape", from = Asked.Choice.ADHESIVE, pull = Pull.ADHESIVE)
                MaterialId fixing,
        @Asked(value = "Stop bar of", initial = "foam-tape-2", from = Asked.Choice.FOAM) MaterialId stop,
        @Asked(value = "Stop bar layers", initial = "1", min = "1", max = "4", pull = Pull.STOP_LAYERS) int stopLayers)
        implements Base {
    /** What is chosen: the lean, or where the stop bar lies; the other follows. */
    public sealed interface Stand permits Stand.Lean, Stand.Stop {
        /** Degrees from the table. */
        @Kind(value = "lean", title = "a lean chosen")
        record Lean(
                @Asked(value = "Lean from the table, °", initial = "65", min = "20", max = "89", pull = Pull.LEAN)
                        int degrees)
                implements Stand {}

        /** Distance of the stop bar from the hinge. */
        @Kind(value = "stop", title = "a stop chosen")
        record Stop(
                @Asked(value = "Stop bar from the hinge", initial = "60 mm", inches = "2 3/8 in", min = "1 mm")
                        Length distance)
                implements Stand {}
    }

    @Override
    public List<Id> reverses() {
        return List.of(Id.OUTSIDE_BACK);
    }
}
