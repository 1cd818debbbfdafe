package dev.schachtel.app.scene;

import java.time.Instant;

import org.jspecify.annotations.Nullable;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;

/** The photo of a face's layout, as JPEG. */
@Entity
@Table(name = "layout_photo")
class PhotoEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    @Column(name = "card_id")
    private long cardId;

    private String face = "";

    @Lob
    @Column(columnDefinition = "longblob")
    private byte[] image = {};

    @Column(name = "taken_at")
    private Instant takenAt = Instant.EPOCH;

    protected PhotoEntity() {}

    PhotoEntity(long cardId, String face) {
        this.cardId = cardId;
        this.face = face;
    }

    byte[] image() {
        return image.clone();
    }

    void show(byte[] jpeg, Instant now) {
        image = jpeg.clone();
        takenAt = now;
    }
}
