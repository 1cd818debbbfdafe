package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.List;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Flat;
import dev.schachtel.core.build.Fold;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Stepper;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.LengthText;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Stretch;

import static dev.schachtel.core.engineering.Worked.mm;
import static dev.schachtel.core.engineering.Worked.part;
import static dev.schachtel.core.engineering.Worked.size;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

/** The worked examples of every base, and what holds around them. */
class BasesTest {
    @Test
    void gussetScoresTwiceAndGrowsTheBlank() {
        Build build = TestCards.raised().set("base", "gusset", "4 mm").build();
        assertThat(part(build, "base", "").form().width()).isEqualTo(mm("214 mm"));
        assertThat(build.folds()).extracting(f -> f.from().x()).containsExactly(105.0, 109.0);
    }

    @Test
    void meetingFlapsLeaveTheirGapAndOverlappingOnesALessCaliper() {
        TestCards gate = TestCards.empty("{\"kind\": \"gate\", \"width\": \"120 mm\", \"height\": \"150 mm\"}");
        Build meeting = gate.build();
        assertThat(size(meeting, "base", "Both flaps")).isEqualTo(mm("119.2 mm"));
        assertThat(size(meeting, "base", "Left flap").plus(size(meeting, "base", "Right flap")))
                .isEqualTo(mm("119.2 mm"));
        Build over = gate.set("base", "closing", "overlapping").build();
        assertThat(size(over, "base", "Both flaps")).isEqualTo(mm("131.62 mm"));
        assertThat(over.level(over.mechanics().leaves().get(1).slab())
                        .orElseThrow()
                        .bottom())
                .as("the left flap closes last and lies on top")
                .isGreaterThan(over.level(over.mechanics().leaves().get(0).slab())
                        .orElseThrow()
                        .bottom());
    }

    /** Flaps 30 and 60 lower than a middle of 150: the blank lacks two corners, creases end where the flaps do, each may be cut by a die. */
    @Test
    void flapsMayBeLowerThanTheMiddle() {
        TestCards gate = TestCards.empty(
                "{\"kind\": \"gate\", \"width\": \"120 mm\", \"height\": \"150 mm\", \"leftLower\": \"30 mm\", \"rightLower\": \"60 mm\"}");
        Build build = gate.build();
        Part blank = part(build, "base", "");
        double left = Mm.of(size(build, "base", "Left flap"));
        double right = Mm.of(size(build, "base", "Right flap"));
        assertThat(blank.outline().area().squareMillimetres())
                .isCloseTo(left * 120 + 120 * 150 + right * 90, within(0.01));
        assertThat(build.folds()).extracting(f -> f.to().y()).containsExactly(120.0, 90.0);
        Build cut = gate.set("base", "rightEdge", "scalloped").build();
        assertThat(part(cut, "base", "").outline().area().squareMillimetres())
                .isLessThan(blank.outline().area().squareMillimetres());
        Outline leaf = cut.level(cut.mechanics().leaves().get(0).slab())
                .orElseThrow()
                .slab()
                .footprints()
                .get(0);
        assertThat(Stretch.uprightEdge(leaf, 120.0)).as("whole at its crease").isPresent();
        assertThat(gate.plan().findings().all()).noneMatch(f -> f.severity() == Severity.MEND);
    }

    @Test
    void aPartialDieCutEdgeKeepsTheCreaseSideWhole() {
        Build build = TestCards.of("level-crossing.json").build();
        Part base = part(build, "base", "");
        double crease = Mm.of(size(build, "base", "Left flap"));
        assertThat(base.outline().across(50.0)).hasSize(1);
        assertThat(build.folds()).extracting(f -> f.from().x()).anyMatch(x -> Math.abs(x - crease) < 1e-6);
        assertThat(Stretch.uprightEdge(base.outline(), base.outline().bounds().right()))
                .isPresent();
    }

    /** H 139.7, lean 65, half way: s = 59.04, top at (0, 126.61); b = 80 at 65 has no solution. */
    @Test
    void easelStandsWhereTheTriangleSays() {
        EaselGeometry half = new EaselGeometry(mm("139.7 mm"), mm("69.85 mm"));
        Length stop = half.stop(65).orElseThrow();
        assertThat(Mm.of(stop)).isCloseTo(59.04, within(0.005));
        assertThat(half.topAt(Mm.of(stop), 65).x()).isCloseTo(0, within(0.001));
        assertThat(half.topAt(Mm.of(stop), 65).y()).isCloseTo(126.61, within(0.005));
        assertThat(new EaselGeometry(mm("139.7 mm"), mm("80 mm")).stop(65)).isEmpty();
    }

    /** Hinge to crease is the strut, crease to foot the flap, whatever was chosen; lean and stop give each other back. */
    @Property(tries = 500)
    void easelTriangleCloses(
            @ForAll @IntRange(min = 40, max = 300) int height,
            @ForAll @IntRange(min = 5, max = 60) int share,
            @ForAll @IntRange(min = 20, max = 89) int lean) {
        Length h = Length.ofMillimetres(height);
        Length b = Length.ofMicrometres(height * 10L * share);
        EaselGeometry g = new EaselGeometry(h, b);
        g.stop(lean).ifPresent(s -> {
            double t = Math.toRadians(lean);
            double exact = Mm.of(b) * Math.cos(t)
                    + Math.sqrt(Math.pow(Mm.of(g.strut()), 2) - Math.pow(Mm.of(b) * Math.sin(t), 2));
            var crease = g.creaseAt(exact, lean);
            assertThat(Math.hypot(crease.x(), crease.y())).isCloseTo(Mm.of(g.strut()), within(1e-6));
            assertThat(Math.hypot(crease.x() - exact, crease.y())).isCloseTo(Mm.of(b), within(1e-6));
            assertThat(g.lean(s).orElseThrow()).isCloseTo(lean, within(0.05));
        });
    }

    @Test
    void easelClosesOverItsStopBarAndIsGluedUnderTheCrease() {
        Build build = TestCards.of("platform-sign.json").build();
        Length stop = part(build, "base", "stop").material().thickness();
        assertThat(build.thickness()).isGreaterThan(stop.plus(mm("2 mm")));
        assertThat(build.folds()).extracting(Fold::crease).contains(Fold.Crease.MOUNTAIN, Fold.Crease.VALLEY);
        assertThat(size(build, "base", "Glued, from the foot")).isEqualTo(mm("69.85 mm"));
    }

    /** Stairs r 3 x 38.1, t 3 x 25.4 beside plain: open 190.5, forward from -63.5 to 76.2 = 139.7; r 30, t 40: 150. */
    @Test
    void stepperFoldsFlatBothWays() {
        List<Flat> terraces = TestCards.of("terraces.json").build().mechanics().flats();
        assertThat(terraces).extracting(Flat::height).containsExactly(mm("139.7 mm"), mm("190.5 mm"));
        Build build = stairs("38.1 mm", "25.4 mm").build();
        assertThat(forward(build).bottom()).isCloseTo(-63.5, within(1e-6));
        assertThat(forward(build).top()).isCloseTo(76.2, within(1e-6));
        assertThat(build.mechanics().flats()).extracting(Flat::layers).containsExactly(5, 1);
        assertThat(stairs("30 mm", "40 mm").build().mechanics().flats().get(0).height())
                .isEqualTo(mm("150 mm"));
    }

    private static Box forward(Build build) {
        return FlatLay.shut(build.mechanics().unfolding()).bounds();
    }

    private static TestCards stairs(String rise, String tread) {
        return TestCards.of("terraces.json")
                .set("base", "rises", mm(rise).times(3).toString())
                .set("base", "treads", mm(tread).times(3).toString())
                .set("base", "middle.rise", rise)
                .set("base", "middle.tread", tread);
    }

    /** Where folds lie with the wall forward: from the front edge a rise goes back by its length, and a tread on by its own. */
    private static List<Length> places(Stepper.Zone zone) {
        List<Length> at = new ArrayList<>(List.of(Length.ZERO));
        for (Stepper.Segment segment : zone.segments()) {
            Length last = at.get(at.size() - 1);
            at.add(segment.rise() ? last.minus(segment.length()) : last.plus(segment.length()));
        }
        return at;
    }

    /** The pose says the same; it is never shorter than its longest face, and never longer than opened out. */
    @Property(tries = 300)
    void foldedFlatHoldsTheLongestFace(
            @ForAll @IntRange(min = 1, max = 9) int steps,
            @ForAll @IntRange(min = 5, max = 60) int rise,
            @ForAll @IntRange(min = 5, max = 60) int tread) {
        TestCards card = TestCards.of("terraces.json")
                .set("base", "middle.steps", "" + steps)
                .set("base", "middle.rise", rise + " mm")
                .set("base", "middle.tread", tread + " mm")
                .set("base", "rises", steps * rise + " mm")
                .set("base", "treads", steps * tread + " mm");
        Stepper stepper = (Stepper) card.spec().base();
        Length longest = Length.ofMillimetres((long) steps * Math.max(rise, tread));
        Flat flat = card.build().mechanics().flats().get(0);
        List<Length> places =
                stepper.zones().stream().flatMap(z -> places(z).stream()).toList();
        assertThat(flat.height())
                .isEqualTo(places.stream()
                        .reduce(Length::max)
                        .orElseThrow()
                        .minus(places.stream().reduce(Length::min).orElseThrow()));
        assertThat(flat.height()).isGreaterThanOrEqualTo(longest);
        assertThat(flat.height()).isLessThanOrEqualTo(stepper.height());
    }

    @Test
    void matsOnFacesLeaveTheirRevealAndCreasesStayFree() {
        Build build = TestCards.of("terraces.json").build();
        assertThat(part(build, "step-one", "").form().width()).isEqualTo(LengthText.parse("2 1/8", Units.INCH));
        assertThat(part(build, "step-one", "").form().height()).isEqualTo(LengthText.parse("1 1/8", Units.INCH));
        assertThat(part(build, "base", "").slits()).hasSize(2);
    }

    @Test
    void shapedCardSharesItsStraightEdgeOrGetsAStrip() {
        Build score = TestCards.of("ticket.json").build();
        assertThat(score.folds().stream().filter(f -> f.part().owner().equals(Id.BASE)))
                .hasSize(1);
        assertThat(score.partsOf(Id.BASE)).hasSize(1);
        Build strip = TestCards.of("ticket.json").set("base", "join", "strip").build();
        assertThat(strip.partsOf(Id.BASE)).hasSize(3);
        double leaf = score.face().area().squareMillimetres();
        assertThat(part(score, "base", "").outline().area().squareMillimetres()).isCloseTo(2 * leaf, within(0.5));
    }

    // ------------------------------------------------------------ windows
}
