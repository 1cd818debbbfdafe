package dev.schachtel.app.occasions;

import org.springframework.stereotype.Component;

import dev.schachtel.app.names.Erasing;
import dev.schachtel.app.names.KeepsNames;

/** Names at days: a day that is kept for this person is removed, in another the name is replaced. */
@Component
class OccasionNames implements KeepsNames {
    private static final String DAY = "A day for which a card is wanted";
    private final OccasionRepository occasions;

    OccasionNames(OccasionRepository occasions) {
        this.occasions = occasions;
    }

    @Override
    public void erase(Erasing erasing) {
        for (OccasionEntity day : occasions.findAll()) {
            Occasions.Wanted wanted = day.occasion().wanted();
            String told = (wanted.who() + " " + wanted.what()).strip();
            if (erasing.isRemoved(DAY, wanted.who(), told)) {
                if (erasing.isMeant()) {
                    occasions.delete(day);
                }
                continue;
            }
            String who = erasing.text(DAY, wanted.who(), Occasions.TEXT);
            String what = erasing.text(DAY, wanted.what(), Occasions.TEXT);
            if (erasing.isMeant()) {
                day.isFor(who, what);
            }
        }
    }
}
