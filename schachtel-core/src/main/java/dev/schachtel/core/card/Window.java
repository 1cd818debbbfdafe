package dev.schachtel.core.card;

import dev.schachtel.core.measure.Length;

/** An aperture in a layer. */
@Kind(value = "window", title = "Window", about = "An opening to look through, cut in a panel.")
public record Window(
        Id id,
        @Asked(value = "Cut in", initial = "panel", from = Asked.Choice.GROUND) Id on,
        @Asked(value = "Shape", initial = "circle") Opening shape,
        @Asked(value = "Middle, from the left", initial = "50 %", min = "-3 m", max = "3 m", pull = Pull.ACROSS)
                Length across,
        @Asked(value = "Middle, from the foot", initial = "66 %", min = "-3 m", max = "3 m", pull = Pull.UP) Length up,
        @Asked(value = "Cut through", initial = "this") Through through)
        implements Feature, Opens {
    /** How many layers the opening goes through. */
    public enum Through {
        /** Only what it is cut in. */
        THIS,
        /** Also what that lies on, at the same place. */
        BELOW
    }
}
