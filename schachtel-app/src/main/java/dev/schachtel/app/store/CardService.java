package dev.schachtel.app.store;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
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
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.edit.Merge;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.model.RefusedException;

/** Keeps cards as revisions. Nothing is ever overwritten save a value that is still being typed. */
@Service
public class CardService {
    /** Changes about the same field within this time are one revision, so that undo takes back what was typed at once. */
    private static final Duration TYPING = Duration.ofSeconds(4);

    private static final Logger LOG = LoggerFactory.getLogger(CardService.class);
    private final CardRepository cards;
    private final RevisionRepository revisions;
    private final TransactionTemplate transaction;
    private final Clock clock;

    CardService(CardRepository cards, RevisionRepository revisions, TransactionTemplate transaction, Clock clock) {
        this.cards = cards;
        this.revisions = revisions;
        this.transaction = transaction;
        this.clock = clock;
    }

    public long count() {
        return run(cards::count);
    }

    /** All cards on the bench that can be read, as they were made; one that can't is logged and left alone. */
    public List<StoredCard> all() {
        return run(() -> {
            List<CardEntity> there = cards.findAllByPlaceOrderByIdAsc(Place.BENCH);
            List<Long> shown = there.stream().map(CardEntity::currentRevision).toList();
            Map<Long, RevisionEntity> now = revisions.findAllById(shown).stream()
                    .collect(Collectors.toMap(RevisionEntity::id, Function.identity()));
            Set<Long> undone = shown.isEmpty() ? Set.of() : revisions.withNext(shown);
            return there.stream()
                    .flatMap(c -> readable(c, now.get(c.currentRevision()), undone).stream())
                    .toList();
        });
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
     * A card without what it consists of.
     *
     * @param version grows with every change
     */
    public record Head(long id, long version, String name, String set, Instant changedAt) {}

    /** All cards of a place, in the order in which they were made. */
    public List<Head> heads(Place place) {
        return run(() -> cards.findAllByPlaceOrderByIdAsc(place).stream()
                .map(c -> new Head(c.id(), c.version(), c.name(), c.setName(), c.changedAt()))
                .toList());
    }

    public long count(Place place) {
        return run(() -> cards.countByPlace(place));
    }

    /**
     * Archives or deletes a card, or puts it back.
     *
     * @return its name
     */
    public String put(long id, Place place) {
        return run(() -> {
            CardEntity card = locked(id);
            card.put(place);
            return card.name();
        });
    }

    /**
     * A card's stored form as it is, readable or not.
     *
     * @throws NoSuchCardException if there is none
     */
    public String kept(long id) {
        return run(() -> revisionOf(id, card(id).currentRevision()).spec());
    }

    /** A card by its number and name only. */
    public record Named(long id, String name) {}

    /** All cards of one set that are on the bench, in the order in which they were made. */
    public List<Named> namesIn(String set) {
        return run(() -> cards.findAllBySetNameAndPlaceOrderByIdAsc(set, Place.BENCH).stream()
                .map(c -> new Named(c.id(), c.name()))
                .toList());
    }

    /**
     * The card as it is now.
     *
     * @throws NoSuchCardException if there is none
     */
    public StoredCard load(long id) {
        return run(() -> stored(card(id)));
    }

    /** A revision of a card, such as one that was set aside. */
    public CardSpec revision(long card, long revision) {
        return run(() -> CardFile.read(revisionOf(card, revision).spec()));
    }

    /** All cards on the bench by their names. */
    public List<Named> names() {
        return heads(Place.BENCH).stream().map(h -> new Named(h.id(), h.name())).toList();
    }

    /** Whether there is such a card, wherever it is kept. */
    public boolean isThere(long id) {
        return cards.existsById(id);
    }

    public StoredCard create(CardSpec spec, String about) {
        return run(() -> {
            Instant now = clock.instant();
            CardEntity card = cards.save(new CardEntity(spec.name(), spec.set(), now));
            RevisionEntity first =
                    revisions.save(new RevisionEntity(card, null, new Change.By(about, ""), CardFile.write(spec), now));
            card.show(first, spec.name(), spec.set(), now);
            cards.flush();
            return stored(card);
        });
    }

    /** A copy of a card as it is now, with a name of its own. */
    public StoredCard duplicate(long id) {
        StoredCard old = load(id);
        String name = old.spec().name();
        String copy = (name.length() > 180 ? name.substring(0, 180) : name) + ", variant";
        return create(CardEdit.of(old.spec()).set(new Id("card"), "name", copy), "variant of " + id);
    }

    /**
     * Applies a change to the state that its maker looked at.
     *
     * @throws ChangedElsewhereException if that is no longer the current one; the result is kept aside
     */
    public StoredCard change(Change change) {
        try {
            return run(() -> apply(change));
        } catch (ConcurrencyFailureException e) {
            throw aside(change);
        } catch (Stale e) {
            throw aside(change);
        }
    }

    private StoredCard apply(Change change) {
        CardEntity card = locked(change.card());
        if (card.version() != change.version()) {
            throw new Stale();
        }
        RevisionEntity current = revisionOf(card.id(), card.currentRevision());
        CardSpec old = CardFile.read(current.spec());
        CardSpec spec = change.edit().apply(old);
        if (spec.equals(old)) {
            return stored(card);
        }
        Instant now = clock.instant();
        boolean typing = current.by().equals(change.by())
                && !change.by().about().isEmpty()
                && current.parentId() != null
                && current.createdAt().plus(TYPING).isAfter(now)
                && !revisions.existsByParentIdAndAside(current.id(), false);
        RevisionEntity next = current;
        if (typing) {
            current.rewrite(CardFile.write(spec), now);
        } else {
            next = revisions.save(new RevisionEntity(card, current.id(), change.by(), CardFile.write(spec), now));
        }
        card.show(next, spec.name(), spec.set(), now);
        cards.flush();
        return stored(card);
    }

    private ChangedElsewhereException aside(Change change) {
        long kept = run(() -> {
            CardEntity card = locked(change.card());
            RevisionEntity base = revisionOf(card.id(), change.revision());
            CardSpec spec = change.edit().apply(CardFile.read(base.spec()));
            return revisions
                    .save(new RevisionEntity(card, base.id(), change.by(), CardFile.write(spec), clock.instant())
                            .setAside())
                    .id();
        });
        return new ChangedElsewhereException(change.card(), kept);
    }

    /** What a change that was set aside and the card as it is now make together. */
    public Merge.Merged merged(long id, long aside, Map<String, Merge.Side> answers) {
        return run(() -> merged(card(id), revisionOf(id, aside), answers));
    }

    private Merge.Merged merged(CardEntity card, RevisionEntity mine, Map<String, Merge.Side> answers) {
        CardSpec theirs =
                CardFile.read(revisionOf(card.id(), card.currentRevision()).spec());
        CardSpec own = CardFile.read(mine.spec());
        Long parent = mine.parentId();
        CardSpec base = parent == null
                ? own
                : CardFile.read(revisionOf(card.id(), parent).spec());
        return Merge.of(base, own, theirs, answers);
    }

    /** Takes a change that was set aside into the card as it is now; what is not answered stays as it is. */
    public StoredCard take(long id, long aside, Map<String, Merge.Side> answers) {
        return run(() -> {
            CardEntity card = locked(id);
            CardSpec spec = merged(card, revisionOf(id, aside), answers).spec();
            String document = CardFile.write(spec);
            CardFile.read(document);
            RevisionEntity next = revisions.save(new RevisionEntity(
                    card, card.currentRevision(), new Change.By("take " + aside, ""), document, clock.instant()));
            card.show(next, spec.name(), spec.set(), clock.instant());
            cards.flush();
            return stored(card);
        });
    }

    public StoredCard undo(long id) {
        return run(() -> {
            CardEntity card = locked(id);
            Long parent = revisionOf(id, card.currentRevision()).parentId();
            return parent == null ? stored(card) : show(card, revisionOf(id, parent));
        });
    }

    public StoredCard redo(long id) {
        return run(() -> {
            CardEntity card = locked(id);
            return revisions
                    .findFirstByParentIdAndAsideOrderByIdDesc(card.currentRevision(), false)
                    .map(next -> show(card, next))
                    .orElseGet(() -> stored(card));
        });
    }

    private StoredCard show(CardEntity card, RevisionEntity revision) {
        CardSpec spec = CardFile.read(revision.spec());
        card.show(revision, spec.name(), spec.set(), clock.instant());
        cards.flush();
        return stored(card);
    }

    /**
     * Whoever else wants to change this card waits until the transaction that asks for it ends.
     *
     * @throws NoSuchCardException if there is none
     */
    public void lock(long id) {
        locked(id);
    }

    private CardEntity locked(long id) {
        return cards.lock(id).orElseThrow(() -> new NoSuchCardException(id));
    }

    private CardEntity card(long id) {
        return cards.findById(id).orElseThrow(() -> new NoSuchCardException(id));
    }

    private RevisionEntity revisionOf(long card, long revision) {
        return belonging(card, revisions.findById(revision));
    }

    private static RevisionEntity belonging(long card, Optional<RevisionEntity> revision) {
        return revision.filter(r -> r.cardId() == card).orElseThrow(() -> new NoSuchCardException(card));
    }

    private StoredCard stored(CardEntity card) {
        return stored(
                card,
                revisionOf(card.id(), card.currentRevision()),
                id -> revisions.existsByParentIdAndAside(id, false));
    }

    private static StoredCard stored(CardEntity card, RevisionEntity now, Predicate<Long> undone) {
        return new StoredCard(
                card.id(),
                now.id(),
                card.version(),
                CardFile.read(now.spec()),
                now.parentId() != null,
                undone.test(now.id()),
                card.changedAt());
    }

    private <T> T run(Supplier<T> work) {
        T result = transaction.execute(status -> work.get());
        return java.util.Objects.requireNonNull(result);
    }

    /** Thrown inside the transaction only, so that it is rolled back. */
    private static final class Stale extends RuntimeException {
        private static final long serialVersionUID = 1;
    }
}
