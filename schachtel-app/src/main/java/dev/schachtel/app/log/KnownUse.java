package dev.schachtel.app.log;

import org.springframework.stereotype.Component;

import dev.schachtel.core.log.Supplies;

/** What builds really took of the drawer, from the newest ones of the log. */
@Component
public class KnownUse {
    private final Logbook log;

    KnownUse(Logbook log) {
        this.log = log;
    }

    public Supplies now() {
        return Supplies.of(log.latest().stream().map(Logbook.Kept::entry).toList(), log.today());
    }
}
