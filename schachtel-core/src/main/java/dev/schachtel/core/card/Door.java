package dev.schachtel.core.card;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A flap cut out of a layer on three sides, hinged on the fourth; or a pair that meets in the middle. */
@Kind(value = "door", title = "Door", about = "A flap that opens, with something to find behind it.")
public record Door(
        Id id,
        @Asked(value = "Cut in", initial = "panel", from = Asked.Choice.GROUND) Id on,
        @Asked(value = "Door wide", initial = "30 mm", inches = "1 1/4 in", min = "3 mm", max = "500 mm") Length width,
        @Asked(value = "Door high", initial = "45 mm", inches = "1 3/4 in", min = "3 mm", max = "500 mm") Length height,
        @Asked(value = "Middle, from the left", initial = "50 %", min = "-3 m", max = "3 m", pull = Pull.ACROSS)
                Length across,
        @Asked(value = "Middle, from the foot", initial = "50 %", min = "-3 m", max = "3 m", pull = Pull.UP) Length up,
        @Asked(value = "Hinged", initial = "left") Hinge hinge,
        @Asked(value = "Opens to, °", initial = "150", min = "10", max = "180", pull = Pull.OPENS) int opens,
        @Asked(value = "Gap of a pair", initial = "0.8 mm", min = "0 mm", max = "20 mm", pull = Pull.FLAP_GAP)
                Length gap,
        @Asked(value = "Behind it", initial = "nothing") Showing shows,
        @Asked(value = "Card of the picture", initial = "white-300", from = Asked.Choice.CARD) MaterialId pictureCard)
        implements Feature, Carrier {
    /** Which side stays whole. */
    public enum Hinge {
        LEFT,
        RIGHT,
        TOP,
        BOTTOM,
        /** Left and right, meeting in the middle. */
        PAIR
    }
}
