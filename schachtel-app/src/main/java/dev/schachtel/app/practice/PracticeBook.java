package dev.schachtel.app.practice;

import java.time.Clock;
import java.time.Instant;
import java.util.List;

import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;

import dev.schachtel.core.practice.Mistake;
import dev.schachtel.core.practice.Repetition;
import dev.schachtel.core.practice.Sizes;

/** Keeps what makers answered in practice: each exercise once, whatever is sent again. */
@Service
class PracticeBook {
    private final LookRepository looks;
    private final GuessRepository guesses;
    private final Clock clock;

    PracticeBook(LookRepository looks, GuessRepository guesses, Clock clock) {
        this.looks = looks;
        this.guesses = guesses;
        this.clock = clock;
    }

    Instant now() {
        return clock.instant();
    }

    Repetition of(String maker) {
        return Repetition.of(looks.findTop2000ByMakerOrderByIdDesc(maker).stream()
                .flatMap(l -> l.look().stream())
                .toList());
    }

    /** Counts the first answer to an exercise, and no other. */
    void looked(String maker, long exercise, Mistake mistake, boolean seen) {
        once(() -> {
            if (!looks.existsByMakerAndExercise(maker, exercise)) {
                looks.saveAndFlush(new LookEntity(maker, exercise, new Repetition.Look(mistake, seen, now())));
            }
        });
    }

    /** The newest first. */
    List<Sizes.Guessed> guesses(String maker) {
        return guesses.findTop100ByMakerOrderByIdDesc(maker).stream()
                .map(GuessEntity::guessed)
                .toList();
    }

    long guessCount(String maker) {
        return guesses.countByMaker(maker);
    }

    /** Whether it is the first guess at this exercise, and was kept. */
    boolean guessed(String maker, long exercise, Sizes.Guessed guessed) {
        if (guesses.existsByMakerAndExercise(maker, exercise)) {
            return false;
        }
        return once(() -> guesses.saveAndFlush(new GuessEntity(maker, exercise, guessed, now())));
    }

    /** Another window was first: its answer holds. */
    private static boolean once(Runnable save) {
        try {
            save.run();
            return true;
        } catch (DataIntegrityViolationException sentTwice) {
            return false;
        }
    }
}
