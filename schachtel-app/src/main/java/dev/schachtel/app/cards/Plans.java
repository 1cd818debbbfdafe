package dev.schachtel.app.cards;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.springframework.stereotype.Component;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.RefusedException;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.plan.Adding;
import dev.schachtel.core.plan.Arrange;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;

/** Plans cards; remembers the last few, since planning is pure and a page often asks for the same card again. */
@Component
public class Plans {
    private static final int KEPT = 64;
    private final Workshop workshop;
    private final Map<CardSpec, Plan> recent = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<CardSpec, Plan> eldest) {
            return size() > KEPT;
        }
    };

    private final Clock clock;

    Plans(Workshop workshop, Clock clock) {
        this.workshop = workshop;
        this.clock = clock;
    }

    /** A piece added where it fits best. */
    public Adding.Added add(CardSpec spec, String kind, Optional<Id> on) {
        return Adding.add(spec, kind, on, workshop);
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
        Arrange arrange = Arrange.of(spec, workshop);
        boolean up = how.endsWith("-up");
        return switch (how) {
            case "centre-across", "centre-up" -> arrange.centre(ids.get(0), up);
            case "align-across", "align-up" -> arrange.align(ids, up);
            case "spread-across", "spread-up" -> arrange.spread(ids, up);
            default -> throw new RefusedException(how, "there is no such way to put things in line");
        };
    }

    public Plan of(CardSpec spec) {
        synchronized (recent) {
            Plan known = recent.get(spec);
            if (known != null) {
                return known.on(today());
            }
        }
        Plan plan = Planner.plan(spec, workshop);
        synchronized (recent) {
            recent.put(spec, plan);
        }
        return plan.on(today());
    }

    private LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
    }
}
