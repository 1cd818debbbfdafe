package dev.schachtel.core.card;

import java.util.List;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A strip over the fold, glued to both pages: opened, a box with a front and a top; shut, it lies flat between the pages. */
@Kind(
        value = "pop-up-box",
        title = "Pop-up box",
        about = "A strip over the fold that stands up as a box when the card opens.")
public record PopUpBox(
        Id id,
        @Asked(value = "Stands in the fold", initial = "base", from = Asked.Choice.FOLD) Id in,
        @Asked(
                        value = "From the fold",
                        initial = "30 mm",
                        inches = "1 1/4 in",
                        min = "4 mm",
                        max = "500 mm",
                        pull = Pull.STANDS_OUT)
                Length deep,
        @Asked(
                        value = "High",
                        initial = "25 mm",
                        inches = "1 in",
                        min = "4 mm",
                        max = "500 mm",
                        pull = Pull.STANDS_HIGH)
                Length high,
        @Asked(value = "Wide", initial = "30 mm", inches = "1 1/4 in", min = "5 mm", max = "600 mm", pull = Pull.WIDTH)
                Length wide,
        @Asked(value = "Off the middle", initial = "0 mm", min = "-3 m", max = "3 m", pull = Pull.ALONG) Length off,
        @Asked(value = "Glue tabs", initial = "10 mm", inches = "3/8 in", min = "4 mm", max = "40 mm", pull = Pull.TAB)
                Length tab,
        @Asked(value = "Card", initial = "white-300", from = Asked.Choice.CARD, pull = Pull.CARD) MaterialId card)
        implements Feature, Folded {
    /** What stands up towards whoever looks in. */
    public Id front() {
        return new Id(id + "-front");
    }

    public Id top() {
        return new Id(id + "-top");
    }

    /** Where its front stands on what lies. */
    public Id foot() {
        return new Id(id + "-foot");
    }

    /** Where its top meets what opens. */
    public Id back() {
        return new Id(id + "-back");
    }

    @Override
    public List<Id> folds() {
        return List.of(foot(), back());
    }

    @Override
    public List<Id> faces() {
        return List.of(top());
    }

    @Override
    public List<Id> reverses() {
        return List.of(front());
    }
}
