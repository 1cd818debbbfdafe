package dev.schachtel.app.people;

import java.util.List;
import java.util.Set;

import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

import dev.schachtel.app.names.Erasing;
import dev.schachtel.app.names.KeepsNames;
import dev.schachtel.core.log.Person;
import dev.schachtel.core.model.RefusedException;

/** What is kept about somebody, in whatever keeps names: shown, or taken out of all of it or none. */
@Service
class People {
    private final List<KeepsNames> all;
    private final TransactionTemplate transaction;

    People(List<KeepsNames> all, TransactionTemplate transaction) {
        this.all = all;
        this.transaction = transaction;
    }

    /**
     * What would be erased.
     *
     * @throws RefusedException if the name has no letters
     */
    Erasing show(String who) {
        return through(Erasing.shown(Person.of(who)));
    }

    /**
     * Takes a name out of everything.
     *
     * @param left texts that stay as they are
     * @throws RefusedException if the name has no letters
     */
    Erasing erase(String who, Set<String> left) {
        return through(Erasing.meant(Person.of(who), left));
    }

    private Erasing through(Erasing erasing) {
        transaction.executeWithoutResult(status -> all.forEach(k -> k.erase(erasing)));
        return erasing;
    }
}
