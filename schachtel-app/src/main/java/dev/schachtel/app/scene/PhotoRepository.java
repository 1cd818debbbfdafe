package dev.schachtel.app.scene;

import java.util.Optional;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PhotoRepository extends JpaRepository<PhotoEntity, Long> {
    Optional<PhotoEntity> findByCardIdAndFace(long cardId, String face);

    /** When it was taken, without reading the picture itself. */
    @Query("select p.takenAt from PhotoEntity p where p.cardId = :cardId and p.face = :face")
    Optional<java.time.Instant> takenAt(long cardId, String face);
}
