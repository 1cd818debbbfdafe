package dev.schachtel.app.supplies;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;

import org.springframework.stereotype.Component;

import dev.schachtel.app.planning.Later;
import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.store.CardService;
import dev.schachtel.app.store.Place;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.core.material.Workshop;

/** What runs short: each card is planned on its own and in its turn, so that one that can't be planned leaves the others. */
@Component
class Shorts {
    /** It is asked of so many cards, the newest. */
    private static final int LOOKED_AT = 40;

    private static final Duration PATIENCE = Duration.ofMillis(60);
    private final CardService cards;
    private final Plans plans;
    private final Later later;
    private volatile Known known = new Known(Optional.empty(), Map.of());

    Shorts(CardService cards, Plans plans, Later later) {
        this.cards = cards;
        this.plans = plans;
        this.later = later;
    }

    /** What cards take, as long as the workshop is this one. */
    private record Known(Optional<Workshop> workshop, Map<Long, Taken> cards) {}

    /** What a card takes as it is in one of its versions; nothing of one that can't be planned. */
    private record Taken(long version, Optional<Takings.Named> takes) {}

    /** What is known so far, and of how many cards nothing is yet. */
    StockView.Shorts in(Workshop workshop) {
        Map<Long, Taken> taken = of(workshop);
        List<CardService.Head> looked = cards.heads(Place.BENCH).stream()
                .sorted(Comparator.comparing(CardService.Head::changedAt).reversed())
                .limit(LOOKED_AT)
                .toList();
        List<CompletableFuture<Taken>> asked = new ArrayList<>();
        for (int i = looked.size() - 1; i >= 0; i--) {
            CardService.Head head = looked.get(i);
            Taken last = taken.get(head.id());
            if (last == null || last.version != head.version()) {
                asked.add(ask(head, workshop, taken));
            }
        }
        long until = System.nanoTime() + PATIENCE.toNanos();
        asked.forEach(a -> later.within(a, Duration.ofNanos(until - System.nanoTime())));
        List<Takings.Named> there = looked.stream()
                .flatMap(h -> Optional.ofNullable(taken.get(h.id())).flatMap(Taken::takes).stream())
                .toList();
        int missing = (int) asked.stream().filter(a -> !a.isDone()).count();
        return new StockView.Shorts(Takings.shorts(there, workshop), missing);
    }

    private Map<Long, Taken> of(Workshop workshop) {
        Known now = known;
        if (now.workshop.filter(w -> w == workshop).isEmpty()) {
            now = new Known(Optional.of(workshop), new ConcurrentHashMap<>());
            known = now;
        }
        return now.cards;
    }

    private CompletableFuture<Taken> ask(CardService.Head head, Workshop workshop, Map<Long, Taken> taken) {
        return later.ask(List.of(Shorts.class, head.id(), head.version(), System.identityHashCode(workshop)), () -> {
            StoredCard card = cards.load(head.id());
            Taken takes = new Taken(
                    head.version(),
                    Optional.of(new Takings.Named(
                            card.spec().name(), plans.of(card.spec()).cutting())));
            taken.put(head.id(), takes);
            return takes;
        });
    }
}
