package dev.schachtel.app.log;

import java.time.Instant;

import org.jspecify.annotations.Nullable;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;

/** A photo of a build, as JPEG. */
@Entity
@Table(name = "log_photo")
class LogPhotoEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    @Column(name = "build_id")
    private long buildId;

    @Lob
    @Column(columnDefinition = "longblob")
    private byte[] image = {};

    @Column(name = "taken_at")
    private Instant takenAt = Instant.EPOCH;

    protected LogPhotoEntity() {}

    LogPhotoEntity(long buildId, byte[] jpeg, Instant now) {
        this.buildId = buildId;
        this.image = jpeg.clone();
        this.takenAt = now;
    }

    byte[] image() {
        return image.clone();
    }
}
