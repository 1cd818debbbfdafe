package dev.schachtel.core.card;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A cut-out piece laid on, flat or raised. */
@Kind(value = "motif", title = "Cut-out", about = "A piece laid on: a hill, a tree, a lamp; flat or on foam.")
public record Motif(
        Id id,
        @Asked(value = "Lies on", initial = "panel", from = Asked.Choice.SIDE) Id on,
        @Asked(value = "Shape", initial = "circle") Opening shape,
        @Asked(value = "Middle, from the left", initial = "50 %", min = "-3 m", max = "3 m", pull = Pull.ACROSS)
                Length across,
        @Asked(value = "Middle, from the foot", initial = "40 %", min = "-3 m", max = "3 m", pull = Pull.UP) Length up,
        @Asked(value = "Turned, °", initial = "0", min = "-360", max = "360") int turned,
        @Asked(value = "Left for right", initial = "false") boolean mirrored,
        @Asked(value = "Stays where it is", initial = "false") boolean pinned,
        @Asked(value = "Locked", initial = "false") boolean locked,
        @Asked(value = "Trimmed at the edge", initial = "false") boolean trimmed,
        @Asked(value = "Card", initial = "moss-270", from = Asked.Choice.CARD, pull = Pull.CARD) MaterialId card,
        @Asked(value = "Held by", initial = "glue", from = Asked.Choice.FIXING, pull = Pull.FIXING) MaterialId fixing)
        implements Element, Depicted {}
