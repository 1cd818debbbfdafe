package dev.schachtel.core.card;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** Four walls with flaps at their top, and rows of strips between the side walls. Shut it lies flat, with its front beside its right side. */
@Kind(
        value = "box-card",
        title = "Box card",
        about = "Four walls round rows that carry pieces, with flaps at the top; it folds flat.")
public record BoxCard(
        @Asked(value = "Front, wide", initial = "80 mm", inches = "3 in", min = "25 mm", max = "300 mm") Length front,
        @Asked(value = "Deep", initial = "50 mm", inches = "2 in", min = "15 mm", max = "300 mm", pull = Pull.FOOT_DEEP)
                Length deep,
        @Asked(value = "Walls, high", initial = "70 mm", inches = "2 3/4 in", min = "20 mm", max = "300 mm")
                Length walls,
        @Asked(
                        value = "Flaps, high",
                        initial = "45 mm",
                        inches = "1 3/4 in",
                        min = "10 mm",
                        max = "300 mm",
                        pull = Pull.FLAP_HIGH)
                Length flaps,
        @Asked(value = "Rows", initial = "3", min = "0", max = "6", pull = Pull.ROWS) int rows,
        @Asked(
                        value = "Rows, high",
                        initial = "40 mm",
                        inches = "1 1/2 in",
                        min = "5 mm",
                        max = "300 mm",
                        pull = Pull.STANDS_HIGH)
                Length rowHeight,
        @Asked(
                        value = "Rows, above the foot",
                        initial = "25 mm",
                        inches = "1 in",
                        min = "0 mm",
                        max = "300 mm",
                        pull = Pull.ABOVE_FOOT)
                Length rowUp,
        @Asked(value = "Glue tabs", initial = "10 mm", inches = "3/8 in", min = "4 mm", max = "40 mm", pull = Pull.TAB)
                Length tab,
        @Asked(value = "Card", initial = "slate-300", from = Asked.Choice.CARD) MaterialId card,
        @Asked(value = "Card of the rows", initial = "slate-300", from = Asked.Choice.CARD) MaterialId rowCard)
        implements Base, OwnSizes {
    /** Inside the front flap, which is seen when it hangs down. */
    public static final Id FRONT_FLAP = new Id("front-flap");

    public static final Id LEFT_FLAP = new Id("left-flap");
    public static final Id RIGHT_FLAP = new Id("right-flap");
    public static final Id LEFT_SIDE = new Id("left-side");
    public static final Id RIGHT_SIDE = new Id("right-side");

    /** Shut. */
    @Override
    public Length width() {
        return front.plus(deep);
    }

    @Override
    public Length height() {
        return walls.plus(flaps);
    }

    /**
     * The side of a row that looks to the front.
     *
     * @param number from 1 for the one behind the front
     */
    public static Id row(int number) {
        return new Id("row-" + number);
    }

    @Override
    public BoxCard sized(Length width, Length height, Length step) {
        Length wide = front.scaled(width, width()).roundedTo(step);
        Length now = width.minus(wide);
        Length high = walls.scaled(height, height()).roundedTo(step);
        return new BoxCard(
                wide,
                now,
                high,
                height.minus(high),
                rows,
                rowHeight.scaled(high, walls).roundedTo(step),
                rowUp.scaled(high, walls).roundedTo(step),
                Length.min(tab, tab.scaled(now, deep).roundedTo(step)),
                card,
                rowCard);
    }

    @Override
    public List<Id> faces() {
        List<Id> all = new ArrayList<>(List.of(Id.FRONT, RIGHT_SIDE, Id.INSIDE, LEFT_FLAP));
        for (int i = 1; i <= rows; i++) {
            all.add(row(i));
        }
        return all;
    }

    @Override
    public List<Id> reverses() {
        return List.of(FRONT_FLAP, RIGHT_FLAP, LEFT_SIDE, Id.OUTSIDE_BACK);
    }
}
