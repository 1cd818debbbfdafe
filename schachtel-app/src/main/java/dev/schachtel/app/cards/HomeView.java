package dev.schachtel.app.cards;

import java.util.List;

/** What the home page shows: the cards of each set, those that can't be read, and what is being made. */
public record HomeView(List<Set> sets, List<Broken> broken, List<Underway.Run> underway) {
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

    /** A card whose stored form can't be read: why, and where its file can be had as it is. */
    public record Broken(String name, String reason, String download) {}

    public boolean isEmpty() {
        return sets.isEmpty() && broken.isEmpty();
    }
}
