package dev.schachtel.app.cards;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import org.springframework.stereotype.Component;

import dev.schachtel.app.occasions.Occasions;
import dev.schachtel.app.planning.MakersPace;
import dev.schachtel.app.store.CardService;
import dev.schachtel.app.store.NoSuchCardException;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.run.Outlooks;

/** The next occasions, with the day by which their cards must be begun. */
@Component
class Coming {
    /** Hours at the bench. */
    private static final int A_DAY = 8;

    private static final int SHOWN = 4;
    private static final Duration PATIENCE = Duration.ofMillis(50);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);
    private final Occasions occasions;
    private final CardService cards;
    private final Tiles tiles;
    private final MakersPace makers;
    private final Clock clock;

    Coming(Occasions occasions, CardService cards, Tiles tiles, Clock clock, MakersPace makers) {
        this.makers = makers;
        this.occasions = occasions;
        this.cards = cards;
        this.tiles = tiles;
        this.clock = clock;
    }

    /**
     * One of them.
     *
     * @param begin what to do by when
     * @param href where its card is; empty without one
     */
    record Day(long id, String day, String what, String begin, String href) {
        private static final String LOOKING = "working out by when to begin …";

        boolean looking() {
            return begin.endsWith(LOOKING);
        }
    }

    List<Day> next() {
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
        return occasions.from(today).stream()
                .limit(SHOWN)
                .map(o -> day(o, today))
                .toList();
    }

    private Day day(Occasions.Occasion occasion, LocalDate today) {
        Occasions.Wanted wanted = occasion.wanted();
        LocalDate next = wanted.next(today);
        String what = wanted.who().isBlank()
                ? wanted.what()
                : wanted.what().isBlank() ? wanted.who() : wanted.who() + ", " + wanted.what();
        Optional<StoredCard> card = card(wanted);
        return new Day(
                occasion.id(),
                DAY.format(next),
                what,
                card.map(c -> begin(c, next, today)).orElse("No card is meant for it yet."),
                card.map(c -> "/cards/" + c.id() + "/brief").orElse(""));
    }

    private Optional<StoredCard> card(Occasions.Wanted wanted) {
        Long id = wanted.card();
        try {
            return id == null ? Optional.empty() : Optional.of(cards.load(id));
        } catch (NoSuchCardException | RefusedException e) {
            return Optional.empty();
        }
    }

    /** Whole days at the bench in which it is ready nine times in ten, by the pace of the one who timed most. */
    private long days(Plan plan) {
        double seconds = Outlooks.of(plan.assembly(), makers.of("")::of).within(0.9);
        return (long) Math.max(1, Math.ceil(seconds / Duration.ofHours(A_DAY).toSeconds()));
    }

    private String begin(StoredCard card, LocalDate day, LocalDate today) {
        String by = "“" + card.spec().name() + "”: ";
        Optional<Plan> plan = tiles.plan(card, PATIENCE);
        if (plan.isEmpty()) {
            return by + Day.LOOKING;
        }
        LocalDate begin = day.minusDays(days(plan.get()) - 1L);
        if (begin.isBefore(today)) {
            return by + "too late by " + (today.toEpochDay() - begin.toEpochDay()) + " days, unless more hands help.";
        }
        return by + (begin.equals(today) ? "begin today." : "begin by " + DAY.format(begin) + ".");
    }
}
