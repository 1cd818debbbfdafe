package dev.schachtel.core.card;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A light sheet inside to write on. */
@Kind(
        pull = Pull.LINER,
        value = "liner",
        title = "Liner",
        about = "A light sheet inside, to write on when the base is dark.")
public record Liner(
        Id id,
        @Asked(value = "Margin at the fold", initial = "3 mm", inches = "1/8 in", min = "0 mm", max = "100 mm")
                Length foldMargin,
        @Asked(value = "Reveal", initial = "3 mm", inches = "1/8 in", min = "0 mm", max = "100 mm", pull = Pull.REVEAL)
                Length reveal,
        @Asked(value = "Paper", initial = "ivory-120", from = Asked.Choice.CARD) MaterialId card,
        @Asked(value = "Held by", initial = "tape", from = Asked.Choice.WHOLE_BACK, pull = Pull.ADHESIVE)
                MaterialId fixing)
        implements Layer, Carrier {}
