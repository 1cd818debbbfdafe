package dev.schachtel.core.card;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** Gems, pearls, eyes or sequins, stuck on in a row or close together. */
@Kind(value = "gems", title = "Gems and pearls", about = "Gems, pearls, eyes or sequins, in a row or close together.")
public record Gems(
        Id id,
        @Asked(value = "Lie on", initial = "panel", from = Asked.Choice.GROUND) Id on,
        @Asked(value = "What", initial = "gems-4", from = Asked.Choice.EMBELLISHMENT) MaterialId what,
        @Asked(value = "How many", initial = "3", min = "1", max = "60", pull = Pull.FEWER) int count,
        @Asked(value = "Lie", initial = "in-a-row") Arranged arranged,
        @Asked(value = "Middle to middle", initial = "8 mm", inches = "5/16 in", min = "1 mm", max = "200 mm")
                Length apart,
        @Asked(value = "Turned, degrees", initial = "0", min = "-180", max = "180") int turned,
        @Asked(value = "Middle, from the left", initial = "50 %", min = "-3 m", max = "3 m", pull = Pull.ACROSS)
                Length across,
        @Asked(value = "Middle, from the foot", initial = "80 %", min = "-3 m", max = "3 m", pull = Pull.UP) Length up,
        @Asked(value = "Held by", initial = "glue", from = Asked.Choice.ADHESIVE) MaterialId fixing)
        implements Element {

    /** How they lie. */
    public enum Arranged {
        IN_A_ROW,
        /** Each as near the middle as there is room, three as a triangle. */
        CLOSE_TOGETHER
    }
}
