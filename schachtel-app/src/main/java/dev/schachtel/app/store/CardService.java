package dev.schachtel.app.store;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.files.CardFile;

/** Keeps cards as revisions. Nothing is ever overwritten save a value that is still being typed. */
@Service
public class CardService {
    /** Changes about the same field within this time are one revision, so that undo takes back what was typed at once. */
    private static final Duration TYPING = Duration.ofSeconds(4);

    private final CardRepository cards;
    private final RevisionRepository revisions;
    private final CardStore store;
    private final BeforeStored first;
    private final Clock clock;

    CardService(CardRepository cards, RevisionRepository revisions, CardStore store, BeforeStored first, Clock clock) {
        this.cards = cards;
        this.revisions = revisions;
        this.store = store;
        this.first = first;
        this.clock = clock;
    }

    public long count() {
        return store.run(cards::count);
    }

    /** All cards on the bench that can be read, as they were made; one that can't is logged and left alone. */
    public List<StoredCard> all() {
        return store.run(store::all);
    }

    /**
     * A card without what it consists of.
     *
     * @param version grows with every change
     */
    public record Head(long id, long version, String name, String set, Instant changedAt) {}

    /** All cards of a place, in the order in which they were made. */
    public List<Head> heads(Place place) {
        return store.run(() -> cards.findAllByPlaceOrderByIdAsc(place).stream()
                .map(c -> new Head(c.id(), c.version(), c.name(), c.setName(), c.changedAt()))
                .toList());
    }

    /** A card without what it consists of; empty if there is none. */
    public Optional<Head> headOf(long id) {
        return store.run(
                () -> cards.findById(id).map(c -> new Head(c.id(), c.version(), c.name(), c.setName(), c.changedAt())));
    }

    public long count(Place place) {
        return store.run(() -> cards.countByPlace(place));
    }

    /**
     * Archives or deletes a card, or puts it back.
     *
     * @return its name
     */
    public String put(long id, Place place) {
        return store.run(() -> {
            CardEntity card = store.locked(id);
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
        return store.run(
                () -> store.revisionOf(id, store.card(id).currentRevision()).spec());
    }

    private static final Limit OTHERS = Limit.of(40);

    /** A card by its number and name only. */
    public record Named(long id, String name) {}

    /** Other cards of its set that are on the bench, in the order in which they were made; the newest where they are very many. */
    public List<Named> besides(StoredCard card) {
        return store.run(() -> cards.besides(card.id(), card.spec().set(), Place.BENCH, OTHERS)).stream()
                .sorted(Comparator.comparing(Named::id))
                .toList();
    }

    /**
     * The card as it is now.
     *
     * @throws NoSuchCardException if there is none
     */
    public StoredCard load(long id) {
        return store.run(() -> store.stored(store.card(id)));
    }

    /** A revision of a card, such as one that was set aside. */
    public CardSpec revision(long card, long revision) {
        return store.run(() -> CardFile.read(store.revisionOf(card, revision).spec()));
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
        return store.run(() -> {
            Instant now = clock.instant();
            CardEntity card = cards.save(new CardEntity(spec.name(), spec.set(), now));
            RevisionEntity first =
                    revisions.save(new RevisionEntity(card, null, new Change.By(about, ""), store.readable(spec), now));
            card.show(first, spec.name(), spec.set(), now);
            cards.flush();
            return store.stored(card);
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
        seen(change).ifPresent(spec -> first.see(change.edit().apply(spec)));
        try {
            return store.run(() -> apply(change));
        } catch (ConcurrencyFailureException e) {
            throw aside(change);
        } catch (Stale e) {
            throw aside(change);
        }
    }

    /** What is changed; empty if another change came first, which is found out under the lock. */
    private Optional<CardSpec> seen(Change change) {
        return store.run(() -> {
            CardEntity card = store.card(change.card());
            return card.version() == change.version()
                    ? Optional.of(store.read(
                            store.revisionOf(card.id(), card.currentRevision()).spec()))
                    : Optional.empty();
        });
    }

    private StoredCard apply(Change change) {
        CardEntity card = store.locked(change.card());
        if (card.version() != change.version()) {
            throw new Stale();
        }
        RevisionEntity current = store.revisionOf(card.id(), card.currentRevision());
        CardSpec old = store.read(current.spec());
        CardSpec spec = change.edit().apply(old);
        if (spec.equals(old)) {
            return store.stored(card);
        }
        String document = store.readable(spec);
        Instant now = clock.instant();
        boolean typing = current.by().equals(change.by())
                && !change.by().about().isEmpty()
                && current.parentId() != null
                && current.createdAt().plus(TYPING).isAfter(now)
                && !revisions.existsByParentIdAndAside(current.id(), false);
        RevisionEntity next = current;
        if (typing) {
            current.rewrite(document, now);
        } else {
            next = revisions.save(new RevisionEntity(card, current.id(), change.by(), document, now));
        }
        card.show(next, spec.name(), spec.set(), now);
        cards.flush();
        return store.stored(card);
    }

    private ChangedElsewhereException aside(Change change) {
        long kept = store.run(() -> {
            CardEntity card = store.locked(change.card());
            RevisionEntity base = store.revisionOf(card.id(), change.revision());
            CardSpec spec = change.edit().apply(store.read(base.spec()));
            return revisions
                    .save(new RevisionEntity(card, base.id(), change.by(), store.readable(spec), clock.instant())
                            .setAside())
                    .id();
        });
        return new ChangedElsewhereException(change.card(), kept);
    }

    public StoredCard undo(long id) {
        return store.run(() -> {
            CardEntity card = store.locked(id);
            Long parent = store.revisionOf(id, card.currentRevision()).parentId();
            return parent == null ? store.stored(card) : store.show(card, store.revisionOf(id, parent));
        });
    }

    public StoredCard redo(long id) {
        return store.run(() -> {
            CardEntity card = store.locked(id);
            return revisions
                    .findFirstByParentIdAndAsideOrderByIdDesc(card.currentRevision(), false)
                    .map(next -> store.show(card, next))
                    .orElseGet(() -> store.stored(card));
        });
    }

    /**
     * Whoever else wants to change this card waits until the transaction that asks for it ends.
     *
     * @throws NoSuchCardException if there is none
     */
    public void lock(long id) {
        store.locked(id);
    }

    /** Thrown inside the transaction only, so that it is rolled back. */
    private static final class Stale extends RuntimeException {
        private static final long serialVersionUID = 1;
    }
}
