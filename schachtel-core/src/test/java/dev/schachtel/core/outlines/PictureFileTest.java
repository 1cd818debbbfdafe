package dev.schachtel.core.outlines;

import java.nio.charset.StandardCharsets;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.files.StandardPictures;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.shape.Figures;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

class PictureFileTest {
    private static Picture read(String inside) {
        return read("width=\"40mm\" height=\"20mm\" viewBox=\"0 0 80 40\"", inside);
    }

    private static Picture read(String head, String inside) {
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' " + head + ">" + inside + "</svg>";
        return PictureFile.read(svg.getBytes(StandardCharsets.UTF_8), "from a file");
    }

    private static double area(String path) {
        return Figures.outlines(path).stream()
                .mapToDouble(o -> o.area().squareMillimetres())
                .sum();
    }

    static List<Picture> box() {
        return StandardPictures.all();
    }

    /** Each hangs together in one piece, in its real size, and its colours lie within what is cut out. */
    @ParameterizedTest
    @MethodSource("box")
    void aPictureOfTheBoxCanBeCutAndColoured(Picture p) {
        List<Outline> whole = Figures.outlines(p.outline().text());
        assertThat(whole).hasSize(1);
        assertThat(whole.get(0).bounds().width()).isEqualTo(Mm.of(p.width()), within(0.05));
        assertThat(whole.get(0).bounds().height()).isEqualTo(Mm.of(p.height()), within(0.05));
        assertThat(p.regions()).isNotEmpty();
        for (Picture.Region region : p.regions()) {
            for (Outline area : Figures.outlines(region.path().text())) {
                double seen = area.shared(whole.get(0)).squareMillimetres();
                assertThat(seen)
                        .as(p.name() + " " + region.name())
                        .isEqualTo(area.area().squareMillimetres(), within(0.4));
            }
        }
    }

    /** Two units a millimetre; a group turned by a quarter; half of a circle's line lies outside it. */
    @Test
    void unitsTransformsGroupsAndLines() {
        Picture p = read("<title>A roof</title><g id='roof' fill='#7b3f5e' transform='translate(60 4) rotate(90)'>"
                + "<rect width='30' height='40'/></g>"
                + "<circle id='knob' cx='40' cy='20' r='10' style='fill:none;stroke:#fff;stroke-width:4'/>");
        assertThat(p.name()).isEqualTo("A roof");
        assertThat(p.id().value()).isEqualTo("a-roof");
        assertThat(List.of(p.width(), p.height())).containsExactly(Length.ofMillimetres(20), Length.ofMillimetres(15));
        assertThat(p.regions()).extracting(Picture.Region::name).containsExactly("roof", "knob");
        assertThat(p.regions()).extracting(r -> r.colour().hex()).containsExactly("#7b3f5e", "#ffffff");
        assertThat(area(p.regions().get(0).path().text())).isEqualTo(300, within(0.1));
        assertThat(area(p.regions().get(1).path().text())).isEqualTo(Math.PI * (36 - 16), within(0.3));
    }

    @Test
    void whatIsWrittenInTheFileIsTaken() {
        Picture p = read(
                "viewBox='0 0 10 10' width='10mm' data-role='hero' data-looks='left' data-cut='die' data-foot='2mm'"
                        + " data-stance='leans' data-owned='3'",
                "<path d='M0 0H10V10H0ZM2 2H8V8H2Z' fill-rule='evenodd'/>");
        assertThat(p.role()).isEqualTo(Picture.Role.HERO);
        assertThat(p.looks()).isEqualTo(Picture.Looks.LEFT);
        assertThat(p.method()).isEqualTo(CutMethod.DIE);
        assertThat(p.foot()).isEqualTo(Length.ofMillimetres(2));
        assertThat(p.stance()).isEqualTo(Picture.Stance.LEANS);
        assertThat(p.owned()).isEqualTo(3);
        assertThat(area(p.outline().text())).isEqualTo(64, within(0.01));
        assertThat(p.name()).isEqualTo("from a file");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "<script>alert(1)</script>|holds <script>",
                "<image href='http://there/a.png'/>|holds <image>",
                "<use href='#a'/>|holds <use>",
                "<rect width='9' height='9' fill='url(#a)'/>|has the colour",
                "<path d='M0 0L5 5'/>|draws 0.0",
                "<rect width='4' height='4'/><rect x='9' width='4' height='4'/>|falls into 2 pieces",
                "<path d='nonsense'/>|draws 0.0",
                "<rect width='1e9' height='9'/>|which is no size",
                "<text>hello</text>|draws 0.0",
            })
    void whatCanNotBeTakenIsSaidInWords(String inside, String words) {
        assertThatThrownBy(() -> read(inside))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining(words);
    }

    @Test
    void aMillionPointsAreTooMany() {
        String much = "<path d='M0 0" + "L1 1L0 9".repeat(300_000) + "Z'/>";
        assertThatThrownBy(() -> read(much)).hasMessageContaining("more than");
        String entity = "<!DOCTYPE svg [<!ENTITY a 'b'>]><svg xmlns='http://www.w3.org/2000/svg'>&a;</svg>";
        assertThatThrownBy(() -> PictureFile.read(entity.getBytes(StandardCharsets.UTF_8), ""))
                .hasMessageContaining("entities");
    }

    /** Lines that cross themselves are taken as they are filled. */
    @Test
    void crossingsAreFilledAsTheyAreSeen() {
        Picture bow = read("<path d='M0 0L20 20L20 0L0 20Z'/><rect x='8' y='8' width='4' height='4'/>");
        assertThat(area(bow.outline().text())).isEqualTo(52, within(1.0));
    }
}
