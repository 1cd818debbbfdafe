package dev.schachtel.core.card;

import java.util.List;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A strip glued to both pages as far from the fold, creased in its middle: opened, its halves lean on each other like a roof over the fold. */
@Kind(
        value = "pop-up-roof",
        title = "Pop-up roof",
        about = "A strip over the fold whose halves lean on each other like a roof when the card opens.")
public record PopUpRoof(
        Id id,
        @Asked(value = "Stands in the fold", initial = "base", from = Asked.Choice.FOLD) Id in,
        @Asked(
                        value = "From the fold",
                        initial = "25 mm",
                        inches = "1 in",
                        min = "4 mm",
                        max = "500 mm",
                        pull = Pull.STANDS_OUT)
                Length foot,
        @Asked(
                        value = "Each half, long",
                        initial = "35 mm",
                        inches = "1 3/8 in",
                        min = "4 mm",
                        max = "500 mm",
                        pull = Pull.STANDS_HIGH)
                Length slope,
        @Asked(value = "Wide", initial = "30 mm", inches = "1 1/4 in", min = "5 mm", max = "600 mm", pull = Pull.WIDTH)
                Length wide,
        @Asked(value = "Off the middle", initial = "0 mm", min = "-3 m", max = "3 m", pull = Pull.ALONG) Length off,
        @Asked(value = "Glue tabs", initial = "10 mm", inches = "3/8 in", min = "4 mm", max = "40 mm", pull = Pull.TAB)
                Length tab,
        @Asked(value = "Card", initial = "white-300", from = Asked.Choice.CARD, pull = Pull.CARD) MaterialId card)
        implements Feature, Folded {
    /** The half on the page that lies. */
    public Id front() {
        return new Id(id + "-front");
    }

    /** The half on what opens. */
    public Id back() {
        return new Id(id + "-back");
    }

    @Override
    public List<Id> faces() {
        return List.of(back());
    }

    @Override
    public List<Id> reverses() {
        return List.of(front());
    }
}
