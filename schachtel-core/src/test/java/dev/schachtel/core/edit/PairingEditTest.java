package dev.schachtel.core.edit;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.material.Medium;
import dev.schachtel.core.material.Pairing;
import dev.schachtel.core.material.Under;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** The maker's own experience of what goes on what. */
class PairingEditTest {
    private static final List<Pairing> USUAL = WorkshopFile.standard().pairings();
    private final PairingEdit edit = new PairingEdit(USUAL);

    @Test
    void aLineIsChangedWhereItStandsAddedAtTheEndAndTakenOut() {
        List<Pairing> hard = edit.set("alcohol-pen", "dye-ink", "hard", " mine is heat set ");
        assertThat(hard).hasSameSizeAs(USUAL);
        int at = USUAL.indexOf(
                Pairing.of(USUAL, Medium.ALCOHOL_PEN, Under.DYE_INK).orElseThrow());
        assertThat(hard.get(at))
                .isEqualTo(new Pairing(Medium.ALCOHOL_PEN, Under.DYE_INK, Pairing.Verdict.HARD, "mine is heat set"));
        assertThat(Pairing.spoils(hard, Medium.ALCOHOL_PEN, Medium.DYE_INK)).isFalse();
        assertThat(edit.set("alcohol-pen", "dye-ink", "good", "")).hasSize(USUAL.size() - 1);
        assertThat(edit.set("gloss", "paste", "fault", "it cracks")).hasSize(USUAL.size() + 1);
        assertThat(edit.set("gloss", "paste", "good", "")).isEqualTo(USUAL);
    }

    @ParameterizedTest
    @CsvSource({
        "crayon,dye-ink,hard,x,medium",
        "gloss,water,hard,x,ground",
        "gloss,paste,awful,x,verdict",
        "gloss,paste,hard,' ',reason"
    })
    void nonsenseIsRefused(String medium, String under, String verdict, String reason, String what) {
        assertThatThrownBy(() -> edit.set(medium, under, verdict, reason)).hasMessageContaining(what);
    }
}
