package dev.schachtel.app.practice;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.stream.LongStream;

import org.springframework.stereotype.Component;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;

import dev.schachtel.app.store.DemoCards;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.practice.Exercise;
import dev.schachtel.core.practice.Faults;
import dev.schachtel.core.practice.Mistake;
import dev.schachtel.core.practice.Sizes;

/**
 * Exercises by their numbers, made from the demo's cards in the workshop that they came with: so a number is the same exercise on every
 * server and after every start. What takes long to make is made once.
 */
@Component
class Exercises {
    private static final int KINDS = 64;
    /** The first of the demo's cards, however many come after them: another card would make other exercises of the same numbers. */
    private static final int CARDS = 12;

    private static final int KEPT = 300;
    /** One of the first seeds finds a card for each kind, as the tests of the core show: nobody is left without. */
    private static final long SURE = 3;
    /** So many different cards for each kind; then they come again. */
    private static final long SEEDS = 40;

    private final Workshop workshop = WorkshopFile.standard();
    private final Cache<Long, Optional<Exercise>> made =
            Caffeine.newBuilder().maximumSize(KEPT).build();
    private List<CardSpec> cards = List.of();
    private Optional<Faults> faults = Optional.empty();

    /** The number of the exercise that comes after so many looks at a kind of mistake. */
    static long number(Mistake mistake, int looks) {
        return (long) looks * KINDS + mistake.ordinal();
    }

    static Optional<Mistake> mistake(long number) {
        int ordinal = (int) Math.floorMod(number, (long) KINDS);
        return number >= 0 && ordinal < Mistake.values().length
                ? Optional.of(Mistake.values()[ordinal])
                : Optional.empty();
    }

    /** Empty where there is no such exercise. */
    Optional<Exercise> of(long number) {
        return mistake(number).flatMap(m -> {
            long seed = number / KINDS % SEEDS;
            return made.get(key(m, number), n -> make(m, seed));
        });
    }

    /** Whether it can be had at once. */
    boolean isMade(long number) {
        return mistake(number).map(m -> made.getIfPresent(key(m, number))).isPresent();
    }

    private static long key(Mistake mistake, long number) {
        return number / KINDS % SEEDS * KINDS + mistake.ordinal();
    }

    /** Makes it while something else is read. */
    void prepare(long number) {
        CompletableFuture.runAsync(() -> of(number));
    }

    private Optional<Exercise> make(Mistake mistake, long seed) {
        Faults source = faults();
        return LongStream.concat(LongStream.of(seed, seed + SEEDS), LongStream.range(0, SURE))
                .mapToObj(s -> source.make(mistake, s))
                .flatMap(Optional::stream)
                .findFirst();
    }

    Sizes.Guess size(long number) {
        return new Sizes(cards(), workshop).of(number);
    }

    Workshop workshop() {
        return workshop;
    }

    private synchronized Faults faults() {
        Faults now = faults.orElseGet(() -> new Faults(cards(), workshop));
        faults = Optional.of(now);
        return now;
    }

    private synchronized List<CardSpec> cards() {
        if (cards.isEmpty()) {
            cards = DemoCards.good(workshop).stream().limit(CARDS).toList();
        }
        return cards;
    }
}
