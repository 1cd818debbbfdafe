package dev.schachtel.core.plan;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.patience.Patience;
import dev.schachtel.core.patience.PatienceLostException;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class PatienceTest {
    /** Whatever a card has much of, planning it asks for patience on the way, and ends when there is none. */
    @ParameterizedTest
    @ValueSource(
            strings = {"cover-plate", "window-row", "belly-band", "motif", "bridge", "rolling", "sentiment", "rider"})
    void workWithoutEndIsGivenUp(String kind) {
        CardSpec spec = TestCards.of("upper-station.json").spec();
        for (int i = 0; i < 20; i++) {
            try {
                spec = CardEdit.of(spec).add(kind);
            } catch (RefusedException full) {
                break;
            }
        }
        CardSpec much = spec;
        assertThatThrownBy(() -> Patience.within(0, () -> Planner.withoutRemedies(much, TestCards.WORKSHOP)))
                .isInstanceOf(PatienceLostException.class);
    }

    @Test
    void itIsOverWithTheWork() {
        assertThatThrownBy(() -> Patience.within(0, () -> {
                    for (int i = 0; i < 100; i++) {
                        Patience.take(1);
                    }
                    return "";
                }))
                .isInstanceOf(PatienceLostException.class)
                .hasMessageContaining("0 steps");
        for (int i = 0; i < 100; i++) {
            Patience.take(1);
        }
        assertThat(Patience.within(1_000, () -> "done")).isEqualTo("done");
    }
}
