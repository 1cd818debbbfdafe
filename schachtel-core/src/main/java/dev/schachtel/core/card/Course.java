package dev.schachtel.core.card;

import dev.schachtel.core.measure.Length;

/** The line on which words stand. */
public sealed interface Course permits Course.Straight, Course.Arch, Course.Bowl {
    /** From left to right. */
    @Kind(value = "straight", title = "Straight")
    record Straight() implements Course {}

    /** Highest in the middle. */
    @Kind(value = "arch", title = "Arched over")
    record Arch(
            @Asked(
                            value = "Radius of the arch",
                            initial = "45 mm",
                            inches = "1 3/4 in",
                            min = "5 mm",
                            max = "3 m",
                            pull = Pull.RADIUS)
                    Length radius)
            implements Course {}

    /** Lowest in the middle. */
    @Kind(value = "bowl", title = "Hanging through")
    record Bowl(
            @Asked(
                            value = "Radius of the bow",
                            initial = "45 mm",
                            inches = "1 3/4 in",
                            min = "5 mm",
                            max = "3 m",
                            pull = Pull.RADIUS)
                    Length radius)
            implements Course {}
}
