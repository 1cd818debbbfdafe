package dev.schachtel.app.cards;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

import org.springframework.stereotype.Component;

import dev.schachtel.app.store.CardService;
import dev.schachtel.app.store.Place;

/** Puts the home page together. */
@Component
class Home {
    private final CardService cards;
    private final Tiles tiles;
    private final Underway underway;
    private final Coming coming;

    Home(CardService cards, Tiles tiles, Underway underway, Coming coming) {
        this.coming = coming;
        this.cards = cards;
        this.tiles = tiles;
        this.underway = underway;
    }

    private record Shown(CardService.Head head, Tiles.Tile tile) {}

    HomeView view(HomeView.Wish wish, Optional<HomeView.Gone> gone) {
        String sought = Tiles.small(wish.sought().strip());
        List<CardService.Head> heads = cards.heads(wish.place());
        List<Tiles.Tile> all = tiles.of(heads);
        List<Shown> found = IntStream.range(0, heads.size())
                .mapToObj(i -> new Shown(heads.get(i), all.get(i)))
                .filter(s -> s.tile.words().contains(sought))
                .sorted(order(wish.order()))
                .toList();
        HomeView.Part part = HomeView.Part.of(wish.from(), found.size());
        return new HomeView(
                wish,
                List.of(
                        count(Place.BENCH, "On the bench"),
                        count(Place.ARCHIVED, "Archived"),
                        count(Place.DELETED, "Deleted")),
                sets(found.subList(part.from(), part.to()), wish.order()),
                found.stream()
                        .filter(s -> s.tile.card().isEmpty())
                        .map(s -> new HomeView.Broken(
                                s.head.name(), s.tile.reason(), "/cards/" + s.head.id() + "/kept.json"))
                        .toList(),
                wish.place() == Place.BENCH ? underway.now() : List.of(),
                wish.place() == Place.BENCH ? coming.next() : List.of(),
                gone.orElse(null),
                part);
    }

    private HomeView.Count count(Place place, String title) {
        return new HomeView.Count(place, title, cards.count(place));
    }

    private static List<HomeView.Set> sets(List<Shown> found, HomeView.Order order) {
        Map<String, List<HomeView.Card>> sets = new LinkedHashMap<>();
        for (Shown s : found) {
            String set = order != HomeView.Order.SET
                    ? "All cards, " + order.title()
                    : s.head.set().isBlank() ? "Single cards" : s.head.set();
            s.tile.card().ifPresent(c -> sets.computeIfAbsent(set, n -> new ArrayList<>())
                    .add(c));
        }
        return sets.entrySet().stream()
                .map(e -> new HomeView.Set(e.getKey(), e.getValue()))
                .toList();
    }

    /** Within equal ones as they were made. */
    private static Comparator<Shown> order(HomeView.Order order) {
        return switch (order) {
            case SET -> Comparator.comparing(s -> 0);
            case CHANGED ->
                Comparator.comparing((Shown s) -> s.head.changedAt()).reversed();
            case DUE -> Comparator.comparing(s -> s.tile.due());
            case STATE -> Comparator.comparing(s -> s.tile.urgency());
            case NAME -> Comparator.comparing(s -> Tiles.small(s.head.name()));
        };
    }
}
