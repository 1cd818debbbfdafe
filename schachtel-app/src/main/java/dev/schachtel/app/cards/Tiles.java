package dev.schachtel.app.cards;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;

import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.store.CardService;
import dev.schachtel.app.store.NoSuchCardException;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.words.Times;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.drawing.Views;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.render.Look;
import dev.schachtel.core.render.SvgWriter;

/** The picture and state of each card, remembered until the card, the workshop or the day is another. */
@Component
class Tiles {
    private static final int KEPT = 2_000;
    private final CardService cards;
    private final Plans plans;
    private final Workshops workshops;
    private final Clock clock;
    private final Cache<Key, Tile> tiles =
            Caffeine.newBuilder().maximumSize(KEPT).build();
    private @Nullable Circumstances then;

    private record Key(long id, long version) {}

    /** The workshop is compared by identity: {@link Workshops} gives the same one until it is changed. */
    private record Circumstances(Workshop workshop, LocalDate day) {
        boolean isStill(@Nullable Circumstances other) {
            return other != null && other.workshop == workshop && other.day.equals(day);
        }
    }

    /**
     * A card as the home page shows it, or why it can't be.
     *
     * @param words all that a search looks through, in small letters
     * @param urgency 0 to mend, 1 to watch, 2 works
     */
    record Tile(Optional<HomeView.Card> card, String reason, String words, int urgency, LocalDate due) {}

    Tiles(CardService cards, Plans plans, Workshops workshops, Clock clock) {
        this.cards = cards;
        this.plans = plans;
        this.workshops = workshops;
        this.clock = clock;
    }

    Tile of(CardService.Head head) {
        forget();
        return tiles.get(new Key(head.id(), head.version()), k -> made(head));
    }

    private synchronized void forget() {
        Circumstances now =
                new Circumstances(workshops.now(), LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault()));
        if (!now.isStill(then)) {
            tiles.invalidateAll();
            then = now;
        }
    }

    private Tile made(CardService.Head head) {
        try {
            return tile(cards.load(head.id()));
        } catch (RefusedException e) {
            return broken(head, e.path() + " " + e.reason());
        } catch (NoSuchCardException e) {
            return broken(head, "its newest revision is gone");
        }
    }

    private static Tile broken(CardService.Head head, String reason) {
        return new Tile(Optional.empty(), reason, small(head.name() + " " + head.set()), 0, LocalDate.MAX);
    }

    private Tile tile(StoredCard card) {
        Plan plan = plans.of(card.spec());
        int mend = plan.findings().count(Severity.MEND);
        int watch = plan.findings().count(Severity.WATCH);
        boolean bare =
                plan.spec().features().isEmpty() && plan.spec().elements().isEmpty();
        String next = mend > 0
                ? "Mend it"
                : bare
                        ? "Add a window"
                        : "Build it, " + Times.of(plan.assembly().total());
        HomeView.Card shown = new HomeView.Card(
                card.id(),
                name(card.spec().name()),
                about(plan),
                SvgWriter.write(Views.IN_THE_ROUND.of(plan.build(), Id.BASE), Look.picture(220, 270)),
                mend > 0 ? "mend" : watch > 0 ? "watch" : "works",
                mend > 0 ? mend + " to mend" : watch > 0 ? watch + " to watch" : "all works",
                next,
                "/cards/" + card.id() + (mend > 0 || bare ? "/structure" : "/build"));
        String words = card.spec().name() + " " + card.spec().set() + " "
                + card.spec().brief().occasion() + " " + card.spec().brief().recipient() + " " + shown.state();
        return new Tile(
                Optional.of(shown),
                "",
                small(words),
                mend > 0 ? 0 : watch > 0 ? 1 : 2,
                card.spec().brief().due().orElse(LocalDate.MAX));
    }

    private static String about(Plan plan) {
        Units units = plan.spec().units();
        var face = plan.build().face().bounds();
        int many = plan.spec().brief().cards();
        return units.show(face.wide()) + " × " + units.show(face.high()) + " " + units.sign() + ", "
                + (many == 1 ? "1 card" : many + " cards");
    }

    /** A name of nothing but blanks or what is not printed could neither be read nor pressed. */
    private static String name(String name) {
        return name.replaceAll("[\\p{Cntrl}\\p{Cf}]", " ").isBlank() ? "A card without a name" : name;
    }

    static String small(String words) {
        return words.toLowerCase(java.util.Locale.ROOT);
    }
}
