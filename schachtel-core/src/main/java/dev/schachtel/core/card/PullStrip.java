package dev.schachtel.core.card;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A strip in a channel behind a window: pulled at its tab, the picture in the window changes. */
@Kind(value = "pull-strip", title = "Pull strip", about = "Pull the tab, and another picture comes behind the window.")
public record PullStrip(
        Id id,
        @Asked(value = "Behind the window", initial = "window", from = Asked.Choice.WINDOW) Id window,
        @Asked(value = "Pulled to the", initial = "right") Side side,
        @Asked(
                        value = "Strip wide",
                        initial = "40 mm",
                        inches = "1 1/2 in",
                        min = "5 mm",
                        max = "400 mm",
                        pull = Pull.WIDTH)
                Length width,
        @Asked(
                        value = "Travel",
                        initial = "30 mm",
                        inches = "1 1/4 in",
                        min = "0 mm",
                        max = "600 mm",
                        pull = Pull.TRAVEL)
                Length travel,
        @Asked(
                        value = "Guided at full pull",
                        initial = "30 mm",
                        inches = "1 1/4 in",
                        min = "1 mm",
                        max = "600 mm",
                        pull = Pull.GUIDE)
                Length engaged,
        @Asked(value = "Tab", initial = "20 mm", inches = "3/4 in", min = "5 mm", max = "200 mm") Length tab,
        @Asked(
                        value = "Play each side",
                        initial = "0.8 mm",
                        inches = "1/32 in",
                        min = "0.1 mm",
                        max = "10 mm",
                        pull = Pull.PLAY)
                Length play,
        @Asked(
                        value = "Stop holds by",
                        initial = "4 mm",
                        inches = "3/16 in",
                        min = "0.5 mm",
                        max = "50 mm",
                        pull = Pull.HOLD)
                Length stop,
        @Asked(value = "Friction, %", initial = "45", min = "5", max = "120") int friction,
        @Asked(value = "Drawn on it", initial = "nothing") Showing shows,
        @Asked(value = "Strip card", initial = "white-300", from = Asked.Choice.CARD) MaterialId card)
        implements Feature {
    /** Where the tab comes out. */
    public enum Side {
        RIGHT,
        LEFT,
        UP,
        DOWN
    }
}
