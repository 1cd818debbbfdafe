package dev.schachtel.core.card;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A thread stretched from one small hole to another, knotted behind. */
@Kind(
        value = "thread-line",
        title = "Stretched thread",
        about = "A thread from one small hole to another, as a string of lights or a washing line.")
public record ThreadLine(
        Id id,
        @Asked(value = "On", initial = "panel", from = Asked.Choice.GROUND) Id on,
        @Asked(value = "Begins, from the left", initial = "25 %", min = "-3 m", max = "3 m", pull = Pull.ACROSS)
                Length across,
        @Asked(value = "Begins, from the foot", initial = "80 %", min = "-3 m", max = "3 m", pull = Pull.UP) Length up,
        @Asked(value = "Runs to the right", initial = "40 mm", inches = "1 1/2 in", min = "-1 m", max = "1 m")
                Length right,
        @Asked(value = "Runs upwards", initial = "0 mm", min = "-1 m", max = "1 m") Length rise,
        @Asked(value = "Thread kind", initial = "thread", from = Asked.Choice.THREAD) MaterialId thread)
        implements Element {}
