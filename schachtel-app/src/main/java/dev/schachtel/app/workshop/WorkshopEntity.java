package dev.schachtel.app.workshop;

import java.time.Instant;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** The workshop's one row. */
@Entity
@Table(name = "workshop")
class WorkshopEntity {
    static final int ONLY = 1;

    @Id
    private int id = ONLY;

    @Column(columnDefinition = "longtext")
    private String document = "";

    @Column(name = "changed_at")
    private Instant changedAt = Instant.EPOCH;

    @Version
    private long version;

    protected WorkshopEntity() {}

    WorkshopEntity(String document, Instant now) {
        this.document = document;
        this.changedAt = now;
    }

    String document() {
        return document;
    }

    long version() {
        return version;
    }

    void holds(String newDocument, Instant now) {
        document = newDocument;
        changedAt = now;
    }
}
