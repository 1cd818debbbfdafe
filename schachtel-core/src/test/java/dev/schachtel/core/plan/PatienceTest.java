package dev.schachtel.core.plan;

import java.time.Duration;

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
        assertThatThrownBy(
                        () -> Patience.within(Duration.ZERO, () -> Planner.withoutRemedies(much, TestCards.WORKSHOP)))
                .isInstanceOf(PatienceLostException.class);
    }

    @Test
    void itIsOverWithTheWork() {
        assertThatThrownBy(() -> Patience.within(Duration.ZERO, () -> {
                    for (int i = 0; i < 100; i++) {
                        Patience.check();
                    }
                    return "";
                }))
                .isInstanceOf(PatienceLostException.class)
                .hasMessageContaining("0.0 seconds");
        for (int i = 0; i < 100; i++) {
            Patience.check();
        }
        assertThat(Patience.within(Duration.ofHours(1), () -> "done")).isEqualTo("done");
    }
}
