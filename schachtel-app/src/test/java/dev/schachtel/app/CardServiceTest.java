package dev.schachtel.app;

import java.util.function.UnaryOperator;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

import dev.schachtel.app.store.CardService;
import dev.schachtel.app.store.Change;
import dev.schachtel.app.store.ChangedElsewhereException;
import dev.schachtel.app.store.NoSuchCardException;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.model.RefusedException;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

/** Storage against the real database. */
@ExtendWith(RunningApp.class)
class CardServiceTest {
    private final CardService cards;
    private StoredCard card;

    CardServiceTest(RunningApp app) {
        this.cards = app.cards();
    }

    @BeforeEach
    void fresh() {
        card = cards.create(RunningApp.demo(), "test");
    }

    private static UnaryOperator<CardSpec> diameter(String text) {
        return spec -> CardEdit.of(spec).set(new Id("window"), "shape.diameter", text);
    }

    private static Change change(StoredCard seen, String about, UnaryOperator<CardSpec> edit) {
        return new Change(seen.id(), seen.version(), seen.revision(), about, edit);
    }

    @Test
    void keepsWhatItIsGiven() {
        assertThat(cards.load(card.id()).spec()).isEqualTo(RunningApp.demo());
        assertThat(card.canUndo()).isFalse();
        assertThatThrownBy(() -> cards.load(-7)).isInstanceOf(NoSuchCardException.class);
    }

    @Test
    void undoAndRedoWalkTheRevisions() {
        StoredCard one = cards.change(change(card, "a", diameter("2 1/2 in")));
        StoredCard two = cards.change(change(one, "b", diameter("2 in")));
        assertThat(cards.undo(card.id()).spec()).isEqualTo(one.spec());
        assertThat(cards.undo(card.id()).spec()).isEqualTo(card.spec());
        assertThat(cards.undo(card.id()).spec()).isEqualTo(card.spec());
        assertThat(cards.load(card.id()).canRedo()).isTrue();
        cards.redo(card.id());
        StoredCard again = cards.redo(card.id());
        assertThat(again.spec()).isEqualTo(two.spec());
        assertThat(again.canRedo()).isFalse();
    }

    @Test
    void aChangeAfterUndoStartsANewBranch() {
        StoredCard one = cards.change(change(card, "a", diameter("2 1/2 in")));
        StoredCard back = cards.undo(card.id());
        StoredCard other = cards.change(change(back, "b", diameter("2 in")));
        assertThat(other.canRedo()).isFalse();
        assertThat(cards.revision(card.id(), one.revision())).isEqualTo(one.spec());
    }

    @Test
    void typingIntoOneFieldIsOneRevision() {
        StoredCard now = card;
        for (String text : new String[] {"2", "2 1/2", "2 1/4"}) {
            now = cards.change(change(now, "set window shape.diameter", diameter(text)));
        }
        assertThat(cards.undo(card.id()).spec()).isEqualTo(card.spec());
    }

    @Test
    void theSecondOfTwoWindowsIsKeptAside() {
        StoredCard mine = card;
        StoredCard theirs = cards.change(change(card, "theirs", diameter("2 in")));
        ChangedElsewhereException e = catchThrowableOfType(
                ChangedElsewhereException.class, () -> cards.change(change(mine, "mine", diameter("2 1/2 in"))));
        assertThat(cards.load(card.id()).spec()).isEqualTo(theirs.spec());
        CardSpec aside = cards.revision(card.id(), e.aside());
        assertThat(aside).isEqualTo(diameter("2 1/2 in").apply(card.spec()));
        assertThat(cards.take(card.id(), e.aside()).spec()).isEqualTo(aside);
        assertThat(cards.undo(card.id()).spec()).isEqualTo(theirs.spec());
    }

    @Test
    void aRefusedChangeChangesNothing() {
        assertThatThrownBy(() -> cards.change(change(card, "bad", diameter("3 1/"))))
                .isInstanceOf(RefusedException.class);
        assertThat(cards.load(card.id()).version()).isEqualTo(card.version());
    }

    @Test
    void manyAtOnceLoseNothing() throws Exception {
        Thread[] all = new Thread[6];
        java.util.Set<Long> aside = java.util.concurrent.ConcurrentHashMap.newKeySet();
        java.util.concurrent.atomic.AtomicInteger went = new java.util.concurrent.atomic.AtomicInteger();
        for (int i = 0; i < all.length; i++) {
            String text = (40 + i) + " mm";
            all[i] = new Thread(() -> {
                try {
                    cards.change(change(card, text, diameter(text)));
                    went.incrementAndGet();
                } catch (ChangedElsewhereException e) {
                    aside.add(e.aside());
                }
            });
            all[i].start();
        }
        for (Thread thread : all) {
            thread.join();
        }
        assertThat(went.get()).isEqualTo(1);
        assertThat(aside).hasSize(all.length - 1);
        aside.forEach(
                revision -> assertThat(cards.revision(card.id(), revision)).isNotEqualTo(card.spec()));
    }

    @Test
    void aVariantIsACardOfItsOwn() {
        StoredCard variant = cards.duplicate(card.id());
        assertThat(variant.spec().name()).isEqualTo("Upper Station, variant");
        cards.change(change(variant, "a", diameter("2 in")));
        assertThat(cards.load(card.id()).spec()).isEqualTo(card.spec());
    }
}
