package dev.schachtel.app.practice;

import java.time.Instant;

import org.jspecify.annotations.Nullable;

import dev.schachtel.core.measure.Length;
import dev.schachtel.core.practice.Sizes;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** How large a maker said that something is, in micrometres. */
@Entity
@Table(name = "practice_guess")
class GuessEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private String maker = "";
    private long exercise;
    private long size;
    private long said;
    private Instant at = Instant.EPOCH;

    protected GuessEntity() {}

    GuessEntity(String maker, long exercise, Sizes.Guessed guessed, Instant at) {
        this.maker = maker;
        this.exercise = exercise;
        this.size = micrometres(guessed.size());
        this.said = micrometres(guessed.said());
        this.at = at;
    }

    private static long micrometres(Length length) {
        return Math.round(length.nanometres() / 1e3);
    }

    Sizes.Guessed guessed() {
        return new Sizes.Guessed(Length.ofMicrometres(size), Length.ofMicrometres(said));
    }
}
