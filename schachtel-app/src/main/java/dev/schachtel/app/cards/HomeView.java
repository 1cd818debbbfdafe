package dev.schachtel.app.cards;

import java.util.List;

import org.jspecify.annotations.Nullable;

import dev.schachtel.app.store.Place;

/**
 * What the home page shows: cards in groups, those that can't be read, and what is being made.
 *
 * @param wish what was asked for
 * @param coming the next occasions
 * @param gone what was put away just now; null if nothing was
 */
public record HomeView(
        Wish wish,
        List<Count> places,
        List<Set> sets,
        List<Broken> broken,
        List<Underway.Run> underway,
        List<Coming.Day> coming,
        @Nullable Gone gone,
        Part part) {
    /** What of all cards is looked for, in which order, and from which one on. */
    public record Wish(String sought, Order order, Place place, int from) {}

    /**
     * So many are on one page.
     *
     * @param from the first of them, from 0
     * @param to behind the last
     * @param cards how many there are on all pages
     */
    public record Part(int from, int to, int cards) {
        static final int MOST = 48;

        static Part of(int from, int all) {
            int first = Math.max(0, Math.min(from / MOST * MOST, (all - 1) / MOST * MOST));
            return new Part(first, Math.min(all, first + MOST), all);
        }

        public boolean isWhole() {
            return isFirst() && isLast();
        }

        public boolean isFirst() {
            return from == 0;
        }

        public boolean isLast() {
            return to == cards;
        }
    }

    /** How cards are ordered. */
    public enum Order {
        SET("by set"),
        CHANGED("last changed first"),
        DUE("wanted first"),
        STATE("to mend first"),
        NAME("by name");

        private final String title;

        Order(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }

        public String word() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }

        static Order of(String word) {
            return java.util.Arrays.stream(values())
                    .filter(o -> o.word().equals(word))
                    .findFirst()
                    .orElse(SET);
        }
    }

    /** How many cards a place holds. */
    public record Count(Place place, String title, long cards) {}

    /** A card that was put away just now. */
    public record Gone(long id, String name, Place where) {}

    /** Cards that belong together. */
    public record Set(String name, List<Card> cards) {}

    /**
     * One card: its picture, how it stands, and what to do next.
     *
     * @param picture where the picture is to be had; empty if there is none yet
     */
    public record Card(
            long id,
            String name,
            String about,
            String picture,
            String shape,
            String state,
            String next,
            String nextHref) {
        static final String LOOKING = "looking";

        public boolean looking() {
            return shape.equals(LOOKING);
        }

        /** As it was, until it is known how it stands now. */
        Card stillLooking(String newName) {
            return new Card(id, newName, about, picture, LOOKING, "looking …", "", nextHref);
        }
    }

    /** Whether something on the page is still being worked out. */
    public boolean isLooking() {
        return sets.stream().flatMap(s -> s.cards.stream()).anyMatch(Card::looking)
                || coming.stream().anyMatch(Coming.Day::looking);
    }

    /** A card whose stored form can't be read: why, and where its file can be had as it is. */
    public record Broken(String name, String reason, String download) {}

    public Order[] orders() {
        return Order.values();
    }

    public boolean isEmpty() {
        return places.stream().allMatch(c -> c.cards == 0);
    }

    /** Whether cards are kept elsewhere than on the bench. */
    public boolean isSpread() {
        return places.stream().anyMatch(c -> c.cards > 0 && c.place != Place.BENCH);
    }

    public boolean isNothingFound() {
        return sets.isEmpty() && broken.isEmpty() && !isEmpty();
    }
}
