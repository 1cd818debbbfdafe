package dev.schachtel.core.card;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A mirrored pair on a thread across a window; it turns when the card is opened or blown at. */
@Kind(
        value = "hanging-spinner",
        title = "Hanging spinner",
        about = "A pair of pieces on a thread in the middle of a window.")
public record Hanging(
        Id id,
        @Asked(value = "In the window", initial = "window", from = Asked.Choice.WINDOW) Id window,
        @Asked(value = "Piece", initial = "circle") Opening piece,
        @Asked(value = "Thread taped on each side", initial = "10 mm", inches = "3/8 in", min = "2 mm", max = "60 mm")
                Length ends,
        @Asked(value = "Thread kind", initial = "thread", from = Asked.Choice.THREAD) MaterialId thread,
        @Asked(value = "Card", initial = "damson-300", from = Asked.Choice.CARD) MaterialId card)
        implements Feature {}
