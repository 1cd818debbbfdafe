package dev.schachtel.core.card;

import java.util.List;
import java.util.stream.IntStream;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** Panels folded to and fro. It is made of strips of two panels each; every strip after the first has a tab. */
@Kind(
        value = "accordion",
        title = "Accordion card",
        about = "Three to eight panels, folded to and fro; opened it stands by itself.")
public record Accordion(
        @Asked(value = "Width, closed", min = "25 mm", max = "600 mm") Length width,
        @Asked(value = "Height, closed", min = "25 mm", max = "600 mm") Length height,
        @Asked(value = "Panels", initial = "4", min = "3", max = "8") int panels,
        @Asked(
                        value = "Tabs between strips",
                        initial = "12 mm",
                        inches = "1/2 in",
                        min = "5 mm",
                        max = "600 mm",
                        pull = Pull.TAB)
                Length tab,
        @Asked(value = "Card", initial = "slate-300", from = Asked.Choice.CARD) MaterialId card)
        implements Base {
    /**
     * The side of a panel that is seen from the front when the card is open.
     *
     * @param number from 1 for the one that lies in front when it is shut
     */
    public static Id panel(int number) {
        return new Id("panel-" + number);
    }

    /** The side of a panel that is seen from behind when the card is open. */
    public static Id back(int number) {
        return new Id("panel-" + number + "-back");
    }

    /** Shut, every other panel lies on its face. */
    public static boolean isFaceDown(int number) {
        return number % 2 == 0;
    }

    @Override
    public List<Id> faces() {
        return IntStream.rangeClosed(1, panels)
                .mapToObj(i -> isFaceDown(i) ? back(i) : panel(i))
                .toList();
    }

    @Override
    public List<Id> reverses() {
        return IntStream.rangeClosed(1, panels)
                .mapToObj(i -> isFaceDown(i) ? panel(i) : back(i))
                .toList();
    }

    @Override
    public List<Id> inRow() {
        return IntStream.rangeClosed(1, panels).mapToObj(Accordion::panel).toList();
    }
}
