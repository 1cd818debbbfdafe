package dev.schachtel.app.log;

import org.springframework.stereotype.Component;

import dev.schachtel.app.names.Erasing;
import dev.schachtel.app.names.KeepsNames;
import dev.schachtel.core.log.LogEntry;
import dev.schachtel.core.log.Person;
import dev.schachtel.core.model.RefusedException;

import jakarta.persistence.EntityManager;

/** Names in builds: of who got one, of who made it, in what was said about it, and in the card as it was built. */
@Component
class LoggedNames implements KeepsNames {
    private static final String BUILD = "A build in the log";
    private static final String CARD = "A card as it was built";
    private static final String GIVEN = "Who got a card, and for what";
    private static final String MAKER = "Who made a card";
    private final LoggedRepository builds;
    private final EntityManager entities;

    LoggedNames(LoggedRepository builds, EntityManager entities) {
        this.builds = builds;
        this.entities = entities;
    }

    @Override
    public void erase(Erasing erasing) {
        for (long id : builds.with(erasing.word())) {
            builds.lock(id).ifPresent(b -> erase(b, erasing));
            entities.flush();
            entities.clear();
        }
    }

    private static void erase(LoggedBuild build, Erasing erasing) {
        String card = build.card();
        String cardWithout = card == null ? null : erasing.card(CARD, card);
        if (erasing.isMeant()) {
            build.holds(cardWithout);
        }
        try {
            LogEntry entry = without(Logbook.kept(build).entry(), erasing);
            if (erasing.isMeant()) {
                Logbook.hold(build, entry, Logbook.kept(build).card());
            }
        } catch (RefusedException unreadable) {
            LoggedBuild.Shown shown = build.shown(text -> erasing.raw(BUILD, text));
            String document = erasing.raw(BUILD, build.document());
            if (erasing.isMeant()) {
                build.holds(document, shown);
            }
        }
    }

    /** The cards stay counted, as given to somebody, and the times, as nobody's. */
    private static LogEntry without(LogEntry entry, Erasing erasing) {
        LogEntry unnamed = entry.given(
                        entry.given().stream().map(g -> without(g, erasing)).toList())
                .madeBy(maker -> erasing.who(MAKER, maker, ""));
        return erasing.texts(BUILD, unnamed);
    }

    /** What only this person had an occasion for goes, too; a shop where they work keeps its own. */
    private static LogEntry.Given without(LogEntry.Given given, Erasing erasing) {
        String who = erasing.who(GIVEN, given.who(), Person.SOMEBODY);
        String occasion = who.equals(Person.SOMEBODY) ? "" : given.occasion();
        return new LogEntry.Given(who, occasion, given.day(), given.cards(), given.posted());
    }
}
