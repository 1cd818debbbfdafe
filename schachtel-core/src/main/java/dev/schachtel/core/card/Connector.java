package dev.schachtel.core.card;

import dev.schachtel.core.measure.Length;

/** What joins a rider to its retainer through the slot. */
public sealed interface Connector permits Connector.Round, Connector.Oblong {
    /** A disc; it may turn, and guides over its own diameter only. */
    @Kind(value = "round", title = "Round")
    record Round(
            @Asked(value = "Connector across", initial = "10 mm", inches = "3/8 in", min = "2 mm", max = "100 mm")
                    Length diameter)
            implements Connector {}

    /** Longer along the slot than across; it keeps its direction. */
    @Kind(value = "oblong", title = "Oblong")
    record Oblong(
            @Asked(value = "Connector across", initial = "5 mm", inches = "3/16 in", min = "1 mm", max = "100 mm")
                    Length wide,
            @Asked(
                            value = "Connector along",
                            initial = "16 mm",
                            inches = "5/8 in",
                            min = "2 mm",
                            max = "200 mm",
                            pull = Pull.GUIDE)
                    Length along)
            implements Connector {}
}
