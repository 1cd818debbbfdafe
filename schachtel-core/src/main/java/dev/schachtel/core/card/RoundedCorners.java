package dev.schachtel.core.card;

import dev.schachtel.core.measure.Length;

/** The corners of a sheet rounded with a corner punch; those at a fold stay. */
@Kind(
        value = "rounded-corners",
        title = "Rounded corners",
        about = "Corners taken off with a corner punch; those at a fold stay.")
public record RoundedCorners(
        Id id,
        @Asked(value = "Of", initial = "panel", from = Asked.Choice.GROUND) Id on,
        @Asked(value = "Radius", initial = "6 mm", inches = "1/4 in", min = "1 mm", max = "50 mm") Length radius)
        implements Element {}
