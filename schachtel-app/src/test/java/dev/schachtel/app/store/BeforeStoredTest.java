package dev.schachtel.app.store;

import java.time.Clock;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

import dev.schachtel.app.RunningApp;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** A change that can't be worked out, whatever the reason, is not stored. */
@ExtendWith(RunningApp.class)
class BeforeStoredTest {
    private final RunningApp app;

    BeforeStoredTest(RunningApp app) {
        this.app = app;
    }

    @Test
    void whatTakesTheProgramDownIsNotThereAfterwards() {
        CardService cards = app.bean(CardService.class);
        StoredCard card = cards.create(RunningApp.demo(), "test");
        CardSpec changed = CardEdit.of(card.spec()).set(new Id("brief"), "cards", "9");
        Change change = new Change(card.id(), card.version(), card.revision(), new Change.By("a", "one"), s -> changed);
        CardService failing = new CardService(
                app.bean(CardRepository.class),
                app.bean(RevisionRepository.class),
                app.bean(CardStore.class),
                spec -> {
                    assertThat(spec).isEqualTo(changed);
                    throw new OutOfMemoryError("test");
                },
                Clock.systemUTC());
        assertThatThrownBy(() -> failing.change(change)).isInstanceOf(OutOfMemoryError.class);
        assertThat(cards.load(card.id()).spec()).isEqualTo(card.spec());
        assertThat(cards.load(card.id()).version()).isEqualTo(card.version());
        assertThat(cards.change(change).spec()).isEqualTo(changed);
    }
}
