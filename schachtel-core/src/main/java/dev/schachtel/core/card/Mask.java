package dev.schachtel.core.card;

import java.util.Optional;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** Paper that keeps ink off a place while the rest is inked, and is taken off again: a moon in a blended sky. */
@Kind(value = "mask", title = "Mask", about = "Paper that keeps ink off a place, and is peeled off again.")
public record Mask(
        Id id,
        @Asked(value = "Lies on", initial = "panel", from = Asked.Choice.GROUND) Id on,
        @Asked(value = "Shape", initial = "circle") Opening shape,
        @Asked(value = "Middle, from the left", initial = "50 %", min = "-3 m", max = "3 m", pull = Pull.ACROSS)
                Length across,
        @Asked(value = "Middle, from the foot", initial = "70 %", min = "-3 m", max = "3 m", pull = Pull.UP) Length up,
        @Asked(value = "Paper", initial = "masking", from = Asked.Choice.MASKING) MaterialId paper,
        @Asked(value = "First it keeps off", from = Asked.Choice.WORK, none = "all ink") Optional<Id> before)
        implements Element {}
