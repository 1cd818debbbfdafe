package dev.schachtel.app.workshop;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.model.RefusedException;

/**
 * The workshop as it is stored; the standard one until something was changed. What was read is kept until its version in
 * the database is another, so that several servers show the same.
 */
@Service
public class Workshops {
    private static final Logger LOG = LoggerFactory.getLogger(Workshops.class);
    private final WorkshopRepository repository;
    private final TransactionTemplate transaction;
    private final Clock clock;
    private volatile @Nullable Known known;

    /** A page asks many times; another server's change may be seen this much later: 0.5 s. */
    private static final long FRESH = 500_000_000L;

    /** As long as there is no row to lock, several first changes can get in each other's way; they are tried again. */
    private static final int TRIES = 12;

    private static final WorkshopFile.Sound STANDARD = new WorkshopFile.Sound(WorkshopFile.standard(), List.of());
    private static final WorkshopFile.Sound INSTEAD = new WorkshopFile.Sound(WorkshopFile.standard(), List.of());

    private record Known(long version, WorkshopFile.Sound sound, long readAt) {}

    Workshops(WorkshopRepository repository, TransactionTemplate transaction, Clock clock) {
        this.repository = repository;
        this.transaction = transaction;
        this.clock = clock;
    }

    public Workshop now() {
        return sound().workshop();
    }

    /** Stored entries that can't be read, each with what is wrong; they go with the next change. */
    public List<String> aside() {
        return sound().aside();
    }

    /** Whether what is stored can't be read at all, and the standard one stands in for it. */
    public boolean isLost() {
        return sound() == INSTEAD;
    }

    private WorkshopFile.Sound sound() {
        Known last = known;
        if (last != null && System.nanoTime() - last.readAt < FRESH) {
            return last.sound;
        }
        long version = repository.version().orElse(-1L);
        WorkshopFile.Sound sound = last != null && last.version == version
                ? last.sound
                : repository
                        .findById(WorkshopEntity.ONLY)
                        .map(e -> readable(e.document()))
                        .orElse(STANDARD);
        known = new Known(version, sound, System.nanoTime());
        return sound;
    }

    /** The standard one stands in for one that can't be read at all, which stays as it is: changes are refused meanwhile. */
    private static WorkshopFile.Sound readable(String document) {
        try {
            return WorkshopFile.sound(document);
        } catch (RefusedException e) {
            LOG.error("the stock can't be read: {}", e.getMessage());
            return INSTEAD;
        }
    }

    /**
     * Changes what is stored, if it can be read again; changes from several windows queue up and each sees the one before.
     *
     * @throws RefusedException if it could not; then nothing is stored
     */
    public Workshop change(UnaryOperator<Workshop> change) {
        for (int tries = 1; ; tries++) {
            try {
                return stored(change);
            } catch (DataIntegrityViolationException | ConcurrencyFailureException firstRowByAnother) {
                if (tries == TRIES) {
                    throw firstRowByAnother;
                }
            }
        }
    }

    private Workshop stored(UnaryOperator<Workshop> change) {
        Workshop now = transaction.execute(status -> {
            Optional<WorkshopEntity> row = repository.locked();
            WorkshopFile.Sound sound = row.map(e -> readable(e.document())).orElse(STANDARD);
            if (sound == INSTEAD) {
                throw new RefusedException(
                        "stock",
                        "can't be read, so it can't be changed either; restore your last backup to have it back");
            }
            Workshop before = sound.workshop();
            Workshop after = change.apply(before);
            String document = WorkshopFile.write(after);
            WorkshopFile.read(document);
            if (row.isPresent()) {
                row.get().holds(document, clock.instant());
            } else {
                repository.saveAndFlush(new WorkshopEntity(document, clock.instant()));
            }
            return after;
        });
        known = null;
        return java.util.Objects.requireNonNull(now);
    }
}
