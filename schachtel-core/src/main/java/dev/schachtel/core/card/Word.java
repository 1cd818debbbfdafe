package dev.schachtel.core.card;

import dev.schachtel.core.letters.Typeface;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A word cut several times and stacked, as large as fits into its width and height; a shadow joins what hangs loose. */
@Kind(value = "word", title = "Stacked word", about = "The same word several times on top of each other.")
public record Word(
        Id id,
        @Asked(value = "Lies on", initial = "panel", from = Asked.Choice.GROUND) Id on,
        @Asked(value = "Word", initial = "hello") String text,
        @Asked(value = "Letters", initial = "script", pull = Pull.LETTERS) Typeface letters,
        @Asked(value = "Word wide", initial = "45 mm", inches = "1 3/4 in", min = "2 mm", max = "600 mm") Length width,
        @Asked(value = "Word high", initial = "15 mm", inches = "5/8 in", min = "2 mm", max = "600 mm") Length height,
        @Asked(value = "Middle, from the left", initial = "50 %", min = "-3 m", max = "3 m", pull = Pull.ACROSS)
                Length across,
        @Asked(value = "Middle, from the foot", initial = "15 %", min = "-3 m", max = "3 m", pull = Pull.UP) Length up,
        @Asked(value = "Copies stacked", initial = "3", min = "1", max = "10") int copies,
        @Asked(value = "Shadow under it shows", initial = "0 mm", min = "0 mm", max = "20 mm", pull = Pull.SHADOW)
                Length shadow,
        @Asked(value = "Shadow card", initial = "cream-300", from = Asked.Choice.CARD) MaterialId shadowCard,
        @Asked(value = "Card", initial = "damson-300", from = Asked.Choice.CARD) MaterialId card,
        @Asked(value = "Held by", initial = "glue", from = Asked.Choice.FIXING, pull = Pull.FIXING) MaterialId fixing)
        implements Element {}
