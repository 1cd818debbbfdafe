package dev.schachtel.core.card;

import java.util.List;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A sheet over the fold on four supports, two on each page: opened, it lies over the pages like a table; shut, it is folded between them. */
@Kind(
        value = "floating-layer",
        title = "Floating layer",
        about = "A sheet on supports that lies over both pages when the card is open.")
public record FloatingLayer(
        Id id,
        @Asked(value = "Lies over the fold", initial = "base", from = Asked.Choice.FOLD) Id in,
        @Asked(
                        value = "Each half, deep",
                        initial = "40 mm",
                        inches = "1 1/2 in",
                        min = "16 mm",
                        max = "500 mm",
                        pull = Pull.STANDS_OUT)
                Length deep,
        @Asked(
                        value = "Over the pages",
                        initial = "12 mm",
                        inches = "1/2 in",
                        min = "4 mm",
                        max = "300 mm",
                        pull = Pull.STANDS_HIGH)
                Length high,
        @Asked(value = "Wide", initial = "60 mm", inches = "2 1/2 in", min = "5 mm", max = "600 mm", pull = Pull.WIDTH)
                Length wide,
        @Asked(value = "Off the middle", initial = "0 mm", min = "-3 m", max = "3 m", pull = Pull.ALONG) Length off,
        @Asked(value = "Glue tabs", initial = "8 mm", inches = "5/16 in", min = "4 mm", max = "40 mm", pull = Pull.TAB)
                Length tab,
        @Asked(value = "Card", initial = "sky-216", from = Asked.Choice.CARD, pull = Pull.CARD) MaterialId card)
        implements Feature, Folded {
    /** The half over the page that lies. */
    public Id near() {
        return new Id(id + "-near");
    }

    /** The half over what opens. */
    public Id far() {
        return new Id(id + "-far");
    }

    @Override
    public List<Id> faces() {
        return List.of(near());
    }

    @Override
    public List<Id> reverses() {
        return List.of(far());
    }
}
