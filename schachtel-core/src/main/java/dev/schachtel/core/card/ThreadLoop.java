package dev.schachtel.core.card;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A thread through a hole: to hang the card by, or with a tassel. */
@Kind(value = "thread-loop", title = "Thread loop", about = "A thread through a hole, plain or with a tassel.")
public record ThreadLoop(
        Id id,
        @Asked(value = "Hole in", initial = "front", from = Asked.Choice.GROUND) Id on,
        @Asked(value = "Hole", initial = "4 mm", inches = "5/32 in", min = "1 mm", max = "50 mm") Length hole,
        @Asked(value = "Middle, from the left", initial = "50 %", min = "-3 m", max = "3 m", pull = Pull.ACROSS)
                Length across,
        @Asked(value = "Middle, from the foot", initial = "94 %", min = "-3 m", max = "3 m", pull = Pull.UP) Length up,
        @Asked(
                        value = "Hangs down",
                        initial = "60 mm",
                        inches = "2 1/2 in",
                        min = "5 mm",
                        max = "1 m",
                        pull = Pull.THREAD)
                Length hangs,
        @Asked(value = "Threads in the tassel", initial = "0", min = "0", max = "60") int tassel,
        @Asked(value = "Thread kind", initial = "thread", from = Asked.Choice.THREAD) MaterialId thread)
        implements Feature {}
