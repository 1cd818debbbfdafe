package dev.schachtel.app;

import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

import dev.schachtel.app.store.CardService;
import dev.schachtel.app.store.Change;
import dev.schachtel.app.store.ChangedElsewhereException;
import dev.schachtel.app.store.Conflicts;
import dev.schachtel.app.store.NoSuchCardException;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.edit.Merge;
import dev.schachtel.core.model.RefusedException;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

/** Storage against the real database. */
@ExtendWith(RunningApp.class)
class CardServiceTest {
    private final CardService cards;
    private final Conflicts conflicts;
    private StoredCard card;

    CardServiceTest(RunningApp app) {
        this.cards = app.cards();
        this.conflicts = app.bean(Conflicts.class);
    }

    @BeforeEach
    void fresh() {
        card = cards.create(RunningApp.demo(), "test");
    }

    private static UnaryOperator<CardSpec> diameter(String text) {
        return spec -> CardEdit.of(spec).set(new Id("window"), "shape.diameter", text);
    }

    private static Change change(StoredCard seen, String about, UnaryOperator<CardSpec> edit) {
        return new Change(seen.id(), seen.version(), seen.revision(), new Change.By(about, "one"), edit);
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

    /** Read together, cards are what each of them is by itself: changed, undone, set aside. */
    @Test
    void allAreWhatEachIs() {
        cards.change(change(cards.create(RunningApp.demo(), "test"), "a", diameter("2 in")));
        StoredCard undone = cards.create(RunningApp.demo(), "test");
        cards.change(change(undone, "b", diameter("2 in")));
        cards.undo(undone.id());
        cards.change(change(card, "theirs", diameter("2 in")));
        assertThatThrownBy(() -> cards.change(change(card, "mine", diameter("2 1/2 in"))))
                .isInstanceOf(ChangedElsewhereException.class);
        List<StoredCard> all = cards.all();
        assertThat(all)
                .isEqualTo(all.stream().map(c -> cards.load(c.id())).toList())
                .anyMatch(StoredCard::canRedo)
                .anyMatch(c -> c.id() == card.id() && !c.canRedo());
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
        Merge.Merged open = conflicts.merged(card.id(), e.aside(), Map.of());
        String path = open.clashes().get(0).path();
        assertThat(open.clashes()).hasSize(1);
        assertThat(conflicts
                        .take(card.id(), e.aside(), Map.of(path, Merge.Side.MINE))
                        .spec())
                .isEqualTo(aside);
        assertThat(cards.undo(card.id()).spec()).isEqualTo(theirs.spec());
    }

    /** What two windows did at two places is both there; what they did at one is asked for, on a page of its own. */
    @Test
    void takingMineKeepsWhatTheOtherDidElsewhere() {
        cards.change(change(card, "theirs", s -> CardEdit.of(s).set(new Id("brief"), "cards", "9")));
        ChangedElsewhereException e = catchThrowableOfType(
                ChangedElsewhereException.class, () -> cards.change(change(card, "mine", diameter("2 1/2 in"))));
        RunningApp app = new RunningApp();
        String take = "/cards/" + card.id() + "/take/" + e.aside();
        assertThat(app.post(take, Map.of()).statusCode()).isEqualTo(302);
        CardSpec both = diameter("2 1/2 in").apply(CardEdit.of(card.spec()).set(new Id("brief"), "cards", "9"));
        assertThat(cards.load(card.id()).spec()).isEqualTo(both);
        cards.change(change(cards.load(card.id()), "again", diameter("2 in")));
        String asked = app.post(take, Map.of()).body();
        assertThat(asked).contains("Changed in both windows", "Mine: <b>2 1/2 in</b>", "The other: <b>2 in</b>");
        String field = asked.replaceAll("(?s).*?name=\"(at-[^\"]+)\".*", "$1");
        app.post(take, Map.of(field, "theirs"));
        assertThat(cards.load(card.id()).spec()).isEqualTo(diameter("2 in").apply(both));
    }

    @Test
    void whatTwoWindowsTypeIsNotOneRevision() {
        StoredCard one = cards.change(change(card, "set window shape.diameter", diameter("2 1/2 in")));
        Change other = new Change(
                one.id(),
                one.version(),
                one.revision(),
                new Change.By("set window shape.diameter", "two"),
                diameter("2 in"));
        cards.change(other);
        assertThat(cards.undo(card.id()).spec()).isEqualTo(one.spec());
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
