package dev.schachtel.core.card;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A belly band: a strip once round the closed card, glued to itself. */
@Kind(value = "belly-band", title = "Belly band", about = "A strip round the closed card that slips off.")
public record Band(
        Id id,
        @Asked(value = "Band high", initial = "40 mm", inches = "1 1/2 in", min = "5 mm", max = "400 mm") Length height,
        @Asked(value = "Middle, from the foot", initial = "50 %", min = "-3 m", max = "3 m", pull = Pull.UP) Length up,
        @Asked(value = "Ease", initial = "2 mm", inches = "1/16 in", min = "0 mm", max = "30 mm", pull = Pull.PLAY)
                Length ease,
        @Asked(value = "Glued over", initial = "12 mm", inches = "1/2 in", min = "3 mm", max = "100 mm") Length overlap,
        @Asked(value = "Card", initial = "cream-300", from = Asked.Choice.CARD) MaterialId card)
        implements Feature {}
