package dev.schachtel.app.scene;

import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import dev.schachtel.core.card.Id;

/** Photos of layouts: one for each face of a card, the last one counts. */
@Service
class Photos {
    private final PhotoRepository repository;
    private final Clock clock;

    Photos(PhotoRepository repository, Clock clock) {
        this.repository = repository;
        this.clock = clock;
    }

    /** When the photo of a face was taken; empty without one. */
    Optional<Instant> takenAt(long card, Id face) {
        return repository.takenAt(card, face.value());
    }

    Optional<byte[]> jpeg(long card, Id face) {
        return repository.findByCardIdAndFace(card, face.value()).map(PhotoEntity::image);
    }

    @Transactional
    void keep(long card, Id face, byte[] jpeg) {
        PhotoEntity photo =
                repository.findByCardIdAndFace(card, face.value()).orElseGet(() -> new PhotoEntity(card, face.value()));
        photo.show(jpeg, clock.instant());
        repository.save(photo);
    }

    @Transactional
    void change(long card, Id face, UnaryOperator<byte[]> change) {
        repository
                .findByCardIdAndFace(card, face.value())
                .ifPresent(p -> p.show(change.apply(p.image()), clock.instant()));
    }

    @Transactional
    void forget(long card, Id face) {
        repository.findByCardIdAndFace(card, face.value()).ifPresent(repository::delete);
    }
}
