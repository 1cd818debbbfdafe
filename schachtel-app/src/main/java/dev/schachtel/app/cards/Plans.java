package dev.schachtel.app.cards;

import java.util.LinkedHashMap;
import java.util.Map;

import org.springframework.stereotype.Component;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.material.Workshop;
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

    Plans(Workshop workshop) {
        this.workshop = workshop;
    }

    public Plan of(CardSpec spec) {
        synchronized (recent) {
            Plan known = recent.get(spec);
            if (known != null) {
                return known;
            }
        }
        Plan plan = Planner.plan(spec, workshop);
        synchronized (recent) {
            recent.put(spec, plan);
        }
        return plan;
    }
}
