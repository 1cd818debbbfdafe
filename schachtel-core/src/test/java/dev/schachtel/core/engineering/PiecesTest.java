package dev.schachtel.core.engineering;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Fold;
import dev.schachtel.core.build.Lettering;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Move;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Work;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.work.WorkKind;

import static dev.schachtel.core.engineering.Worked.mm;
import static dev.schachtel.core.engineering.Worked.motion;
import static dev.schachtel.core.engineering.Worked.part;
import static dev.schachtel.core.engineering.Worked.size;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Worked examples of the smaller pieces, on an A6 card whose panel lies from 3 to 102 across and from 3 to 145.5 up. */
class PiecesTest {
    private static TestCards a6() {
        return TestCards.raised().set("panel", "reveal", "3 mm");
    }

    private static Level level(Build build, String id) {
        return build.level(new SlabId(id)).orElseThrow();
    }

    private static void lies(Box box, double left, double bottom, double right, double top) {
        assertThat(box.left()).isCloseTo(left, within(1e-6));
        assertThat(box.bottom()).isCloseTo(bottom, within(1e-6));
        assertThat(box.right()).isCloseTo(right, within(1e-6));
        assertThat(box.top()).isCloseTo(top, within(1e-6));
    }

    // ------------------------------------------------------------ cover plate

    /** 99 less 2 x 6 less 3 x 3 leaves 78 for four columns; 142.5 less 12 less 15 leaves 115.5 for six rows. */
    @Test
    void aCoverPlateIsAsLargeAsItsGroundAndItsCellsAreEqual() {
        Build build = a6().add("cover-plate")
                .set("cover-plate", "margin", "6 mm")
                .set("cover-plate", "bar", "3 mm")
                .build();
        Part plate = part(build, "cover-plate", "");
        lies(plate.footprints().get(0).bounds(), 3, 3, 102, 145.5);
        assertThat(plate.outline().holes()).hasSize(24);
        assertThat(plate.outline().area().squareMillimetres()).isCloseTo(99 * 142.5 - 78 * 115.5, within(1e-3));
    }

    @Test
    void barsThatLeaveNoCellAreAFaultAndMakeNoPart() {
        TestCards card = a6().add("cover-plate").set("cover-plate", "bar", "40 mm");
        assertThat(card.build().partsOf(new Id("cover-plate"))).isEmpty();
        assertThat(card.build().faults()).isNotEmpty();
    }

    // ------------------------------------------------------------ doors

    /** A door of 30 x 45 in the middle, hinged left: cut along foot, right side and head; glue keeps off 34 x 49. */
    @Test
    void aDoorIsCutOnThreeSidesAndKeepsGlueOff() {
        Build build = a6().add("door")
                .set("door", "width", "30 mm")
                .set("door", "height", "45 mm")
                .set("door", "across", "52.5 mm")
                .set("door", "up", "74.25 mm")
                .build();
        Part panel = part(build, "panel", "");
        assertThat(panel.slits()).hasSize(1);
        lies(level(build, "door/leaf").slab().bounds(), 37.5, 51.75, 67.5, 96.75);
        Fold hinge = build.folds().stream()
                .filter(f -> f.part().equals(panel.id()))
                .findFirst()
                .orElseThrow();
        assertThat(hinge.from().x()).isCloseTo(37.5 - 3, within(1e-6));
        assertThat(hinge.to().x()).isCloseTo(37.5 - 3, within(1e-6));
        assertThat(panel.slits().get(0).hingedAt(hinge)).isTrue();
        Zone free = build.zones(Zone.Use.NO_GLUE).stream()
                .filter(z -> z.owner().equals(new Id("door")))
                .findFirst()
                .orElseThrow();
        lies(free.outline().bounds(), 35.5, 49.75, 69.5, 98.75);
        assertThat(level(build, "door/leaf").bottom())
                .isEqualTo(level(build, "panel").bottom());
    }

    /** A pair of 30 with a gap of 1 has leaves of 14.5. */
    @Test
    void aPairMeetsInTheMiddleWithItsGap() {
        Build build = a6().add("door")
                .set("door", "hinge", "pair")
                .set("door", "width", "30 mm")
                .set("door", "across", "52.5 mm")
                .set("door", "gap", "1 mm")
                .build();
        Box left = level(build, "door/leaf").slab().bounds();
        Box right = level(build, "door/second").slab().bounds();
        assertThat(left.width()).isCloseTo(14.5, within(1e-6));
        assertThat(right.left() - left.right()).isCloseTo(1, within(1e-6));
        assertThat(part(build, "panel", "").slits()).hasSize(2);
    }

    @ParameterizedTest
    @CsvSource({"left, 37.5, 37.5", "right, 67.5, 67.5", "top, 37.5, 67.5", "bottom, 67.5, 37.5"})
    void aDoorTurnsAboutItsHinge(String hinge, double fromX, double toX) {
        Build build = a6().add("door")
                .set("door", "hinge", hinge)
                .set("door", "width", "30 mm")
                .set("door", "across", "52.5 mm")
                .set("door", "opens", "120")
                .build();
        Move.Fold opens = (Move.Fold) motion(build, "door").move();
        assertThat(opens.from().x()).isCloseTo(fromX, within(1e-6));
        assertThat(opens.to().x()).isCloseTo(toX, within(1e-6));
        assertThat(opens.opens().degrees()).isCloseTo(120, within(1e-9));
    }

    // ------------------------------------------------------------ threads

    /** Across a window of 50 high, taped 10 on each side: 70 of thread; the piece is cut twice. */
    @Test
    void aHangingPairTakesTheWindowAndItsTapedEnds() {
        Build build = a6().add("window")
                .set("window", "shape.diameter", "50 mm")
                .set("window", "across", "52.5 mm")
                .set("window", "up", "74.25 mm")
                .add("hanging-spinner")
                .set("hanging-spinner", "piece.diameter", "30 mm")
                .set("hanging-spinner", "ends", "10 mm")
                .build();
        assertThat(size(build, "hanging-spinner", "Thread")).isEqualTo(mm("70 mm"));
        Part piece = part(build, "hanging-spinner", "piece");
        assertThat(piece.stacked()).isEqualTo(2);
        assertThat(piece.footprints().get(0).centroid().distanceTo(new Point(52.5, 74.25)))
                .isLessThan(1e-6);
        Move.Fold spins = (Move.Fold) motion(build, "hanging-spinner").move();
        assertThat(spins.from().distanceTo(spins.to())).isCloseTo(50, within(1e-6));
    }

    /** A loop that hangs 60 takes it twice and 20 for the knot; a tassel's threads are folded, without a knot. */
    @Test
    void aLoopIsDoubledAndKnotted() {
        Build build = a6().add("thread-loop")
                .set("thread-loop", "on", "front")
                .set("thread-loop", "hangs", "60 mm")
                .set("thread-loop", "tassel", "8")
                .build();
        assertThat(size(build, "thread-loop", "Thread")).isEqualTo(mm("140 mm"));
        Part tassel = part(build, "thread-loop", "tassel");
        assertThat(tassel.form().longer()).isEqualTo(mm("120 mm"));
        assertThat(tassel.perCard()).isEqualTo(8);
        assertThat(part(build, "base", "").cutouts()).anyMatch(c -> c.sort() == Cutout.Sort.HOLE);
    }

    @Test
    void aLoopWithoutATasselIsOneThread() {
        Build build = a6().add("thread-loop").set("thread-loop", "on", "front").build();
        assertThat(build.partsOf(new Id("thread-loop"))).hasSize(1);
    }

    // ------------------------------------------------------------ words and cut-outs

    /** A strip of 40 x 10 on two shadows of 1.5: 43 x 13 and 46 x 16, each glued to the next, the lowest on foam. */
    @Test
    void shadowsGrowByTheirRevealOnEverySide() {
        Build build = a6().add("sentiment")
                .set("sentiment", "width", "40 mm")
                .set("sentiment", "height", "10 mm")
                .set("sentiment", "across", "52.5 mm")
                .set("sentiment", "up", "30 mm")
                .set("sentiment", "shadows", "2")
                .set("sentiment", "shadowReveal", "1.5 mm")
                .set("sentiment", "fixing", "foam-tape-1")
                .build();
        lies(level(build, "sentiment/strip").slab().bounds(), 32.5, 25, 72.5, 35);
        lies(level(build, "sentiment/shadow-1").slab().bounds(), 31, 23.5, 74, 36.5);
        lies(level(build, "sentiment/shadow-2").slab().bounds(), 29.5, 22, 75.5, 38);
        Length glue = Materials.GLUE;
        assertThat(level(build, "sentiment/shadow-1").bottom())
                .isEqualTo(level(build, "sentiment/shadow-2").top().plus(glue));
        assertThat(level(build, "sentiment/shadow-2").bottom())
                .isEqualTo(level(build, "panel").top().plus(mm("1 mm")));
        assertThat(build.letterings()).extracting(Lettering::text).containsExactly("Thank you");
    }

    @Test
    void aStripWithoutWordsHasNone() {
        Build build = a6().add("sentiment").set("sentiment", "text", "").build();
        assertThat(build.letterings()).isEmpty();
        assertThat(part(build, "sentiment", "strip").name()).isEqualTo("Strip");
    }

    /** Four copies of 0.38 with glue of 0.05 between: 1.67 mm. */
    @Test
    void aStackedWordIsAsThickAsItsCopiesAndTheGlueBetween() {
        Build build = a6().add("word")
                .set("word", "copies", "4")
                .set("word", "card", "white-300")
                .build();
        assertThat(size(build, "word", "Word, thick")).isEqualTo(mm("1.67 mm"));
        assertThat(level(build, "word").slab().thickness()).isEqualTo(mm("1.67 mm"));
        assertThat(part(build, "word", "").perCard()).isEqualTo(4);
    }

    /** One square for each 25 mm: 60 x 20 gets two; one of 10 a single one of 4; one of 140 as many as the 99 mm of its ground take. */
    @ParameterizedTest
    @CsvSource({"60 mm, 20 mm, 2, 6 mm", "80 mm, 80 mm, 9, 6 mm", "10 mm, 10 mm, 1, 4 mm", "140 mm, 20 mm, 3, 6 mm"})
    void aRaisedPieceStandsOnSquares(String width, String height, int squares, String side) {
        Build build = a6().add("motif")
                .set("motif", "shape", "rectangle")
                .set("motif", "shape.width", width)
                .set("motif", "shape.height", height)
                .set("motif", "fixing", "foam-tape-1")
                .build();
        Part foam = part(build, "motif", "foam");
        assertThat(foam.at()).hasSize(squares);
        assertThat(foam.form().width()).isEqualTo(mm(side));
        assertThat(foam.footprints())
                .allMatch(f -> part(build, "motif", "").footprints().get(0).covers(f));
    }

    /** 30 x 10 turned by 90 degrees about its middle is 10 x 30. */
    @Test
    void aCutOutTurnsAboutItsMiddle() {
        Build build = a6().add("motif")
                .set("motif", "shape", "rectangle")
                .set("motif", "shape.width", "30 mm")
                .set("motif", "shape.height", "10 mm")
                .set("motif", "across", "40 mm")
                .set("motif", "up", "60 mm")
                .set("motif", "turned", "90")
                .build();
        lies(part(build, "motif", "").footprints().get(0).bounds(), 35, 45, 45, 75);
    }

    // ------------------------------------------------------------ tags

    /** 12 below the top of 110 is 98 above the foot; 60 x 110 with corners of 8 lacks 4 - pi corners of 64 mm2. */
    @Test
    void aTagHasItsHoleAndItsThread() {
        Build build = TestCards.of("luggage-label.json").build();
        assertThat(size(build, "base", "Hole, from the foot")).isEqualTo(mm("98 mm"));
        assertThat(build.face().area().squareMillimetres()).isCloseTo(6600 - (4 - Math.PI) * 64, within(0.5));
        assertThat(part(build, "base", "thread").form().longer()).isEqualTo(mm("240 mm"));
        assertThat(build.mechanics().flats()).hasSize(1);
    }

    // ------------------------------------------------------------ work that is asked for

    /** A dam of twelve strips in two layers is laid in 24 pieces; film first, filling last. */
    @Test
    void aShakerAsksForItsWork() {
        Build build = TestCards.upperStation().set("shaker", "layers", "2").build();
        List<Work> works = build.works();
        assertThat(works)
                .extracting(Work::kind)
                .containsExactly(
                        WorkKind.TRACE,
                        WorkKind.FIX_FILM,
                        WorkKind.LAY_DAM,
                        WorkKind.ANTI_STATIC,
                        WorkKind.FILL,
                        WorkKind.LETTER);
        assertThat(works.get(2).things()).isEqualTo(24);
        assertThat(works.get(1).lays().orElseThrow().parts())
                .containsExactly(part(build, "shaker", "film").id());
        assertThat(works.get(1).at()).containsExactly(new SlabId("panel"));
    }

    @Test
    void aPouchIsWrappedFilledAndClosed() {
        Build build = TestCards.of("carriage-windows.json").build();
        assertThat(build.works())
                .extracting(Work::kind)
                .containsExactly(WorkKind.WRAP, WorkKind.ANTI_STATIC, WorkKind.FILL_POUCH, WorkKind.SEAL);
        assertThat(build.works().get(0).lays().orElseThrow().behind()).isFalse();
    }
}
