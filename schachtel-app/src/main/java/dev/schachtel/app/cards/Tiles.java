package dev.schachtel.app.cards;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;

import dev.schachtel.app.planning.Later;
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

/**
 * The picture and state of each card, remembered until the card, what it takes of the workshop, or the day is another. No page
 * waits for a plan longer than {@link #PATIENCE}: what isn't known by then is shown as it was, and looked at later.
 */
@Component
class Tiles {
    private static final Logger LOG = LoggerFactory.getLogger(Tiles.class);
    private static final int KEPT = 5_000;
    private static final Duration PATIENCE = Duration.ofMillis(150);
    private static final int FEW = 20;

    /** Letters of pictures that are kept. */
    private static final long PICTURES = 40_000_000;

    private final CardService cards;
    private final Plans plans;
    private final Workshops workshops;
    private final Clock clock;
    private final Later later;
    private final Cache<Long, Known> known =
            Caffeine.newBuilder().maximumSize(KEPT).build();
    private final Cache<Long, Picture> pictures = Caffeine.newBuilder()
            .maximumWeight(PICTURES)
            .weigher((Long id, Picture p) -> p.svg.length())
            .build();

    private record Known(long version, LocalDate day, Depends depends, Tile tile) {}

    /** A picture that belongs to a state of a card. */
    private record Picture(String stamp, String svg) {}

    /**
     * A card as the home page shows it, or why it can't be.
     *
     * @param words all that a search looks through, in small letters
     * @param urgency 0 to mend, 1 to watch, 2 works, 3 not known yet
     */
    record Tile(Optional<HomeView.Card> card, String reason, String words, int urgency, LocalDate due) {
        boolean isLooking() {
            return card.filter(HomeView.Card::looking).isPresent();
        }
    }

    Tiles(CardService cards, Plans plans, Workshops workshops, Clock clock, Later later) {
        this.cards = cards;
        this.plans = plans;
        this.workshops = workshops;
        this.clock = clock;
        this.later = later;
    }

    /** One for each, in their order; those of the first are worked out first. */
    List<Tile> of(List<CardService.Head> heads) {
        List<CompletableFuture<Known>> asked = new ArrayList<>();
        for (int i = heads.size() - 1; i >= 0; i--) {
            CardService.Head head = heads.get(i);
            if (!isKnown(head)) {
                asked.add(ask(head.id()));
            }
        }
        Collections.reverse(asked);
        // Of very many none would be there in time, and waiting would take the processor from them.
        long until = System.nanoTime() + (asked.size() > FEW ? 0 : PATIENCE.toNanos());
        for (CompletableFuture<Known> answer : asked) {
            if (later.within(answer, Duration.ofNanos(until - System.nanoTime()))
                            .isEmpty()
                    && System.nanoTime() > until) {
                break;
            }
        }
        return heads.stream().map(this::shown).toList();
    }

    private CompletableFuture<Known> ask(long id) {
        return later.ask(List.of(Tiles.class, id), () -> worked(id));
    }

    private boolean isKnown(CardService.Head head) {
        Known last = known.getIfPresent(head.id());
        Workshop now = workshops.now();
        boolean still =
                last != null && last.version == head.version() && last.day.equals(today()) && last.depends.isAsIn(now);
        if (still && last.depends.workshop() != now) {
            known.put(head.id(), new Known(last.version, last.day, last.depends.in(now), last.tile));
        }
        return still;
    }

    private LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
    }

    /** As it is known, or as it was, or by its name alone. */
    private Tile shown(CardService.Head head) {
        Known last = known.getIfPresent(head.id());
        if (last != null && isKnown(head)) {
            return last.tile;
        }
        HomeView.Card before = last == null ? null : last.tile.card().orElse(null);
        if (before == null) {
            before = new HomeView.Card(
                    head.id(), "", "", "", HomeView.Card.LOOKING, "", "", "/cards/" + head.id() + "/structure");
        }
        return new Tile(
                Optional.of(before.stillLooking(name(head.name()))),
                "",
                small(head.name() + " " + head.set()) + (last == null ? "" : " " + last.tile.words()),
                3,
                last == null ? LocalDate.MAX : last.tile.due());
    }

    /** The plan of a card, if it can be had within a time that a page may wait; else it is known soon. */
    Optional<Plan> plan(StoredCard card, Duration patience) {
        return later.within(
                later.ask(List.of(Plan.class, card.id(), card.version()), () -> plans.of(card.spec())), patience);
    }

    /** The picture of a card as a file; empty if it can't be drawn. */
    Optional<String> picture(long id) {
        Picture there = pictures.getIfPresent(id);
        if (there == null) {
            later.within(ask(id), Duration.ofSeconds(20));
            there = pictures.getIfPresent(id);
        }
        return Optional.ofNullable(there).map(Picture::svg);
    }

    private Known worked(long id) {
        Workshop now = workshops.now();
        LocalDate day = today();
        Known made = cards.headOf(id).map(head -> made(head, now, day)).orElseThrow(() -> new NoSuchCardException(id));
        known.put(id, made);
        return made;
    }

    /** Whatever goes wrong with one card, the others are shown. */
    private Known made(CardService.Head head, Workshop now, LocalDate day) {
        Depends anything = new Depends(now, Set.of());
        try {
            StoredCard card = cards.load(head.id());
            Plan plan = plans.once(card.spec());
            return new Known(card.version(), day, Depends.of(now, plan.build()), tile(card, plan));
        } catch (RefusedException e) {
            return new Known(head.version(), day, anything, broken(head, e.path() + " " + e.reason()));
        } catch (NoSuchCardException e) {
            return new Known(head.version(), day, anything, broken(head, "its newest revision is gone"));
        } catch (RuntimeException e) {
            LOG.error("card {} can't be shown", head.id(), e);
            return new Known(
                    head.version(), day, anything, broken(head, "it can’t be drawn, by a mistake of the program"));
        }
    }

    private static Tile broken(CardService.Head head, String reason) {
        return new Tile(Optional.empty(), reason, small(head.name() + " " + head.set()), 0, LocalDate.MAX);
    }

    private Tile tile(StoredCard card, Plan plan) {
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
                picture(card.id(), plan),
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

    /** Draws the picture anew; where it is to be had. */
    private String picture(long id, Plan plan) {
        String svg = SvgFile.of(SvgWriter.write(Views.IN_THE_ROUND.of(plan.build(), Id.BASE), Look.picture(220, 270)));
        String stamp = Integer.toHexString(svg.hashCode());
        pictures.put(id, new Picture(stamp, svg));
        return "/cards/" + id + "/picture.svg?v=" + stamp;
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
