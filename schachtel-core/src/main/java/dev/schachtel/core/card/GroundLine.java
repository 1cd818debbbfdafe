package dev.schachtel.core.card;

import dev.schachtel.core.measure.Length;

/** A level line on a face that feet stand on; nothing is cut or laid for it. */
@Kind(value = "ground-line", title = "Ground line", about = "A level line for feet to stand on; nothing is made of it.")
public record GroundLine(
        Id id,
        @Asked(value = "On", initial = "panel", from = Asked.Choice.GROUND) Id on,
        @Asked(value = "Line, from the foot", initial = "15 %", min = "-3 m", max = "3 m", pull = Pull.UP) Length up)
        implements Element {}
