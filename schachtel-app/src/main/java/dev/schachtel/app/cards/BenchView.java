package dev.schachtel.app.cards;

import java.util.List;

/** What the bench shows: the cards of each set, and what is being made. */
public record BenchView(List<Set> sets, List<Underway.Run> underway) {
    /** Cards that belong together. */
    public record Set(String name, List<Card> cards) {}

    /** One card: its picture, how it stands, and what to do next. */
    public record Card(
            long id,
            String name,
            String about,
            String pictureSvg,
            String shape,
            String state,
            String next,
            String nextHref) {}

    public boolean isEmpty() {
        return sets.isEmpty();
    }
}
