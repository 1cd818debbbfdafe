package dev.schachtel.core.card;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A lattice over a coloured ground. */
@Kind(value = "cover-plate", title = "Cover plate", about = "A lattice through which the colour beneath shows.")
public record CoverPlate(
        Id id,
        @Asked(value = "Lies on", initial = "panel", from = Asked.Choice.GROUND) Id on,
        @Asked(value = "Columns", initial = "4", min = "1", max = "20") int columns,
        @Asked(value = "Rows", initial = "6", min = "1", max = "20") int rows,
        @Asked(value = "Edge", initial = "6 mm", inches = "1/4 in", min = "0 mm", max = "200 mm") Length margin,
        @Asked(value = "Bars", initial = "3 mm", inches = "1/8 in", min = "0.5 mm", max = "50 mm") Length bar,
        @Asked(value = "Card", initial = "white-300", from = Asked.Choice.CARD) MaterialId card,
        @Asked(value = "Held by", initial = "glue", from = Asked.Choice.WHOLE_BACK, pull = Pull.ADHESIVE)
                MaterialId fixing)
        implements Feature {}
