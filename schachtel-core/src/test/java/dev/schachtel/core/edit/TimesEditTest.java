package dev.schachtel.core.edit;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.house.WorkTime;
import dev.schachtel.core.model.RefusedException;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class TimesEditTest {
    private static final WorkTime USUAL = new WorkTime("fix-film", 60, 45);
    private static final WorkTime OTHER = new WorkTime("lay", 5, 20);

    @Test
    void whatIsLeftStaysAsUsualAndOthersStay() {
        List<WorkTime> once = TimesEdit.set(List.of(OTHER), USUAL, "each", " 90 ");
        assertThat(once).containsExactly(OTHER, new WorkTime("fix-film", 60, 90));
        List<WorkTime> twice = TimesEdit.set(once, USUAL, "setUp", "0");
        assertThat(twice).containsExactly(OTHER, new WorkTime("fix-film", 0, 90));
    }

    @Test
    void theUsualTimesAreNotKept() {
        List<WorkTime> changed = TimesEdit.set(List.of(OTHER), USUAL, "each", "36000");
        assertThat(TimesEdit.set(changed, USUAL, "each", "45")).containsExactly(OTHER);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "-1", "36001", "1.5", "ten", "99999999999", "0x10", "१२"})
    void nonsenseIsRefusedWithWhatIsAllowed(String typed) {
        assertThatThrownBy(() -> TimesEdit.set(List.of(), USUAL, "each", typed))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("0 to 36000");
    }

    @Test
    void anUnknownTimeIsRefused() {
        assertThatThrownBy(() -> TimesEdit.set(List.of(), USUAL, "dry", "5")).isInstanceOf(RefusedException.class);
    }
}
