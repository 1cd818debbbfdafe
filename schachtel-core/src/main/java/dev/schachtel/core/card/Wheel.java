package dev.schachtel.core.card;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A disc of pictures that turns on a pivot behind a window. */
@Kind(value = "wheel", title = "Wheel", about = "A turning disc with a picture for each part of a turn.")
public record Wheel(
        Id id,
        @Asked(value = "Behind the window", initial = "window", from = Asked.Choice.WINDOW) Id window,
        @Asked(value = "Pictures", initial = "6", min = "1", max = "36", pull = Pull.PICTURES) int pictures,
        @Asked(
                        value = "Radius",
                        initial = "40 mm",
                        inches = "1 5/8 in",
                        min = "5 mm",
                        max = "400 mm",
                        pull = Pull.RADIUS)
                Length radius,
        @Asked(value = "Pivot, from the left", initial = "50 %", min = "-3 m", max = "3 m", pull = Pull.ACROSS)
                Length across,
        @Asked(value = "Pivot, from the foot", initial = "50 %", min = "-3 m", max = "3 m", pull = Pull.UP) Length up,
        @Asked(value = "Pivot shank", initial = "3 mm", inches = "1/8 in", min = "0.5 mm", max = "20 mm") Length shank,
        @Asked(value = "Pivot leaves, thick", initial = "0.6 mm", min = "0.1 mm", max = "5 mm", thickness = true)
                Length leaves,
        @Asked(value = "Drawn on it", initial = "nothing") Showing shows,
        @Asked(value = "Turned at", initial = "notch") Grip grip,
        @Asked(value = "Wheel card", initial = "white-300", from = Asked.Choice.CARD) MaterialId card)
        implements Feature {
    /** Where fingers reach the rim. */
    public enum Grip {
        /** A thumb notch in the panel's edge. */
        NOTCH,
        /** The rim shows past the panel's edge. */
        RIM
    }
}
