package dev.schachtel.app.planning;

import java.sql.Types;
import java.time.Instant;

import org.hibernate.annotations.JdbcTypeCode;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** What looking longer found, under a key of 64 hexadecimal digits. */
@Entity
@Table(name = "found_plan")
class FoundEntity {
    @Id
    @JdbcTypeCode(Types.CHAR)
    @Column(length = 64)
    private String id = "";

    @Column(columnDefinition = "longtext")
    private String document = "";

    @Column(name = "found_at")
    private Instant foundAt = Instant.EPOCH;

    protected FoundEntity() {}

    FoundEntity(String id, String document, Instant now) {
        this.id = id;
        this.document = document;
        this.foundAt = now;
    }

    String document() {
        return document;
    }
}
