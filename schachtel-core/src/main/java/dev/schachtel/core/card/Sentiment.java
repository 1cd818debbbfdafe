package dev.schachtel.core.card;

import dev.schachtel.core.letters.Typeface;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A strip with words, on shadow layers that each show a little more. */
@Kind(value = "sentiment", title = "Sentiment strip", about = "A strip with your words, with shadow layers under it.")
public record Sentiment(
        Id id,
        @Asked(value = "Lies on", initial = "panel", from = Asked.Choice.GROUND) Id on,
        @Asked(value = "Words", initial = "Thank you") String text,
        @Asked(value = "Letters", initial = "plain", pull = Pull.LETTERS) Typeface letters,
        @Asked(value = "Strip width", initial = "35 mm", inches = "1 3/8 in", min = "2 mm", max = "600 mm")
                Length width,
        @Asked(value = "Strip height", initial = "12 mm", inches = "1/2 in", min = "2 mm", max = "600 mm")
                Length height,
        @Asked(
                        value = "Small letters high (0: to fill the strip; else the strip grows with its words)",
                        initial = "0 mm",
                        min = "0 mm",
                        max = "200 mm")
                Length xHeight,
        @Asked(value = "Words run", initial = "straight") Course course,
        @Asked(value = "Middle, from the left", initial = "50 %", min = "-3 m", max = "3 m", pull = Pull.ACROSS)
                Length across,
        @Asked(value = "Middle, from the foot", initial = "12 %", min = "-3 m", max = "3 m", pull = Pull.UP) Length up,
        @Asked(value = "Card", initial = "cream-300", from = Asked.Choice.CARD) MaterialId card,
        @Asked(value = "Ink", initial = "#22303a") Colour ink,
        @Asked(value = "Inks", initial = "one") Inks inks,
        @Asked(value = "Shadow layers", initial = "1", min = "0", max = "4") int shadows,
        @Asked(value = "Each shows", initial = "1.5 mm", inches = "1/16 in", min = "0.1 mm", max = "50 mm")
                Length shadowReveal,
        @Asked(value = "Shadow card", initial = "damson-300", from = Asked.Choice.CARD, pull = Pull.ACCENT)
                MaterialId shadowCard,
        @Asked(value = "Held by", initial = "glue", from = Asked.Choice.FIXING, pull = Pull.FIXING) MaterialId fixing)
        implements Element, WordStrip {}
