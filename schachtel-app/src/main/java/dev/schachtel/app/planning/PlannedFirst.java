package dev.schachtel.app.planning;

import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

import dev.schachtel.app.store.BeforeStored;
import dev.schachtel.core.card.CardSpec;

/** A changed card is planned before it is stored; the page that shows it finds the plan ready. */
@Component
class PlannedFirst implements BeforeStored {
    private final Plans plans;

    /** Plans know the pace learned from runs, and runs their cards: they are asked for when a card changes. */
    PlannedFirst(@Lazy Plans plans) {
        this.plans = plans;
    }

    @Override
    public void see(CardSpec changed) {
        plans.of(changed);
    }
}
