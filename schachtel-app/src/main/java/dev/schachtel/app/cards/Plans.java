package dev.schachtel.app.cards;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;

import org.springframework.stereotype.Component;

import dev.schachtel.app.supplies.Workshops;
import dev.schachtel.core.assembly.Assembly;
import dev.schachtel.core.assembly.AssemblySearch;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.cutting.CutPlan;
import dev.schachtel.core.cutting.CutPlanner;
import dev.schachtel.core.cutting.CutSearch;
import dev.schachtel.core.edit.RefusedException;
import dev.schachtel.core.material.Die;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.plan.Adding;
import dev.schachtel.core.plan.Arrange;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;

/** Plans cards; remembers the last few, since planning is pure and a page often asks for the same card again. */
@Component
public class Plans {
    private static final int KEPT = 64;
    private static final int SEARCHES = 12;
    private static final int ROUNDS = 20;
    private static final int BUILD_ROUNDS = 200;
    /** How long a page waits for a better build plan. */
    private static final Duration MOMENT = Duration.ofMillis(250);

    private final Workshops workshops;
    private final Clock clock;
    private final Map<Key, Plan> recent = keeping(KEPT);
    private final Map<Key, CutSearch> searches = keeping(SEARCHES);
    private final Map<Key, AssemblySearch> builds = keeping(SEARCHES);

    private record Key(CardSpec spec, Workshop workshop) {}

    private static <V> Map<Key, V> keeping(int most) {
        return new LinkedHashMap<>(16, 0.75f, true) {
            private static final long serialVersionUID = 1;

            @Override
            protected boolean removeEldestEntry(Map.Entry<Key, V> eldest) {
                return size() > most;
            }
        };
    }

    Plans(Workshops workshops, Clock clock) {
        this.workshops = workshops;
        this.clock = clock;
    }

    /** A piece added where it fits best. */
    public Adding.Added add(CardSpec spec, String kind, Optional<Id> on) {
        return Adding.add(spec, kind, on, workshops.now());
    }

    /**
     * Pieces put in line: centre-across, centre-up, align-across, align-up, spread-across or spread-up.
     *
     * @throws RefusedException if how is none of these, or the pieces have no place of their own
     */
    public CardSpec arrange(CardSpec spec, List<Id> ids, String how) {
        if (ids.isEmpty()) {
            throw new RefusedException("pieces", "there is nothing to put in line");
        }
        Arrange arrange = Arrange.of(spec, workshops.now());
        boolean up = how.endsWith("-up");
        return switch (how) {
            case "centre-across", "centre-up" -> arrange.centre(ids.get(0), up);
            case "align-across", "align-up" -> arrange.align(ids, up);
            case "spread-across", "spread-up" -> arrange.spread(ids, up);
            default -> throw new RefusedException(how, "there is no such way to put things in line");
        };
    }

    /**
     * A die of the register.
     *
     * @throws RefusedException if there is none of this name
     */
    public Die die(String id) {
        return workshops.now().dies().stream()
                .filter(d -> d.id().value().equals(id))
                .findFirst()
                .orElseThrow(() -> new RefusedException(id, "is not in the die register"));
    }

    public Plan of(CardSpec spec) {
        return known(new Key(spec, workshops.now())).on(today());
    }

    /** Without what a day means for it: what is kept must not grow old. */
    private Plan known(Key key) {
        synchronized (recent) {
            Plan known = recent.get(key);
            if (known != null) {
                return known;
            }
        }
        Plan plan = Planner.plan(key.spec, key.workshop);
        keep(key, plan);
        return plan;
    }

    private void keep(Key key, Plan plan) {
        synchronized (recent) {
            recent.put(key, plan);
        }
    }

    /** How far the search for fewer sheets has come. */
    public record Sought(int rounds, boolean done) {}

    /** Looks for a cut plan with fewer sheets for so long; from then on it is the card's plan on this server. */
    public Sought improve(CardSpec spec, Duration budget) {
        Key key = new Key(spec, workshops.now());
        Plan plan = known(key);
        CutSearch search;
        synchronized (searches) {
            search = searches.computeIfAbsent(key, k -> CutPlanner.search(plan.build(), key.workshop));
        }
        synchronized (search) {
            look(budget, search::done, () -> search.run(ROUNDS));
            CutPlan better = search.plan();
            if (better.sheets() < plan.cutting().sheets() || search.done()) {
                keep(key, known(key).with(better));
            }
            return new Sought(search.rounds(), search.done());
        }
    }

    /** The card's plan with its build plan looked for a moment longer; from then on it is the card's plan on this server. */
    public Plan built(CardSpec spec) {
        Key key = new Key(spec, workshops.now());
        Plan plan = known(key);
        AssemblySearch search;
        synchronized (builds) {
            search = builds.computeIfAbsent(key, k -> Assembly.search(plan.build(), key.workshop));
        }
        synchronized (search) {
            look(MOMENT, search::done, () -> search.run(BUILD_ROUNDS));
            Plan better = known(key).with(search.plan());
            keep(key, better);
            return better.on(today());
        }
    }

    private static void look(Duration budget, BooleanSupplier done, Runnable round) {
        long until = System.nanoTime() + budget.toNanos();
        while (!done.getAsBoolean() && System.nanoTime() < until) {
            round.run();
        }
    }

    private LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
    }
}
