package dev.schachtel.app.run;

import org.springframework.stereotype.Component;

import dev.schachtel.app.names.Erasing;
import dev.schachtel.app.names.KeepsNames;

/** Names in runs: in the cards that they keep, of who said something at the bench, and in what was said. */
@Component
class RunNames implements KeepsNames {
    private static final String CARD = "A card at the bench";
    private static final String MAKER = "Who did a step";
    private static final String NOTE = "What was said at the bench";
    private static final int LONGEST = 300;
    private final RunRepository runs;
    private final EventRepository events;

    RunNames(RunRepository runs, EventRepository events) {
        this.runs = runs;
        this.events = events;
    }

    @Override
    public void erase(Erasing erasing) {
        for (long id : runs.with(erasing.word())) {
            String old = runs.spec(id);
            String spec = erasing.card(CARD, old);
            if (erasing.isMeant() && !spec.equals(old)) {
                runs.rewrite(id, spec);
            }
        }
        for (EventRepository.Texts old : events.with(erasing.word())) {
            String maker = erasing.who(MAKER, old.maker(), "");
            String note = erasing.text(NOTE, old.note(), LONGEST);
            if (erasing.isMeant() && !(maker.equals(old.maker()) && note.equals(old.note()))) {
                events.rewrite(old.id(), maker, note);
            }
        }
    }
}
