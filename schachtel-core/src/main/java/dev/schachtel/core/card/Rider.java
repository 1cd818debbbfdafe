package dev.schachtel.core.card;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A figure that slides along a slot in a panel, kept by a retainer behind it. */
@Kind(
        value = "rider",
        title = "Slider",
        about = "A figure that slides along a slot, straight, in an arc or round corners.")
public record Rider(
        Id id,
        @Asked(value = "Slides on", initial = "panel", from = Asked.Choice.GROUND) Id on,
        @Asked(value = "Slot", initial = "straight") SlotPath path,
        @Asked(value = "Connector", initial = "round") Connector connector,
        @Asked(
                        value = "Play each side",
                        initial = "0.8 mm",
                        inches = "1/32 in",
                        min = "0.1 mm",
                        max = "10 mm",
                        pull = Pull.PLAY)
                Length play,
        @Asked(
                        value = "Retainer holds by",
                        initial = "4 mm",
                        inches = "3/16 in",
                        min = "0.5 mm",
                        max = "50 mm",
                        pull = Pull.HOLD)
                Length hold,
        @Asked(value = "Rider", initial = "rounded-rectangle", widest = 30) Opening face,
        @Asked(value = "Pushed beside by", initial = "8 mm", inches = "3/8 in", min = "0.1 mm", max = "100 mm")
                Length push,
        @Asked(value = "Friction, %", initial = "45", min = "5", max = "120") int friction,
        @Asked(value = "Rest, % of the way", initial = "0", min = "0", max = "100") int rest,
        @Asked(value = "Rider card", initial = "damson-300", from = Asked.Choice.CARD) MaterialId card,
        @Asked(value = "Held by", initial = "glue", from = Asked.Choice.ADHESIVE, pull = Pull.ADHESIVE)
                MaterialId fixing)
        implements Feature {}
