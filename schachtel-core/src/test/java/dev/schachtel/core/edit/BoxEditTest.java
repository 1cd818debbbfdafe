package dev.schachtel.core.edit;

import java.nio.charset.StandardCharsets;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.files.StandardPictures;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.outlines.PictureFile;
import dev.schachtel.core.render.PictureSvg;
import dev.schachtel.core.shape.Figures;
import dev.schachtel.core.shape.Outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

class BoxEditTest {
    private static final MaterialId GOAT = new MaterialId("goat");
    private final BoxEdit box = new BoxEdit(StandardPictures.all());

    private static Picture goat(List<Picture> pictures) {
        return pictures.stream().filter(p -> p.id().equals(GOAT)).findFirst().orElseThrow();
    }

    @Test
    void whatIsTypedIsKept() {
        assertThat(goat(box.set(GOAT, "name", "Billy")).name()).isEqualTo("Billy");
        assertThat(goat(box.set(GOAT, "role", "scatter")).role()).isEqualTo(Picture.Role.SCATTER);
        assertThat(goat(box.set(GOAT, "looks", "right")).looks()).isEqualTo(Picture.Looks.RIGHT);
        assertThat(goat(box.set(GOAT, "stance", "leans")).stance()).isEqualTo(Picture.Stance.LEANS);
        assertThat(goat(box.set(GOAT, "foot", "1.5")).foot()).isEqualTo(Length.ofMicrometres(1500));
        assertThat(goat(box.set(GOAT, "owned", "4")).owned()).isEqualTo(4);
        assertThat(box.remove(GOAT)).hasSize(box.pictures().size() - 1);
        assertThat(box.put(goat(box.pictures()))).hasSameSizeAs(box.pictures()).startsWith(goat(box.pictures()));
    }

    /** Twice as high is four times the area, in all colours. */
    @Test
    void inAnotherSizeEverythingFollows() {
        Picture old = goat(box.pictures());
        Picture twice = goat(box.sized(GOAT, old.height().times(2).nanometres() / 1e6 + ""));
        assertThat(twice.width()).isEqualTo(old.width().times(2));
        assertThat(area(twice.outline().text()))
                .isEqualTo(4 * area(old.outline().text()), within(0.1));
        for (int i = 0; i < old.regions().size(); i++) {
            assertThat(area(twice.regions().get(i).path().text()))
                    .isEqualTo(4 * area(old.regions().get(i).path().text()), within(0.1));
        }
    }

    private static double area(String path) {
        return Figures.outlines(path).stream()
                .map(Outline::area)
                .mapToDouble(a -> a.squareMillimetres())
                .sum();
    }

    @ParameterizedTest
    @CsvSource({
        "goat,name,''",
        "goat,role,king",
        "goat,foot,90",
        "goat,foot,-1",
        "goat,owned,1000",
        "goat,owned,many",
        "goat,outline,M0 0",
        "unicorn,name,x",
    })
    void nonsenseIsRefused(String picture, String what, String value) {
        assertThatThrownBy(() -> box.set(new MaterialId(picture), what, value)).isInstanceOf(RefusedException.class);
    }

    /** A picture saved as a file and read again is the same, name, role and all. */
    @Test
    void everyPictureReadsBack() {
        for (Picture p : box.pictures()) {
            byte[] file = PictureSvg.write(p).getBytes(StandardCharsets.UTF_8);
            Picture read = PictureFile.read(file, "other");
            assertThat(List.of(read.name(), read.role(), read.looks(), read.stance(), read.method(), read.foot()))
                    .isEqualTo(List.of(p.name(), p.role(), p.looks(), p.stance(), p.method(), p.foot()));
            assertThat(read.regions())
                    .extracting(Picture.Region::colour)
                    .isEqualTo(p.regions().stream().map(Picture.Region::colour).toList());
            assertThat(area(read.outline().text())).isEqualTo(area(p.outline().text()), within(1.0));
        }
    }

    /** A picture is used wherever it is a shape: a rider's face, a window, a piece. */
    @ParameterizedTest
    @CsvSource({"car,face", "window,shape", "motif,shape"})
    void aPictureIsUsedWhereverItIsAShape(String piece, String component) {
        CardSpec spec = TestCards.of("upper-station.json").add("motif").spec();
        assertThat(BoxEdit.isUsed(GOAT, spec)).isFalse();
        CardSpec with = CardEdit.of(spec).set(new Id(piece), component, "picture");
        with = CardEdit.of(with).set(new Id(piece), component + ".picture", "goat");
        assertThat(BoxEdit.isUsed(GOAT, with)).isTrue();
    }

    /** What a grid or a wheel shows is used too. */
    @Test
    void aPictureThatIsShownIsUsed() {
        CardSpec spec = TestCards.raised().add("window-grid").spec();
        assertThat(BoxEdit.isUsed(GOAT, spec)).isFalse();
        CardSpec shows = CardEdit.of(spec).set(new Id("window-grid"), "shows", "two");
        assertThat(BoxEdit.count(GOAT, shows)).isEqualTo(1);
    }

    @Test
    void anAreaIsNamedAndColoured() {
        Picture goat = box.pictures().stream()
                .filter(p -> p.id().equals(GOAT))
                .findFirst()
                .orElseThrow();
        Picture after = box.region(GOAT, 1, " beard ", new Colour(0x123456)).stream()
                .filter(p -> p.id().equals(GOAT))
                .findFirst()
                .orElseThrow();
        assertThat(after.regions().get(1).name()).isEqualTo("beard");
        assertThat(after.regions().get(1).colour()).isEqualTo(new Colour(0x123456));
        assertThat(after.regions().get(1).path())
                .isEqualTo(goat.regions().get(1).path());
        assertThat(after.regions().get(0)).isEqualTo(goat.regions().get(0));
        Colour any = new Colour(0);
        assertThatThrownBy(() -> box.region(GOAT, 99, "x", any)).hasMessageContaining("is not in this picture");
        assertThatThrownBy(() -> box.region(GOAT, 0, "  ", any)).hasMessageContaining("needs a name");
        assertThatThrownBy(() -> box.region(GOAT, 0, "x".repeat(61), any)).hasMessageContaining("needs a name");
    }

    @Test
    void theBoxIsStoredWithTheWorkshop() {
        var workshop = WorkshopFile.standard().pictured(box.set(GOAT, "name", "Billy"));
        var read = WorkshopFile.read(WorkshopFile.write(workshop));
        assertThat(read.pictures()).isEqualTo(workshop.pictures());
        assertThat(read.picture(GOAT).orElseThrow().name()).isEqualTo("Billy");
    }
}
