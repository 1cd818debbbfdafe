package dev.schachtel.core.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

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
        @Asked(value = "Technique", initial = "colour-pens", from = Asked.Choice.TECHNIQUE) MaterialId way,
        @Asked(value = "With", initial = "alcohol-pen") Medium medium,
        @Asked(value = "Light from", initial = "above-right") Light light,
        @Asked(value = "Strokes", initial = "by-medium") Strokes strokes,
        @Asked(value = "Veil over the shadows", initial = "none") Veil veil,
        @Asked(value = "Fewer pens, where two nearly do the same", initial = "false") boolean few,
        List<Aim> aims)
        implements Element {
    public Colouring {
        aims = List.copyOf(aims);
    }

    /** With an area of a picture aimed at something else; at what the picture says where that is empty. */
    public Colouring aiming(MaterialId picture, String region, Optional<Aim.Wanted> wanted) {
        List<Aim> all = new ArrayList<>(
                aims.stream().filter(a -> !a.isAbout(picture, region)).toList());
        wanted.ifPresent(w -> all.add(new Aim(picture, region, w)));
        return new Colouring(id, way, medium, light, strokes, veil, few, all);
    }

    /** Which tones go down first. */
    public enum Strokes {
        /** As is usual for what they are coloured with. */
        BY_MEDIUM,
        DARK_FIRST,
        LIGHT_FIRST
    }

    /** One light colour over all shadows at the end, which draws them together. */
    public sealed interface Veil permits Veil.None, Veil.Of {
        /** No veil. */
        @Kind(value = "none", title = "None")
        record None() implements Veil {}

        /** Of one shade. */
        @Kind(value = "of", title = "Of one shade")
        record Of(@Asked(value = "Shade", initial = "dusk", from = Asked.Choice.SHADE) MaterialId shade)
                implements Veil {}
    }

    /** Whether dark tones go down first, where that is or isn't usual for the medium. */
    public boolean isDarkFirst(boolean usually) {
        return strokes == Strokes.BY_MEDIUM ? usually : strokes == Strokes.DARK_FIRST;
    }
}
