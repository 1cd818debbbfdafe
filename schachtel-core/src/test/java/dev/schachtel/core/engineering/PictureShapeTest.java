package dev.schachtel.core.engineering;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Art;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.BoxEdit;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** A picture wherever a feature has a shape: cut as the box says, drawn with its colours, told when it is gone. */
class PictureShapeTest {
    private static final MaterialId GOAT = new MaterialId("goat");

    private static CardSpec goat(CardSpec spec, String piece, String component) {
        CardSpec now = CardEdit.of(spec).set(new Id(piece), component, "picture");
        now = CardEdit.of(now).set(new Id(piece), component + ".picture", GOAT.value());
        return CardEdit.of(now).set(new Id(piece), component + ".height", "20 mm");
    }

    private static Part part(Build build, String piece, String name) {
        return build.part(new PartId(new Id(piece), name)).orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({"car,face,rider", "motif,shape,''"})
    void theFigureOfAFeatureIsAPicture(String piece, String component, String name) {
        CardSpec spec = goat(TestCards.of("upper-station.json").add("motif").spec(), piece, component);
        Build build = Engineering.engineer(spec, TestCards.WORKSHOP);
        Part part = part(build, piece, name);
        assertThat(part.method()).isEqualTo(CutMethod.ELECTRONIC);
        var whole = TestCards.WORKSHOP.picture(GOAT).orElseThrow();
        double wide = Mm.of(part.form().width()) / Mm.of(part.form().height());
        assertThat(wide).isEqualTo(Mm.of(whole.width()) / Mm.of(whole.height()), within(0.01));
        Art art = build.art(part.id()).orElseThrow();
        assertThat(art.tints()).hasSameSizeAs(whole.regions());
        Box box = part.outline().bounds().grown(0.05);
        art.tints().forEach(t -> t.areas()
                .forEach(a -> assertThat(box.holds(a.bounds())).isTrue()));
        assertThat(build.colour(part.id())).contains(art.mean(part.outline(), ((Cardstock) part.material()).colour()));
    }

    /** The way of cutting follows the box. */
    @Test
    void aDieCutsWhatTheBoxHasADieFor() {
        Workshop dies =
                TestCards.WORKSHOP.pictured(new BoxEdit(TestCards.WORKSHOP.pictures()).set(GOAT, "method", "die"));
        CardSpec spec = goat(TestCards.raised().add("motif").spec(), "motif", "shape");
        assertThat(part(Engineering.engineer(spec, dies), "motif", "").method()).isEqualTo(CutMethod.DIE);
    }

    /** Left for right, outline and colours. */
    @Test
    void aMirroredPieceIsMirroredWithItsColours() {
        CardSpec spec = goat(TestCards.raised().add("motif").spec(), "motif", "shape");
        Build plain = Engineering.engineer(spec, TestCards.WORKSHOP);
        Build other =
                Engineering.engineer(CardEdit.of(spec).set(new Id("motif"), "mirrored", "true"), TestCards.WORKSHOP);
        PartId id = new PartId(new Id("motif"), "");
        List<Art.Tint> tints = plain.art(id).orElseThrow().tints();
        for (int i = 0; i < tints.size(); i++) {
            Box one = tints.get(i).areas().get(0).bounds();
            Box two = other.art(id).orElseThrow().tints().get(i).areas().get(0).bounds();
            assertThat(two.left()).isEqualTo(-one.right(), within(0.01));
            assertThat(two.top()).isEqualTo(one.top(), within(0.01));
        }
        assertThat(other.art(id).orElseThrow().mirrored()).isTrue();
        assertThat(other.colour(id)).isEqualTo(plain.colour(id));
    }

    @Test
    void aPictureThatIsGoneIsTold() {
        CardSpec spec = goat(TestCards.of("upper-station.json").spec(), "car", "face");
        Workshop without = TestCards.WORKSHOP.pictured(new BoxEdit(TestCards.WORKSHOP.pictures()).remove(GOAT));
        assertThat(Engineering.engineer(spec, TestCards.WORKSHOP).faults())
                .noneMatch(f -> f.rule() == RuleId.MATERIAL_MISSING);
        List<Fault> faults = Engineering.engineer(spec, without).faults();
        assertThat(faults)
                .filteredOn(f -> f.rule() == RuleId.MATERIAL_MISSING)
                .singleElement()
                .asString()
                .contains("face.picture", "goat");
    }

    /** By area: three parts of black, one of white. */
    @Test
    void theMeanColourIsByArea() {
        var square = dev.schachtel.core.shape.Outline.rectangle(
                dev.schachtel.core.measure.Length.ofMillimetres(10),
                dev.schachtel.core.measure.Length.ofMillimetres(10));
        Art art = new Art(
                new PartId(new Id("a"), ""),
                GOAT,
                false,
                List.of(
                        new Art.Tint("dark", new Colour(0), List.of(square, square, square)),
                        new Art.Tint("light", new Colour(0xffffff), List.of(square))));
        assertThat(art.mean(square, new Colour(0xff0000)))
                .as("the pictures cover all of it")
                .isEqualTo(new Colour(0x404040));
        var twice = dev.schachtel.core.shape.Outline.rectangle(
                dev.schachtel.core.measure.Length.ofMillimetres(20),
                dev.schachtel.core.measure.Length.ofMillimetres(40));
        assertThat(art.mean(twice, new Colour(0xffffff)))
                .as("half of it is white card")
                .isEqualTo(new Colour(0x9f9f9f));
        assertThat(new Art(art.part(), GOAT, false, List.of()).mean(square, new Colour(0xff0000)))
                .isEqualTo(new Colour(0xff0000));
    }
}
