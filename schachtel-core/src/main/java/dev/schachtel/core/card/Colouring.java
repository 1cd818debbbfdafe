package dev.schachtel.core.card;

import dev.schachtel.core.colour.Light;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Medium;

/** All pictures of the card are coloured by hand, in tones, with the light from one side. */
@Kind(
        value = "colouring",
        title = "Colouring",
        about = "Pens shade the pictures in up to three tones, with the light from one side.")
public record Colouring(
        Id id,
        @Asked(value = "Way", initial = "colour-pens", from = Asked.Choice.TECHNIQUE) MaterialId way,
        @Asked(value = "With", initial = "alcohol-pen") Medium medium,
        @Asked(value = "Light from", initial = "above-right") Light light,
        @Asked(value = "Strokes", initial = "by-medium") Strokes strokes,
        @Asked(value = "Veil over the shadows", initial = "none") Veil veil)
        implements Element {
    /** Which tones go down first. */
    public enum Strokes {
        /** As is usual for what they are coloured with. */
        BY_MEDIUM,
        DARK_FIRST,
        LIGHT_FIRST
    }

    /** One light colour over all shadows at the end, which draws them together. */
    public sealed interface Veil {
        /** No veil. */
        @Kind(value = "none", title = "None")
        record None() implements Veil {}

        /** Of one shade. */
        @Kind(value = "of", title = "Of one shade")
        record Of(@Asked(value = "Shade", initial = "dusk", from = Asked.Choice.SHADE) MaterialId shade)
                implements Veil {}
    }

    public boolean isDarkFirst() {
        return strokes == Strokes.BY_MEDIUM ? medium.isDarkFirst() : strokes == Strokes.DARK_FIRST;
    }
}
