package dev.schachtel.core.edit;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.material.Measured;
import dev.schachtel.core.material.Method;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.RefusedException;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

/** Pieces are put down as they were measured; what was likely typed wrong is asked about. */
class MeasureEditTest {
    private static final Workshop FRESH = TestCards.WORKSHOP;

    private static Workshop measured(Method way, double... got) {
        Workshop workshop = FRESH;
        for (double mm : got) {
            MeasureEdit edit = new MeasureEdit(workshop, way);
            workshop = edit.add(edit.read("100", "" + mm));
        }
        return workshop;
    }

    /** Five pieces of 100.3 on average: with the book worth six pieces, 5 x 0.3 / 11. */
    @Test
    void theBiasIsLearnedAgainstTheBook() {
        Workshop workshop = measured(Method.TRIMMER, 100.4, 100.2, 100.3, 100.1, 100.5);
        assertThat(workshop.accuracy(Method.TRIMMER).bias()).isCloseTo(1.5 / 11, within(1e-9));
        assertThat(workshop.accuracy(Method.TRIMMER).count()).isEqualTo(5);
        assertThat(workshop.accuracy(Method.KNIFE).count()).isZero();
        assertThat(workshop.stop(Length.ofMillimetres(80))).isEqualTo(Length.ofMillimetres(80));
        Workshop offset = workshop.with(
                workshop.sheets(), workshop.rolls(), workshop.tools().offset(true));
        assertThat(offset.stop(Length.ofMillimetres(80))).isEqualTo(Length.ofMicrometres(79_864));
    }

    /** Inches typed into millimetres, and centimetres: asked about, with what was likely meant. */
    @ParameterizedTest
    @CsvSource({"3.94, 3.94 in", "9.98, 9.98 cm", "10.03, 10.03 cm"})
    void theWrongUnitIsAskedBack(String typed, String meant) {
        MeasureEdit edit = new MeasureEdit(FRESH, Method.TRIMMER);
        assertThat(edit.isDoubtful(edit.read("100", typed))).isTrue();
        assertThat(edit.meant("100", typed)).contains(meant);
        assertThat(edit.isDoubtful(edit.read("100", meant))).isFalse();
    }

    @Test
    void nonsenseHasNoMeaning() {
        MeasureEdit edit = new MeasureEdit(FRESH, Method.TRIMMER);
        assertThat(edit.isDoubtful(edit.read("100", "55"))).isTrue();
        assertThat(edit.meant("100", "55")).isEmpty();
        assertThat(edit.isDoubtful(edit.read("100", "101.4"))).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "0", "-4", "a hundred", "100 kg", "9 m", "1/0"})
    void whatIsNoSizeIsRefused(String typed) {
        MeasureEdit edit = new MeasureEdit(FRESH, Method.KNIFE);
        assertThatThrownBy(() -> edit.read("100", typed)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> edit.read(typed, "100")).isInstanceOf(RefusedException.class);
    }

    /** The newest sixty count; one is taken back, or all of one way, and the other ways stay. */
    @Test
    void whatIsKeptAndTakenBack() {
        Workshop workshop = measured(Method.EYE, 5);
        for (int i = 0; i < MeasureEdit.KEPT + 10; i++) {
            MeasureEdit edit = new MeasureEdit(workshop, Method.DIE);
            workshop = edit.add(edit.read("50", "50." + (i % 10)));
        }
        MeasureEdit edit = new MeasureEdit(workshop, Method.DIE);
        assertThat(edit.own()).hasSize(MeasureEdit.KEPT);
        assertThat(edit.undo().measured()).hasSize(MeasureEdit.KEPT);
        assertThat(edit.forget().measured()).extracting(Measured::way).containsExactly(Method.EYE);
        assertThat(WorkshopFile.read(WorkshopFile.write(workshop))).isEqualTo(workshop);
    }
}
