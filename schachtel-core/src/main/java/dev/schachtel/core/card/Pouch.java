package dev.schachtel.core.card;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A shaker without a dam: wrapping film drawn round a panel as a flat bag, with flat pieces in it. */
@Kind(
        value = "pouch",
        title = "Pouch shaker",
        about = "Wrapping film round a whole panel, with flat pieces behind its windows.")
public record Pouch(
        Id id,
        @Asked(value = "Round the panel", initial = "panel", from = Asked.Choice.LAYER) Id panel,
        @Asked(value = "Film wraps over by", initial = "19 mm", inches = "3/4 in", min = "3 mm", max = "60 mm")
                Length wrap,
        @Asked(value = "Film", initial = "wrap-film", from = Asked.Choice.FILM) MaterialId film,
        @Asked(value = "Film held by", initial = "tape", from = Asked.Choice.ADHESIVE, pull = Pull.ADHESIVE)
                MaterialId fixing,
        @Asked(value = "Filling", initial = "discs-5", from = Asked.Choice.FILLING, pull = Pull.FILLING)
                MaterialId filling,
        @Asked(value = "Covered by filling, %", initial = "15", min = "1", max = "100") int cover)
        implements Feature {}
