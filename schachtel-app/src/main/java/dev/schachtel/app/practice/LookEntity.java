package dev.schachtel.app.practice;

import java.time.Instant;
import java.util.Arrays;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import dev.schachtel.core.practice.Mistake;
import dev.schachtel.core.practice.Repetition;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** That a maker looked for a fault, and saw it or not. */
@Entity
@Table(name = "practice_look")
class LookEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private String maker = "";
    private long exercise;
    private String mistake = "";
    private boolean seen;
    private Instant at = Instant.EPOCH;

    protected LookEntity() {}

    LookEntity(String maker, long exercise, Repetition.Look look) {
        this.maker = maker;
        this.exercise = exercise;
        this.mistake = look.mistake().name();
        this.seen = look.seen();
        this.at = look.at();
    }

    /** Empty where that kind of mistake is practised no more. */
    Optional<Repetition.Look> look() {
        return Arrays.stream(Mistake.values())
                .filter(m -> m.name().equals(mistake))
                .findFirst()
                .map(m -> new Repetition.Look(m, seen, at));
    }
}
