package dev.schachtel.app.run;

import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

import dev.schachtel.app.store.CardPeople;

/** Whom the cards of runs are made for. */
@Component
public class RunPeople {
    private final RunRepository runs;

    RunPeople(RunRepository runs) {
        this.runs = runs;
    }

    /** Takes a name out of the cards that runs keep. */
    @Transactional
    public void erase(String name) {
        for (RunEntity run : runs.findAll()) {
            String spec = run.frozen().spec();
            String without = CardPeople.without(spec, name);
            if (!without.equals(spec)) {
                run.rewrite(without);
                runs.save(run);
            }
        }
    }
}
