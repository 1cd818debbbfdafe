package dev.schachtel.app.store;

import java.time.Instant;

import org.jspecify.annotations.Nullable;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** A card and which of its revisions is the current one. */
@Entity
@Table(name = "card")
class CardEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private String name = "";

    @Column(name = "set_name")
    private String setName = "";

    @Column(name = "current_revision")
    private @Nullable Long currentRevision;

    @Column(name = "created_at")
    private Instant createdAt = Instant.EPOCH;

    @Column(name = "changed_at")
    private Instant changedAt = Instant.EPOCH;

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(10)")
    private Place place = Place.BENCH;

    @Version
    private long version;

    protected CardEntity() {}

    CardEntity(String name, String setName, Instant now) {
        this.name = name;
        this.setName = setName;
        this.createdAt = now;
        this.changedAt = now;
    }

    long id() {
        return id == null ? 0 : id;
    }

    String name() {
        return name;
    }

    String setName() {
        return setName;
    }

    Place place() {
        return place;
    }

    void put(Place where) {
        place = where;
    }

    long currentRevision() {
        return currentRevision == null ? 0 : currentRevision;
    }

    long version() {
        return version;
    }

    Instant changedAt() {
        return changedAt;
    }

    /** The same card by another name. */
    void call(String newName, String newSet) {
        name = newName;
        setName = newSet;
    }

    void show(RevisionEntity revision, String newName, String newSet, Instant now) {
        currentRevision = revision.id();
        name = newName;
        setName = newSet;
        changedAt = now;
    }
}
