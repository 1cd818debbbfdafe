package dev.schachtel.app.store;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Collectors;

import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.model.RefusedException;

/** Cards and their states as they lie in the database; all but {@link #run} is asked within a transaction. */
@Component
class CardStore {
    private static final Logger LOG = LoggerFactory.getLogger(CardStore.class);
    private static final int REMEMBERED = 200;
    private final CardRepository cards;
    private final RevisionRepository revisions;
    private final TransactionTemplate transaction;
    private final Clock clock;
    private final Cache<String, CardSpec> read =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    CardStore(CardRepository cards, RevisionRepository revisions, TransactionTemplate transaction, Clock clock) {
        this.cards = cards;
        this.revisions = revisions;
        this.transaction = transaction;
        this.clock = clock;
    }

    /** All cards on the bench that can be read, with three questions to the database. */
    List<StoredCard> all() {
        List<CardEntity> there = cards.findAllByPlaceOrderByIdAsc(Place.BENCH);
        List<Long> shown = there.stream().map(CardEntity::currentRevision).toList();
        Map<Long, RevisionEntity> now = revisions.findAllById(shown).stream()
                .collect(Collectors.toMap(RevisionEntity::id, Function.identity()));
        Set<Long> undone = shown.isEmpty() ? Set.of() : revisions.withNext(shown);
        return there.stream()
                .flatMap(c -> readable(c, now.get(c.currentRevision()), undone).stream())
                .toList();
    }

    private Optional<StoredCard> readable(CardEntity card, @Nullable RevisionEntity now, Set<Long> undone) {
        try {
            return Optional.of(stored(card, belonging(card.id(), Optional.ofNullable(now)), undone::contains));
        } catch (RefusedException | NoSuchCardException e) {
            LOG.error("card {} can't be read and is not shown; its file is kept: {}", card.id(), e.getMessage());
            return Optional.empty();
        }
    }

    /**
     * A card as it is stored; nothing is stored that could not be read again.
     *
     * @throws RefusedException if it could not, with the reason
     */
    String readable(CardSpec spec) {
        String document = CardFile.write(spec);
        read(document);
        return document;
    }

    /** A change reads the state before it and its own several times: what was read is remembered for a while. */
    CardSpec read(String document) {
        return java.util.Objects.requireNonNull(read.get(document, CardFile::read));
    }

    /** Goes to another state of a card. */
    StoredCard show(CardEntity card, RevisionEntity revision) {
        CardSpec spec = read(revision.spec());
        card.show(revision, spec.name(), spec.set(), clock.instant());
        cards.flush();
        return stored(card);
    }

    CardEntity locked(long id) {
        return cards.lock(id).orElseThrow(() -> new NoSuchCardException(id));
    }

    CardEntity card(long id) {
        return cards.findById(id).orElseThrow(() -> new NoSuchCardException(id));
    }

    RevisionEntity revisionOf(long card, long revision) {
        return belonging(card, revisions.findById(revision));
    }

    private static RevisionEntity belonging(long card, Optional<RevisionEntity> revision) {
        return revision.filter(r -> r.cardId() == card).orElseThrow(() -> new NoSuchCardException(card));
    }

    /** The card as it is now. */
    StoredCard stored(CardEntity card) {
        return stored(
                card,
                revisionOf(card.id(), card.currentRevision()),
                id -> revisions.existsByParentIdAndAside(id, false));
    }

    private StoredCard stored(CardEntity card, RevisionEntity now, Predicate<Long> undone) {
        return new StoredCard(
                card.id(),
                now.id(),
                card.version(),
                read(now.spec()),
                now.parentId() != null,
                undone.test(now.id()),
                card.changedAt());
    }

    <T> T run(Supplier<T> work) {
        T result = transaction.execute(status -> work.get());
        return java.util.Objects.requireNonNull(result);
    }
}
