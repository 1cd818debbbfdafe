package dev.schachtel.core.card;

import java.util.List;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A sheet creased in its middle, whose halves are glued to the two pages at a slant: opened, it stands up over the fold like a V. */
@Kind(
        value = "v-fold",
        title = "V-fold",
        about = "A sheet over the fold that stands up like a V when the card opens, its crease in the middle.")
public record VFold(
        Id id,
        @Asked(value = "Stands in the fold", initial = "base", from = Asked.Choice.FOLD) Id in,
        @Asked(
                        value = "Each half, wide",
                        initial = "35 mm",
                        inches = "1 3/8 in",
                        min = "5 mm",
                        max = "500 mm",
                        pull = Pull.WIDTH)
                Length wide,
        @Asked(
                        value = "High, at its crease",
                        initial = "40 mm",
                        inches = "1 1/2 in",
                        min = "5 mm",
                        max = "500 mm",
                        pull = Pull.STANDS_HIGH)
                Length high,
        @Asked(value = "Angle to the fold, °", initial = "60", min = "20", max = "85") int slant,
        @Asked(value = "Angle of the crease, °", initial = "90", min = "30", max = "120", pull = Pull.ANGLE) int crease,
        @Asked(value = "Tip points", initial = "backwards") Tip tip,
        @Asked(
                        value = "Tip off the middle",
                        initial = "20 mm",
                        inches = "3/4 in",
                        min = "-3 m",
                        max = "3 m",
                        pull = Pull.ALONG)
                Length off,
        @Asked(value = "Glue tabs", initial = "8 mm", inches = "5/16 in", min = "4 mm", max = "40 mm", pull = Pull.TAB)
                Length tab,
        @Asked(value = "Card", initial = "sky-216", from = Asked.Choice.CARD, pull = Pull.CARD) MaterialId card)
        implements Feature, Folded {
    /** Which way along the fold its tip looks. */
    public enum Tip {
        /** Towards the head of the fold, or to the right. */
        BACKWARDS,
        /** Towards the foot of the fold, or to the left. */
        FORWARDS
    }

    /** The half on the page that lies. */
    public Id right() {
        return new Id(id + "-right");
    }

    /** The half on the page that opens. */
    public Id left() {
        return new Id(id + "-left");
    }

    @Override
    public List<Id> faces() {
        return List.of(right());
    }

    @Override
    public List<Id> reverses() {
        return List.of(left());
    }
}
