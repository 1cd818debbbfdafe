package dev.schachtel.core.card;

import dev.schachtel.core.letters.Typeface;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** Words stamped on a face, without a strip of their own. */
@Kind(value = "greeting", title = "Greeting", about = "Words stamped straight onto a face, such as inside.")
public record Greeting(
        Id id,
        @Asked(value = "Stamped on", initial = "inside", from = Asked.Choice.GROUND) Id on,
        @Asked(value = "Words", initial = "with love") String text,
        @Asked(value = "Letters", initial = "script", pull = Pull.LETTERS) Typeface letters,
        @Asked(value = "Small letters high", initial = "4 mm", inches = "5/32 in", min = "0.5 mm", max = "200 mm")
                Length xHeight,
        @Asked(value = "Words run", initial = "straight") Course course,
        @Asked(value = "Middle, from the left", initial = "50 %", min = "-3 m", max = "3 m", pull = Pull.ACROSS)
                Length across,
        @Asked(value = "Middle, from the foot", initial = "65 %", min = "-3 m", max = "3 m", pull = Pull.UP) Length up,
        @Asked(value = "Technique", initial = "stamp", from = Asked.Choice.TECHNIQUE) MaterialId way,
        @Asked(value = "Ink", initial = "#22303a") Colour ink,
        @Asked(value = "Inks", initial = "one") Inks inks)
        implements Element, Worded {}
