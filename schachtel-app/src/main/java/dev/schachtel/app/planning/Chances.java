package dev.schachtel.app.planning;

import java.util.List;

import org.springframework.stereotype.Component;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;

import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.design.HouseQuestions;
import dev.schachtel.core.design.WhatHelps;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.tolerance.Simulation;

/** How many cards come out well, and what would make it more; remembers the last few. */
@Component
public class Chances {
    private static final int KEPT = 64;
    private final Workshops workshops;
    private final Cache<InWorkshop, Simulation> played =
            Caffeine.newBuilder().maximumSize(KEPT).build();
    private final Cache<InWorkshop, List<WhatHelps.Help>> helps =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    Chances(Workshops workshops) {
        this.workshops = workshops;
    }

    public Simulation of(Plan plan) {
        return played.get(
                new InWorkshop(plan.spec(), plan.workshop()), k -> Simulation.of(plan.build(), plan.workshop()));
    }

    /** What would help, best first: several cards are tried for it. */
    public List<WhatHelps.Help> helps(CardSpec spec) {
        return helps.get(new InWorkshop(spec, workshops.now()), k -> WhatHelps.of(k.spec(), k.workshop()));
    }

    /**
     * One of what would help, counted from 0.
     *
     * @throws RefusedException if there is none such any more
     */
    public HouseQuestions.Taken take(CardSpec spec, int which) {
        List<WhatHelps.Help> all = helps(spec);
        if (which < 0 || which >= all.size()) {
            throw new RefusedException("help", "the card has changed; look again at what helps");
        }
        return WhatHelps.take(spec, workshops.now(), all.get(which).step());
    }

    /** Lays pieces otherwise from now on, on all cards, if that is what was taken. */
    public boolean settle(HouseQuestions.Taken taken) {
        boolean house = !taken.workshop().equals(workshops.now());
        if (house) {
            workshops.change(w -> w.with(
                    w.techniques(), w.house().with(taken.workshop().house().placing())));
        }
        return house;
    }
}
