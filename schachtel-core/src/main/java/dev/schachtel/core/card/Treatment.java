package dev.schachtel.core.card;

import java.util.Optional;

import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.MaterialId;

/** Surface work on a part: ink, paste, stamping, colour, gloss. Times of 0 are those of the technique book. */
@Kind(
        value = "treatment",
        title = "Surface work",
        about = "Ink, paste, stamping, colour or gloss on a part, with its drying.")
public record Treatment(
        Id id,
        @Asked(value = "On", initial = "panel", from = Asked.Choice.PIECE) Id on,
        @Asked(value = "Technique", initial = "ink-blend", from = Asked.Choice.TECHNIQUE, pull = Pull.WAY)
                MaterialId way,
        @Asked(value = "What for", initial = " ") String words,
        @Asked(value = "Colour", initial = "#587187") Colour colour,
        @Asked(value = "Seconds for each, 0: by the book", initial = "0", min = "0", max = "7200") int seconds,
        @Asked(value = "Minutes to dry, 0: by the book", initial = "0", min = "0", max = "2880") int drying,
        @Asked(value = "Lay the pieces out first to see where it goes", initial = "false") boolean laidOut,
        @Asked(value = "Where", initial = "whole") Where where,
        @Asked(value = "How strong, %", initial = "100", min = "5", max = "100") int coverage,
        @Asked(value = "With what is left from", from = Asked.Choice.WORK) Optional<Id> leftFrom)
        implements Element {
    /** The same work on the same place, with another way and colour. */
    public Treatment inkedAs(MaterialId other, Colour tint, Optional<Id> from) {
        return new Treatment(id, on, other, words, tint, seconds, drying, laidOut, where, coverage, from);
    }
}
