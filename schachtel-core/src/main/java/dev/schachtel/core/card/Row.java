package dev.schachtel.core.card;

import dev.schachtel.core.measure.Length;

/** Several windows of one shape in a line. */
@Kind(value = "window-row", title = "Row of windows", about = "The same window several times, with equal gaps.")
public record Row(
        Id id,
        @Asked(value = "Cut in", initial = "panel", from = Asked.Choice.GROUND) Id on,
        @Asked(value = "Shape", initial = "circle") Opening shape,
        @Asked(value = "How many", initial = "3", min = "1", max = "40") int count,
        @Asked(value = "Runs", initial = "up") Run run,
        @Asked(value = "Spaced by", initial = "equal-gaps") Spacing spacing,
        @Asked(value = "Middle, from the left", initial = "50 %", min = "-3 m", max = "3 m", pull = Pull.ACROSS)
                Length across,
        @Asked(value = "Middle, from the foot", initial = "50 %", min = "-3 m", max = "3 m", pull = Pull.UP) Length up)
        implements Feature, Opens {
    /** Along which side of what it is cut in the row runs; it fills that side, whatever its middle says. */
    public enum Run {
        ACROSS,
        UP
    }

    /** How the length is shared out. */
    public sealed interface Spacing permits Spacing.EqualGaps, Spacing.EndMargin {
        /** Ends as wide as the gaps. */
        @Kind(value = "equal-gaps", title = "equal gaps and ends")
        record EqualGaps() implements Spacing {}

        /** A margin of one's own at both ends. */
        @Kind(value = "end-margin", title = "a margin at the ends")
        record EndMargin(
                @Asked(value = "End margin", initial = "12 mm", inches = "1/2 in", min = "0 mm", max = "300 mm")
                        Length margin)
                implements Spacing {}
    }
}
