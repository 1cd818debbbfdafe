package dev.schachtel.core.card;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A sheet held at three sides, to put something in. */
@Kind(value = "pocket", title = "Pocket", about = "Holds a pass, a voucher, a bank card.")
public record Pocket(
        Id id,
        @Asked(value = "Lies on", initial = "inside", from = Asked.Choice.GROUND) Id on,
        @Asked(value = "Holds, wide", initial = "54 mm", min = "10 mm", max = "500 mm") Length holdsWide,
        @Asked(value = "Holds, high", initial = "85.6 mm", min = "10 mm", max = "500 mm") Length holdsHigh,
        @Asked(value = "Ease each side", initial = "1.5 mm", min = "0 mm", max = "20 mm", pull = Pull.PLAY) Length ease,
        @Asked(value = "Of its height held, %", initial = "60", min = "20", max = "100") int depth,
        @Asked(value = "Glue flaps", initial = "8 mm", inches = "5/16 in", min = "3 mm", max = "40 mm") Length flap,
        @Asked(value = "Middle, from the left", initial = "50 %", min = "-3 m", max = "3 m", pull = Pull.ACROSS)
                Length across,
        @Asked(value = "Foot, from the foot", initial = "10 %", min = "-3 m", max = "3 m", pull = Pull.UP) Length up,
        @Asked(value = "Card", initial = "cream-300", from = Asked.Choice.CARD) MaterialId card,
        @Asked(value = "Held by", initial = "tape", from = Asked.Choice.ADHESIVE, pull = Pull.ADHESIVE)
                MaterialId fixing)
        implements Feature {}
