package dev.schachtel.app.log;

import java.util.List;

import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

import dev.schachtel.app.occasions.Occasions;
import dev.schachtel.app.run.RunPeople;
import dev.schachtel.app.store.CardPeople;
import dev.schachtel.core.log.Acquaintance;
import dev.schachtel.core.log.LogEntry;
import dev.schachtel.core.model.RefusedException;

/** What is kept about somebody: taken away, or taken out of builds, cards with all their revisions, runs and occasions. */
@Component
class People {
    private final Logbook log;
    private final CardPeople cards;
    private final RunPeople runs;
    private final Occasions occasions;
    private final TransactionTemplate transaction;

    People(Logbook log, CardPeople cards, RunPeople runs, Occasions occasions, TransactionTemplate transaction) {
        this.log = log;
        this.cards = cards;
        this.runs = runs;
        this.occasions = occasions;
        this.transaction = transaction;
    }

    /** Builds of which somebody got one. */
    List<Acquaintance.Built> builds(String who) {
        String name = Acquaintance.same(who);
        return log.everything().stream()
                .filter(b -> b.entry().given().stream()
                        .anyMatch(g -> Acquaintance.same(g.who()).equals(name)))
                .toList();
    }

    /**
     * Takes a name out of everything.
     *
     * @throws RefusedException if it has no letters: an empty name would be everybody's who has none
     */
    void erase(String who) {
        String name = Acquaintance.same(who);
        if (name.isEmpty()) {
            throw new RefusedException("who", "has no letter by which somebody is known");
        }
        transaction.executeWithoutResult(status -> {
            log.erase(who, e -> without(e, name), text -> CardPeople.without(text, name));
            cards.erase(name);
            runs.erase(name);
            occasions.erase(name);
        });
    }

    /** The cards stay counted, as given to somebody. */
    private static LogEntry without(LogEntry entry, String name) {
        return entry.given(entry.given().stream()
                .map(g -> Acquaintance.same(g.who()).equals(name)
                        ? new LogEntry.Given("somebody", "", g.day(), g.cards(), g.posted())
                        : g)
                .toList());
    }
}
