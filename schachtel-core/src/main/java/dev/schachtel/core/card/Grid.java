package dev.schachtel.core.card;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** Rectangular windows in rows and columns. */
@Kind(value = "window-grid", title = "Grid of windows", about = "Equal panes with bars between them.")
public record Grid(
        Id id,
        @Asked(value = "Cut in", initial = "panel", from = Asked.Choice.GROUND) Id on,
        @Asked(value = "Columns", initial = "3", min = "1", max = "30") int columns,
        @Asked(value = "Rows", initial = "4", min = "1", max = "30") int rows,
        @Asked(value = "Margin", initial = "10 mm", inches = "3/8 in", min = "0 mm", max = "300 mm") Length margin,
        @Asked(value = "Bars", initial = "6 mm", inches = "1/4 in", min = "0.5 mm", max = "100 mm") Length bar,
        @Asked(value = "Behind the windows", initial = "nothing") Showing shows,
        @Asked(value = "Card of the pictures", initial = "white-300", from = Asked.Choice.CARD) MaterialId pictureCard)
        implements Feature, Opens {}
