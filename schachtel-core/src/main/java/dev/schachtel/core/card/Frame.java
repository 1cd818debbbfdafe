package dev.schachtel.core.card;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** Two nested dies in one pass: a band, and what drops out of it; several bands may be stacked. */
@Kind(
        value = "frame",
        title = "Frame",
        about = "A band from two nested dies, with or without the inlay that drops out.")
public record Frame(
        Id id,
        @Asked(value = "Lies on", initial = "panel", from = Asked.Choice.GROUND) Id on,
        @Asked(value = "Outer", initial = "rectangle") Opening outer,
        @Asked(
                        value = "Inner wide",
                        initial = "40 mm",
                        inches = "1 5/8 in",
                        min = "2 mm",
                        max = "600 mm",
                        pull = Pull.INNER)
                Length innerWidth,
        @Asked(value = "Inner high", initial = "65 mm", inches = "2 5/8 in", min = "2 mm", max = "600 mm")
                Length innerHeight,
        @Asked(value = "Middle, from the left", initial = "50 %", min = "-3 m", max = "3 m", pull = Pull.ACROSS)
                Length across,
        @Asked(value = "Middle, from the foot", initial = "50 %", min = "-3 m", max = "3 m", pull = Pull.UP) Length up,
        @Asked(value = "Frames stacked", initial = "1", min = "1", max = "8") int copies,
        @Asked(value = "Inlay", initial = "none") Inlay inlay,
        @Asked(value = "Frame card", initial = "damson-300", from = Asked.Choice.CARD) MaterialId card,
        @Asked(value = "Inlay card", initial = "cream-300", from = Asked.Choice.CARD) MaterialId inlayCard,
        @Asked(value = "Held by", initial = "glue", from = Asked.Choice.FIXING, pull = Pull.FIXING) MaterialId fixing)
        implements Feature, Carrier {
    /** What lies in the opening of the band. */
    public enum Inlay {
        NONE,
        /** The piece of the inner die, level with the band. */
        INLAID,
        /** Paper under the band, larger than its opening by 3 mm each side. */
        BACKED
    }
}
