package dev.schachtel.app.run;

import java.time.Instant;

import org.jspecify.annotations.Nullable;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A run with its frozen card, workshop and plan. */
@Entity
@Table(name = "run")
class RunEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    @Column(name = "card_id")
    private long cardId;

    private long revision;

    @Column(columnDefinition = "longtext")
    private String spec = "";

    @Column(columnDefinition = "longtext")
    private String workshop = "";

    @Column(columnDefinition = "longtext")
    private String plan = "";

    @Column(name = "begun_at")
    private Instant begunAt = Instant.EPOCH;

    protected RunEntity() {}

    RunEntity(long cardId, long revision, Frozen frozen, Instant now) {
        this.cardId = cardId;
        this.revision = revision;
        this.spec = frozen.spec();
        this.workshop = frozen.workshop();
        this.plan = frozen.plan();
        this.begunAt = now;
    }

    /** What a run keeps, as documents. */
    record Frozen(String spec, String workshop, String plan) {}

    long id() {
        return id == null ? 0 : id;
    }

    long cardId() {
        return cardId;
    }

    long revision() {
        return revision;
    }

    Frozen frozen() {
        return new Frozen(spec, workshop, plan);
    }

    Instant begunAt() {
        return begunAt;
    }
}
