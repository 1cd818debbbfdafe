package dev.schachtel.core.card;

import dev.schachtel.core.measure.Length;

/** The line of the connector's middle. Where it starts is said from the left edge and the foot of the face. */
public sealed interface SlotPath permits SlotPath.Straight, SlotPath.Arc, SlotPath.Legs {
    /** From a start, so far across and so far up. */
    @Kind(value = "straight", title = "Straight")
    record Straight(
            @Asked(value = "First stop, across", initial = "30 %", min = "-3 m", max = "3 m", pull = Pull.ACROSS)
                    Length across,
            @Asked(value = "First stop, up", initial = "22 %", min = "-3 m", max = "3 m", pull = Pull.UP) Length up,
            @Asked(value = "Run across", initial = "25 mm", inches = "1 in", min = "-3 m", max = "3 m") Length run,
            @Asked(value = "Rise", initial = "25 mm", inches = "1 in", min = "-3 m", max = "3 m") Length rise)
            implements SlotPath {}

    /** Part of a circle round a middle. */
    @Kind(value = "arc", title = "Arc")
    record Arc(
            @Asked(
                            value = "Middle of the arc, from the left",
                            initial = "50 %",
                            min = "-3 m",
                            max = "3 m",
                            pull = Pull.ACROSS)
                    Length across,
            @Asked(
                            value = "Middle of the arc, from the foot",
                            initial = "20 %",
                            min = "-3 m",
                            max = "3 m",
                            pull = Pull.UP)
                    Length up,
            @Asked(value = "Radius", initial = "25 mm", inches = "1 in", min = "1 mm", max = "1 m") Length radius,
            @Asked(value = "Starts at, °", initial = "150", min = "-360", max = "360") int from,
            @Asked(value = "Turns by, °", initial = "-120", min = "-360", max = "360") int sweep)
            implements SlotPath {}

    /** Straight legs, each so far across and up, as in "20 mm 0 mm; 10 mm 25 mm". */
    @Kind(value = "legs", title = "Bends")
    record Legs(
            @Asked(value = "Start, from the left", initial = "25 %", min = "-3 m", max = "3 m", pull = Pull.ACROSS)
                    Length across,
            @Asked(value = "Start, from the foot", initial = "25 %", min = "-3 m", max = "3 m", pull = Pull.UP)
                    Length up,
            @Asked(value = "Legs, across and up", initial = "15 mm 10 mm; 15 mm 0 mm", max = "1000", coded = true)
                    String legs)
            implements SlotPath {}
}
