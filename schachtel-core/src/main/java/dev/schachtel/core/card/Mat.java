package dev.schachtel.core.card;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A panel that leaves an even border of what it lies on; raised when its fixing is foam, or by several sheets in one. */
@Kind(value = "mat", title = "Panel", about = "A sheet that leaves an even border showing. Put it on foam to raise it.")
public record Mat(
        Id id,
        @Asked(value = "Lies on", initial = "front", from = Asked.Choice.GROUND) Id on,
        @Asked(value = "Reveal", initial = "3 mm", inches = "1/8 in", min = "0 mm", max = "100 mm", pull = Pull.REVEAL)
                Length reveal,
        @Asked(value = "Card", initial = "cream-300", from = Asked.Choice.CARD, pull = Pull.CARD) MaterialId card,
        @Asked(value = "Held by", initial = "glue", from = Asked.Choice.FIXING, pull = Pull.FIXING) MaterialId fixing,
        @Asked(value = "Sheets in one", initial = "1", min = "1", max = "6") int sheets)
        implements Layer, Carrier {}
