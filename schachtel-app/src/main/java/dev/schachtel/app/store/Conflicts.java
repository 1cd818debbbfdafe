package dev.schachtel.app.store;

import java.time.Clock;
import java.util.Map;

import org.springframework.stereotype.Service;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.edit.Merge;
import dev.schachtel.core.files.CardFile;

/** Changes of one card from two windows: what was set aside, and how it goes together with what was taken. */
@Service
public class Conflicts {
    private final CardRepository cards;
    private final RevisionRepository revisions;
    private final CardStore store;
    private final Clock clock;

    Conflicts(CardRepository cards, RevisionRepository revisions, CardStore store, Clock clock) {
        this.cards = cards;
        this.revisions = revisions;
        this.store = store;
        this.clock = clock;
    }

    /** What a change that was set aside and the card as it is now make together. */
    public Merge.Merged merged(long id, long aside, Map<String, Merge.Side> answers) {
        return store.run(() -> merged(store.card(id), store.revisionOf(id, aside), answers));
    }

    private Merge.Merged merged(CardEntity card, RevisionEntity mine, Map<String, Merge.Side> answers) {
        CardSpec theirs = CardFile.read(
                store.revisionOf(card.id(), card.currentRevision()).spec());
        CardSpec own = CardFile.read(mine.spec());
        Long parent = mine.parentId();
        CardSpec base = parent == null
                ? own
                : CardFile.read(store.revisionOf(card.id(), parent).spec());
        return Merge.of(base, own, theirs, answers);
    }

    /** Takes a change that was set aside into the card as it is now; what is not answered stays as it is. */
    public StoredCard take(long id, long aside, Map<String, Merge.Side> answers) {
        return store.run(() -> {
            CardEntity card = store.locked(id);
            CardSpec spec = merged(card, store.revisionOf(id, aside), answers).spec();
            String document = CardFile.write(spec);
            CardFile.read(document);
            RevisionEntity next = revisions.save(new RevisionEntity(
                    card, card.currentRevision(), new Change.By("take " + aside, ""), document, clock.instant()));
            card.show(next, spec.name(), spec.set(), clock.instant());
            cards.flush();
            return store.stored(card);
        });
    }
}
