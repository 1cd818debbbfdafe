package dev.schachtel.core.engineering;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Derivation;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.LengthText;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class EngineeringTest {
    private static Part part(Build build, String owner, String which) {
        return build.part(new PartId(new Id(owner), which)).orElseThrow();
    }

    private static Length length(String text) {
        return LengthText.parse(text, Units.MM);
    }

    @ParameterizedTest
    @CsvSource({
        "side, 3 1/2 in, 8 1/2 in, 7 in, 8 1/2 in, 3 1/2 in",
        "top, 105 mm, 148.5 mm, 105 mm, 297 mm, 148.5 mm",
    })
    void blankIsTwiceTheLeafScoredInTheMiddle(
            String fold, String w, String h, String blankW, String blankH, String score) {
        Build build = TestCards.upperStation()
                .set("base", "width", w)
                .set("base", "height", h)
                .set("base", "fold", fold)
                .plan()
                .build();
        Part blank = part(build, "base", "");
        assertThat(blank.form().width()).isEqualTo(length(blankW));
        assertThat(blank.form().height()).isEqualTo(length(blankH));
        double at = fold.equals("side")
                ? build.folds().get(0).from().x()
                : build.folds().get(0).from().y();
        assertThat(Mm.length(at)).isEqualTo(length(score));
    }

    @Test
    void panelFilmAndLinerFollowTheBase() {
        Build build = TestCards.upperStation().plan().build();
        assertThat(part(build, "panel", "").form().width()).isEqualTo(length("3 1/4 in"));
        assertThat(part(build, "panel", "").form().height()).isEqualTo(length("8 1/4 in"));
        assertThat(part(build, "shaker", "film").form().width()).isEqualTo(length("3 in"));
        assertThat(part(build, "liner", "").form().width()).isEqualTo(length("3 1/4 in"));
        assertThat(part(build, "liner", "").form().height()).isEqualTo(length("8 1/4 in"));
        assertThat(part(build, "sentiment", "shadow").form().width()).isEqualTo(length("1 1/2 in"));
    }

    /** The handbook's film: window 2 3/8 + 2 x 1/4 = 2 7/8. */
    @Test
    void filmIsWindowAndTwiceTheOverlap() {
        Build build = TestCards.upperStation()
                .set("shaker", "overlap", "1/4 in")
                .plan()
                .build();
        assertThat(part(build, "shaker", "film").form().width()).isEqualTo(length("2 7/8 in"));
        Derivation why = build.derivationsOf(new Id("shaker")).get(0);
        assertThat(why.terms())
                .extracting(t -> t.source().toString())
                .containsExactly("window:shape.diameter", "shaker:overlap");
    }

    /** The handbook's circle: d 60.325, set back 1.5, foam 6, 12 strips; 5 mm discs: area 3149.5, 56 pieces. */
    @Test
    void roundDamOfTwelveStrips() {
        Build build = TestCards.inMillimetres()
                .set("shaker", "filling", "discs-5")
                .plan()
                .build();
        Part strip = part(build, "shaker", "dam");
        assertThat(strip.perCard()).isEqualTo(12);
        assertThat(Mm.of(strip.form().width())).isCloseTo(16.97, within(0.005));
        Chamber chamber = build.chambers().get(0);
        assertThat(chamber.seams()).hasSize(12);
        assertThat(chamber.pieces()).isEqualTo(57);
        Chamber ring = TestCards.inMillimetres()
                .set("shaker", "filling", "discs-5")
                .set("shaker", "make", "one-piece")
                .plan()
                .build()
                .chambers()
                .get(0);
        assertThat(ring.area().squareMillimetres()).isCloseTo(3149.5, within(1.0));
        assertThat(ring.pieces()).isEqualTo(56);
        assertThat(ring.seams()).isEmpty();
    }

    /** The handbook's rectangle: window 60 x 40: clear 63 x 43, strips 69, 49, 69, 49, in all 236, outside 75 x 55. */
    @Test
    void pinwheelRoundARectangle() {
        Build build = TestCards.inMillimetres()
                .set("window", "shape", "rectangle")
                .set("window", "shape.width", "60")
                .set("window", "shape.height", "40")
                .plan()
                .build();
        Part across = part(build, "shaker", "dam-long");
        Part up = part(build, "shaker", "dam-short");
        assertThat(across.form().width()).isEqualTo(length("69 mm"));
        assertThat(up.form().width()).isEqualTo(length("49 mm"));
        assertThat(across.perCard() + up.perCard()).isEqualTo(4);
        Chamber chamber = build.chambers().get(0);
        assertThat(chamber.clear().bounds().wide()).isEqualTo(length("63 mm"));
        assertThat(chamber.clear().bounds().high()).isEqualTo(length("43 mm"));
        assertThat(chamber.outside().bounds().wide()).isEqualTo(length("75 mm"));
        assertThat(chamber.outside().bounds().high()).isEqualTo(length("55 mm"));
        assertThat(total(build, "Foam in all")).isEqualTo(length("236 mm"));
        List<Outline> strips = chamber.walls().stream()
                .flatMap(w -> build.part(w).orElseThrow().footprints().stream())
                .toList();
        for (int i = 0; i < strips.size(); i++) {
            assertThat(strips.get(i).overlaps(chamber.clear())).isFalse();
            for (int k = 0; k < i; k++) {
                assertThat(strips.get(i).overlaps(strips.get(k))).isFalse();
            }
        }
    }

    private static Length total(Build build, String name) {
        return build.derivations().stream()
                .filter(d -> d.name().equals(name))
                .map(d -> ((Amount.One) d.result()).length())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aBentStripIsAsLongAsTheMiddleOfTheFoam() {
        Build build = TestCards.inMillimetres()
                .set("shaker", "make", "bent-strip")
                .set("shaker", "foamWidth", "3")
                .plan()
                .build();
        double middle = Math.PI * (60.325 + 2 * 1.5 + 3);
        assertThat(Mm.of(part(build, "shaker", "dam").form().width())).isCloseTo(middle, within(0.001));
        assertThat(build.chambers().get(0).seams()).hasSize(1);
        assertThat(build.faults()).isEmpty();
        assertThat(TestCards.inMillimetres()
                        .set("shaker", "make", "bent-strip")
                        .plan()
                        .build()
                        .faults())
                .extracting(Fault::rule)
                .containsExactly(RuleId.BEND_WIDTH);
    }

    @ParameterizedTest
    @CsvSource({
        "strips, circle",
        "mitred-strips, circle",
        "one-piece, oval",
        "strips, rectangle",
        "strips, rounded-rectangle"
    })
    void noWallReachesIntoTheWindowAndItsSetBack(String make, String shape) {
        Build build = TestCards.inMillimetres()
                .set("shaker", "make", make)
                .set("window", "shape", shape)
                .plan()
                .build();
        Chamber chamber = build.chambers().get(0);
        for (PartId wall : chamber.walls()) {
            for (Outline footprint :
                    build.level(SlabId.of(wall)).orElseThrow().slab().footprints()) {
                assertThat(Mm.of(footprint
                                .gapTo(chamber.apertures().get(0).onFace())
                                .length()))
                        .isGreaterThanOrEqualTo(1.5 - 0.011);
            }
        }
    }

    /** Heights are solved from joints: base 0.38, liner on 0.10 tape, foam 2, film 0.19 and tape lift the panel. */
    @Test
    void heightsFollowFromJoints() {
        Build build = TestCards.upperStation().plan().build();
        assertThat(bottom(build, "base/front")).isEqualTo(length("0.63 mm"));
        assertThat(bottom(build, "shaker/film")).isEqualTo(length("3.01 mm"));
        assertThat(bottom(build, "panel")).isEqualTo(length("3.3 mm"));
        assertThat(build.thickness()).isEqualTo(length("4.54 mm"));
        Build beside = TestCards.inMillimetres()
                .set("shaker", "setback", "8 mm")
                .set("window", "shape.diameter", "40 mm")
                .plan()
                .build();
        assertThat(bottom(beside, "panel").minus(bottom(beside, "shaker/film"))).isEqualTo(length("0.29 mm"));
    }

    private static Length bottom(Build build, String slab) {
        return build.level(new SlabId(slab)).map(Level::bottom).orElseThrow();
    }

    @Test
    void foamStripsKeepOffDamAndWindow() {
        Build build = TestCards.upperStation().plan().build();
        List<Part> strips = build.partsOf(new Id("panel")).stream()
                .filter(p -> p.material() instanceof Foam)
                .toList();
        assertThat(strips).isNotEmpty();
        for (Part strip : strips) {
            for (Outline footprint : strip.footprints()) {
                assertThat(build.zones(Zone.Use.KEEP_OFF))
                        .noneMatch(z -> z.outline().overlaps(footprint));
                assertThat(part(build, "panel", "").footprints().get(0).filled().covers(footprint))
                        .isTrue();
            }
        }
    }

    @Test
    void everySumAddsUpToItsResult() {
        List<TestCards> cards = List.of(
                TestCards.upperStation(),
                TestCards.inMillimetres().set("window", "shape", "rectangle"),
                TestCards.inMillimetres().set("window", "shape", "oval").set("shaker", "make", "one-piece"),
                TestCards.inMillimetres().set("shaker", "make", "mitred-strips").set("shaker", "layers", "2"),
                TestCards.upperStation().set("sentiment", "shadows", "3").set("base", "fold", "top"));
        int sums = 0;
        for (TestCards card : cards) {
            for (Derivation d : card.plan().build().derivations()) {
                if (d.isSum()) {
                    sums++;
                    assertThat(nanometres(d.result(), true))
                            .as("%s of %s, across", d.name(), d.owner())
                            .isEqualTo(sum(d, true));
                    assertThat(nanometres(d.result(), false))
                            .as("%s of %s, up", d.name(), d.owner())
                            .isEqualTo(sum(d, false));
                }
            }
        }
        assertThat(sums).isGreaterThan(40);
    }

    private static long sum(Derivation d, boolean across) {
        return d.terms().stream()
                .mapToLong(t -> t.times() * nanometres(t.amount(), across))
                .sum();
    }

    private static long nanometres(Amount amount, boolean across) {
        return amount.tell(new Amount.Cases<>() {
            @Override
            public Long one(Amount.One one) {
                return one.length().nanometres();
            }

            @Override
            public Long two(Amount.Two two) {
                return (across ? two.width() : two.height()).nanometres();
            }

            @Override
            public Long thick(Amount.Thick thick) {
                return thick.length().nanometres();
            }

            @Override
            public Long count(Amount.Count count) {
                return (long) count.count();
            }

            @Override
            public Long times(Amount.Times times) {
                return (long) times.hundredths();
            }

            @Override
            public Long degrees(Amount.Degrees degrees) {
                return (long) degrees.angle().degrees();
            }

            @Override
            public Long grams(Amount.Grams grams) {
                return (long) grams.tenths();
            }

            @Override
            public Long millilitres(Amount.Millilitres millilitres) {
                return (long) millilitres.tenths();
            }

            @Override
            public Long squares(Amount.Squares squares) {
                return Math.round(squares.area().squareMillimetres());
            }

            @Override
            public Long minutes(Amount.Minutes minutes) {
                return (long) minutes.minutes();
            }
        });
    }

    /** Twelve strips round 63.325: the clear space is a polygon of 12 r2 tan 15 degrees = 3223.5 mm2, and the sum says so. */
    @Test
    void aStripDamIsFilledOverItsPolygon() {
        Build strips = TestCards.inMillimetres()
                .set("shaker", "filling", "discs-5")
                .plan()
                .build();
        Derivation filling = strips.derivationsOf(new Id("shaker")).stream()
                .filter(d -> d.name().equals("Filling, pieces"))
                .findFirst()
                .orElseThrow();
        double r = 63.325 / 2;
        double polygon = 12 * r * r * Math.tan(Math.PI / 12);
        Amount.Squares area = (Amount.Squares) filling.terms().get(1).amount();
        assertThat(area.area().squareMillimetres()).isCloseTo(polygon, within(0.5));
        assertThat(filling.result()).isEqualTo(new Amount.Count((int) Math.round(polygon * 0.35 / (Math.PI * 25 / 4))));
    }

    /** Sand is measured: 35 % of the clear area times 2 mm, at 160 g for 100 ml. */
    @Test
    void fineFillingIsMeasuredByVolumeAndMass() {
        Build sand = TestCards.inMillimetres()
                .set("shaker", "make", "one-piece")
                .set("shaker", "filling", "sand")
                .plan()
                .build();
        double ml = Math.PI * 63.325 * 63.325 / 4 * 2 * 0.35 / 1000;
        assertThat(sand.derivationsOf(new Id("shaker")))
                .filteredOn(d -> d.name().startsWith("Filling"))
                .extracting(Derivation::result)
                .containsExactly(Amount.millilitres(ml), Amount.grams(ml * 1.6));
    }

    @Test
    void changingTheWindowCarriesThrough() {
        Build before = TestCards.upperStation().plan().build();
        Build after = TestCards.upperStation()
                .set("window", "shape.diameter", "2 1/2 in")
                .plan()
                .build();
        assertThat(part(after, "shaker", "film").form().width()).isEqualTo(length("3 1/8 in"));
        assertThat(part(after, "shaker", "dam").form().width())
                .isGreaterThan(part(before, "shaker", "dam").form().width());
        assertThat(after.chambers().get(0).pieces())
                .isGreaterThan(before.chambers().get(0).pieces());
    }
}
