package dev.schachtel.core.edit;

import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Medium;
import dev.schachtel.core.material.Shade;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.print.ShadeCsv;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** Pens, inks and powders by typed text, and as a list. */
class ShadeEditTest {
    private static final MaterialId PLUM = new MaterialId("plum");
    private static final List<Shade> USUAL = WorkshopFile.standard().shades();
    private final ShadeEdit edit = new ShadeEdit(USUAL);

    private static Shade plum(List<Shade> all) {
        return all.stream().filter(s -> s.id().equals(PLUM)).findFirst().orElseThrow();
    }

    @Test
    void setsOneThing() {
        assertThat(plum(edit.set(PLUM, "level", "low")).level()).isEqualTo(Shade.Level.LOW);
        assertThat(plum(edit.set(PLUM, "colour", "#7a4664")).colour()).isEqualTo(new Colour(0x7a4664));
        assertThat(plum(edit.set(PLUM, "name", " ripe plum ")).name()).isEqualTo("ripe plum");
        assertThat(plum(edit.set(PLUM, "medium", "pencil")).medium()).isEqualTo(Medium.PENCIL);
        assertThat(plum(edit.set(PLUM, "family", "")).family()).isEmpty();
    }

    /** Lab of white, of a mid grey and of a colour, as a colour meter prints them. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"100, 0, 0|#ffffff", "Lab 53.585 0 0|#808080", "(36.8; 26.6; -7.4)|#7a4663"})
    void labIsAColourToo(String text, String hex) {
        Colour read = ShadeEdit.colour(text);
        assertThat(read.lab().differenceTo(Colour.parse(hex).lab())).isLessThan(0.6);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "colour|banana|is none",
                "colour|#12345|is none",
                "colour|50, 120, -120|outside what a screen can show",
                "colour|120, 0, 0|goes from 0 to 100",
                "level|brimming|level",
                "medium|crayon|medium",
                "name|''|1 to 40 letters",
                "id|plum-2|nothing that is kept",
                "weight|3|nothing that is kept"
            })
    void nonsenseIsRefused(String what, String text, String why) {
        assertThatThrownBy(() -> edit.set(PLUM, what, text))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining(why);
    }

    @Test
    void addsRemovesAndMeasures() {
        List<Shade> more = edit.add("plum", "alcohol-pen", "#112233");
        assertThat(more).hasSize(USUAL.size() + 1);
        assertThat(more.get(USUAL.size()).id()).isEqualTo(new MaterialId("plum-2"));
        assertThat(edit.remove(PLUM)).hasSize(USUAL.size() - 1).noneMatch(s -> s.id().equals(PLUM));
        assertThat(plum(edit.measured(Map.of(PLUM, new Colour(1)))).colour()).isEqualTo(new Colour(1));
        MaterialId none = new MaterialId("nobody");
        assertThatThrownBy(() -> edit.remove(none)).hasMessageContaining("not among the colours");
    }

    /** Written and read again they are the same, ids too; the order of the list is the order here. */
    @Test
    void aListGoesOutAndComesBack() {
        assertThat(ShadeCsv.read(ShadeCsv.write(USUAL), USUAL)).isEqualTo(USUAL);
        List<Shade> fresh = ShadeCsv.read("name,medium,colour,level,family\nplum,pencil,#010203,half,\n", List.of());
        assertThat(fresh).singleElement().satisfies(s -> {
            assertThat(s.id()).isEqualTo(new MaterialId("plum-pencil"));
            assertThat(s.level()).isEqualTo(Shade.Level.HALF);
        });
    }

    /** A name that a spreadsheet would reckon with is only a name, there and back. */
    @Test
    void aNameIsNoFormula() {
        List<Shade> sum = ShadeCsv.read("name,medium,colour,level,family\n'=SUM(A1),pencil,#010203,half,\n", List.of());
        assertThat(sum.get(0).name()).isEqualTo("=SUM(A1)");
        assertThat(ShadeCsv.write(sum)).contains("'=SUM(A1)");
        assertThat(ShadeCsv.read(ShadeCsv.write(sum), sum)).isEqualTo(sum);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "plum,pencil,#010203,half|line 2: has 4 entries",
                "plum,crayon,#010203,half,red|line 2",
                "plum,pencil,#01,half,red|line 2"
            })
    void aBadLineIsNamed(String line, String why) {
        assertThatThrownBy(() -> ShadeCsv.read("name,medium,colour,level,family\n" + line + "\n", USUAL))
                .hasMessageContaining(why);
        assertThatThrownBy(() -> ShadeCsv.read("", USUAL)).hasMessageContaining("has no line");
    }
}
