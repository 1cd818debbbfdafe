package dev.schachtel.app.practice;

import java.util.Set;
import java.util.TreeSet;

import org.springframework.stereotype.Component;

import dev.schachtel.app.names.Erasing;
import dev.schachtel.app.names.KeepsNames;

/** Names in practice: what this person answered is removed. */
@Component
class PracticeNames implements KeepsNames {
    private final LookRepository looks;
    private final GuessRepository guesses;

    PracticeNames(LookRepository looks, GuessRepository guesses) {
        this.looks = looks;
        this.guesses = guesses;
    }

    @Override
    public void erase(Erasing erasing) {
        Set<String> makers = new TreeSet<>(looks.makers());
        makers.addAll(guesses.makers());
        for (String maker : makers) {
            if (erasing.isRemoved("All answers of somebody in practice", maker, maker) && erasing.isMeant()) {
                looks.deleteAllByMaker(maker);
                guesses.deleteAllByMaker(maker);
            }
        }
    }
}
