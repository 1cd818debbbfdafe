package dev.schachtel.app.setup;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

import dev.schachtel.app.log.DemoLog;
import dev.schachtel.app.occasions.Occasions;
import dev.schachtel.app.run.DemoBuilds;
import dev.schachtel.app.store.CardService;
import dev.schachtel.app.store.DemoCards;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.card.CardSpec;

/** Loads the demo cards into an empty database, so that the first look shows something. */
@Component
class DemoData implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoData.class);
    private final CardService cards;
    private final Workshops workshops;
    private final TransactionTemplate transaction;
    private final DemoLog log;
    private final Occasions occasions;

    DemoData(
            CardService cards, Workshops workshops, TransactionTemplate transaction, DemoLog log, Occasions occasions) {
        this.log = log;
        this.occasions = occasions;
        this.cards = cards;
        this.workshops = workshops;
        this.transaction = transaction;
    }

    /** Cards, builds and occasions, or nothing: a start that is broken off begins anew at the next. */
    @Override
    public void run(ApplicationArguments args) {
        if (cards.count() == 0) {
            transaction.executeWithoutResult(status -> {
                int loaded = load(DemoCards.good(workshops.now())) + load(DemoCards.bad(workshops.now()));
                LOG.info("loaded {} demo cards", loaded);
                log.build(past(), workshops.now());
                coming();
            });
        }
    }

    /** What was built before, of the cards that are there. */
    private List<DemoBuilds.Past> past() {
        return Stream.of(
                        built("Ticket", 75, "Glue on the front of it."),
                        built("Luggage Label", 68, "The hole tore."),
                        built("Timetable", 56, ""),
                        built("Platform Sign", 41, "Creased on the wrong side."),
                        built("Viaduct", 26, "Paste smeared under the stencil."),
                        built("Upper Station", 13, "The dam leaked: a gap at a joint."))
                .flatMap(Optional::stream)
                .toList();
    }

    /** Two days for which cards are wanted. */
    private void coming() {
        LocalDate today = LocalDate.now(ZoneId.systemDefault());
        occasions.add(
                new Occasions.Wanted("signal box crew", "winter supper", today.plusDays(17), true, id("Viaduct")));
        occasions.add(new Occasions.Wanted("Ms Oduya, bakery", "thanks", today.plusDays(31), false, null));
    }

    private @Nullable Long id(String name) {
        return cards.all().stream()
                .filter(c -> c.spec().name().equals(name))
                .map(StoredCard::id)
                .findFirst()
                .orElse(null);
    }

    private Optional<DemoBuilds.Past> built(String name, int daysAgo, String wrong) {
        return cards.all().stream()
                .filter(c -> c.spec().name().equals(name))
                .findFirst()
                .map(c -> new DemoBuilds.Past(c, daysAgo, wrong));
    }

    private int load(List<CardSpec> specs) {
        specs.forEach(spec -> cards.create(spec, "demo"));
        return specs.size();
    }
}
