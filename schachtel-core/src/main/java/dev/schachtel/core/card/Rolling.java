package dev.schachtel.core.card;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** Two discs joined through a slot by a round connector that rolls as they travel. */
@Kind(value = "rolling", title = "Rolling spinner", about = "Two discs that roll along a slot and turn as they go.")
public record Rolling(
        Id id,
        @Asked(value = "Rolls on", initial = "panel", from = Asked.Choice.GROUND) Id on,
        @Asked(value = "Slot", initial = "straight") SlotPath path,
        @Asked(value = "Connector across", initial = "19 mm", inches = "3/4 in", min = "3 mm", max = "100 mm")
                Length connector,
        @Asked(
                        value = "Play each side",
                        initial = "0.8 mm",
                        inches = "1/32 in",
                        min = "0.1 mm",
                        max = "10 mm",
                        pull = Pull.PLAY)
                Length play,
        @Asked(
                        value = "Disc in front",
                        initial = "32 mm",
                        inches = "1 1/4 in",
                        min = "5 mm",
                        max = "300 mm",
                        pull = Pull.DIAMETER)
                Length disc,
        @Asked(
                        value = "Disc behind",
                        initial = "29 mm",
                        inches = "1 1/8 in",
                        min = "5 mm",
                        max = "300 mm",
                        pull = Pull.KEEPER)
                Length keeper,
        @Asked(value = "Drawn on the disc in front", initial = "nothing") Showing shows,
        @Asked(value = "Connector foam", initial = "foam-tape-2", from = Asked.Choice.FOAM) MaterialId foam,
        @Asked(value = "Disc card", initial = "damson-300", from = Asked.Choice.CARD) MaterialId card)
        implements Feature {}
