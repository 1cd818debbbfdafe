package dev.schachtel.core.check;

import java.util.List;
import java.util.stream.Stream;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.measure.Length;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.params.provider.Arguments.arguments;

/** Each limit at its border: a value just inside speaks of no fault, the next one does, with figures worked out by hand. */
class LimitsTest {
    /** Arcs are measured as chords: 0.01 mm. */
    private static final Length EXACT = Length.ofMicrometres(10);

    /** A6 with a panel from 5 to 100 mm across and from 5 to 143.5 mm up, and a window of 40 mm in its middle. */
    private static TestCards window() {
        return TestCards.raised()
                .set("panel", "reveal", "5 mm")
                .add("window")
                .set("window", "shape.diameter", "40 mm")
                .set("window", "across", "52.5 mm")
                .set("window", "up", "74.25 mm");
    }

    private static TestCards shaker() {
        return window().add("shaker")
                .set("shaker", "overlap", "8 mm")
                .set("shaker", "setback", "1.5 mm")
                .set("shaker", "foamWidth", "3 mm");
    }

    private static TestCards twoWindows() {
        return window().add("window").set("window-2", "shape.diameter", "20 mm").set("window-2", "across", "52.5 mm");
    }

    private static TestCards cutOut() {
        return TestCards.raised()
                .add("motif")
                .set("motif", "shape.diameter", "20 mm")
                .set("motif", "up", "74 mm");
    }

    /** A panel of 99 x 142.5 mm, a mat on it, and a frame whose opening of 79 x 122.5 shows the mat. */
    private static TestCards framed() {
        return TestCards.raised()
                .set("panel", "reveal", "3 mm")
                .add("mat")
                .set("mat", "on", "panel")
                .set("mat", "reveal", "7 mm")
                .add("frame")
                .set("frame", "on", "mat")
                .set("frame", "outer", "rectangle")
                .set("frame", "outer.width", "99 mm")
                .set("frame", "outer.height", "142.5 mm")
                .set("frame", "innerWidth", "79 mm")
                .set("frame", "innerHeight", "122.5 mm")
                .set("frame", "across", "52.5 mm")
                .set("frame", "up", "74.25 mm");
    }

    private static Amount mm(double millimetres) {
        return Amount.of(Length.ofMicrometres(Math.round(millimetres * 1000)));
    }

    private static Amount thick(double millimetres) {
        return new Amount.Thick(Length.ofMicrometres(Math.round(millimetres * 1000)));
    }

    private static Amount count(int number) {
        return new Amount.Count(number);
    }

    /** Whose component is set to a value that is right and to one that is wrong. */
    private record Edge(TestCards card, String piece, String component, String right, String wrong) {
        TestCards sound() {
            return card.set(piece, component, right);
        }

        TestCards faulty() {
            return card.set(piece, component, wrong);
        }

        @Override
        public String toString() {
            return piece + "." + component + " " + right + " | " + wrong;
        }
    }

    private static Arguments mend(RuleId rule, Edge edge, Amount measured, Amount limit) {
        return arguments(rule, Severity.MEND, edge, measured, limit);
    }

    private static Arguments watch(RuleId rule, Edge edge, Amount measured, Amount limit) {
        return arguments(rule, Severity.WATCH, edge, measured, limit);
    }

    /** Margins: a window of radius 20 at 117.5 ends at 137.5, 6 below the panel's edge; with film 10; a hole 4. */
    static Stream<Arguments> openings() {
        TestCards tag = TestCards.of("luggage-label.json");
        return Stream.of(
                mend(RuleId.MARGIN_EDGE, new Edge(window(), "window", "up", "117.5 mm", "117.6 mm"), mm(5.9), mm(6)),
                mend(RuleId.MARGIN_EDGE, new Edge(shaker(), "window", "up", "113.5 mm", "113.6 mm"), mm(9.9), mm(10)),
                mend(RuleId.MARGIN_EDGE, new Edge(tag, "base", "holeDown", "6.5 mm", "6.4 mm"), mm(3.9), mm(4)),
                mend(
                        RuleId.MARGIN_WEB,
                        new Edge(twoWindows(), "window-2", "up", "38.25 mm", "38.35 mm"),
                        mm(5.9),
                        mm(6)),
                mend(
                        RuleId.OVERHANG,
                        new Edge(posted(cutOut()), "motif", "across", "95 mm", "95.1 mm"),
                        mm(0.1),
                        mm(0)),
                watch(RuleId.OVERHANG, new Edge(cutOut(), "motif", "across", "95 mm", "95.1 mm"), mm(0.1), mm(0)),
                watch(RuleId.OPENING_BACKED, new Edge(framed(), "mat", "reveal", "7 mm", "7.1 mm"), mm(2.9), mm(3)),
                mend(RuleId.OPENING_BACKED, new Edge(framed(), "mat", "reveal", "7 mm", "10.5 mm"), mm(-0.5), mm(3)),
                mend(RuleId.BAND_LEFT, new Edge(framed(), "frame", "innerWidth", "98 mm", "99 mm"), mm(0), mm(0)),
                watch(RuleId.BAND_EVEN, new Edge(framed(), "frame", "innerWidth", "79 mm", "78 mm"), mm(10.5), mm(10)));
    }

    private static TestCards posted(TestCards card) {
        return card.set("brief", "posted", "true");
    }

    /**
     * Film of radius 20 + overlap stays behind a panel of half 47.5; a bent dam reaches 20 + 1.5 + 3; beads of 1.5 mm lie in
     * 2 and tumble in 3.5; film and tape lift a panel by 2 + 0.19 + 0.1 over its foam.
     */
    static Stream<Arguments> shakers() {
        TestCards beads = shaker().set("shaker", "filling", "beads-15");
        TestCards bent = shaker().set("shaker", "make", "bent-strip");
        return Stream.of(
                mend(RuleId.FILM_OVERLAP, new Edge(shaker(), "shaker", "overlap", "3 mm", "2.9 mm"), mm(2.9), mm(3)),
                mend(RuleId.FILM_HIDDEN, new Edge(shaker(), "shaker", "overlap", "27.5 mm", "27.6 mm"), mm(0.1), mm(0)),
                mend(RuleId.DAM_FITS, new Edge(bent, "window", "across", "75.5 mm", "75.6 mm"), mm(-0.1), mm(0)),
                watch(RuleId.BEND_WIDTH, new Edge(bent, "shaker", "foamWidth", "3 mm", "3.1 mm"), mm(3.1), mm(3)),
                watch(RuleId.TUMBLE, new Edge(beads, "shaker", "layers", "2", "1"), thick(2), thick(3.5)),
                mend(
                        RuleId.DEPTH,
                        new Edge(beads, "shaker", "foam", "foam-tape-2", "foam-tape-15"),
                        thick(1.5),
                        thick(2)),
                watch(RuleId.LEVEL, new Edge(shaker(), "shaker", "layers", "2", "1"), thick(0.29), thick(0.35)),
                mend(
                        RuleId.LEVEL,
                        new Edge(shaker(), "panel", "fixing", "foam-tape-2", "foam-tape-3"),
                        thick(0.71),
                        thick(0.35)),
                mend(
                        RuleId.FLAT_PIECES,
                        new Edge(TestCards.of("carriage-windows.json"), "pouch", "filling", "sequins", "beads-15"),
                        thick(1.5),
                        thick(0.5)));
    }

    /**
     * A retainer holds by 3 each side of a slot of 6.35 + 2; six pictures leave 60 - 6 degrees, a window of 22.225 at 31.75
     * from the pivot spans 41; a strip must reach 90 to fill its window.
     */
    static Stream<Arguments> moving() {
        TestCards station = TestCards.of("upper-station.json");
        TestCards wheel = TestCards.of("turntable.json");
        TestCards strip = TestCards.of("cable-drum.json");
        TestCards bridge = TestCards.of("viaduct.json");
        TestCards rider = TestCards.raised().add("rider");
        return Stream.of(
                mend(RuleId.RETAINED, new Edge(station, "car", "hold", "4 mm", "3.9 mm"), mm(14.15), mm(14.35)),
                mend(
                        RuleId.PICTURES_APART,
                        new Edge(wheel, "wheel", "pictures", "7", "8"),
                        Amount.degrees(41),
                        Amount.degrees(39)),
                mend(RuleId.RIM_REACHED, new Edge(wheel, "wheel", "radius", "45.8 mm", "45.7 mm"), mm(3.9), mm(4)),
                mend(
                        RuleId.WINDOW_FILLED,
                        new Edge(wheel, "wheel", "radius", "44.9 mm", "44.8 mm"),
                        mm(44.8),
                        mm(31.75 + 22.225 / 2 + 2)),
                mend(RuleId.PICTURE_FILLS, new Edge(strip, "cable", "engaged", "90 mm", "89.9 mm"), mm(89.9), mm(90)),
                mend(RuleId.PICTURE_NARROW, new Edge(strip, "cable", "width", "40 mm", "39.9 mm"), mm(39.9), mm(40)),
                mend(RuleId.HANGING_LOW, new Edge(bridge, "bridge", "drop", "46.5 mm", "46.6 mm"), mm(4.9), mm(5)),
                mend(RuleId.HANGING_COUNT, new Edge(bridge, "bridge", "pieces", "5", "6"), count(6), count(5)),
                mend(
                        RuleId.DEPTH_BEHIND,
                        new Edge(rider, "panel", "fixing", "foam-tape-1", "tape"),
                        thick(0),
                        thick(0.5)));
    }

    /**
     * Inside, a mat on foam is 2 + 0.38 thick; at 65 degrees a strut of 139.7 - crease must reach crease x sin 65, up to 73.28; a stop bar is 1 above strut and
     * face, 0.38 each with tape between; three stairs rise as much as the card; an A6 card 3.14 thick goes into 111.125 mm
     * with 1/8 in to spare.
     */
    static Stream<Arguments> bases() {
        TestCards sign = TestCards.of("platform-sign.json");
        TestCards thick =
                TestCards.raised().add("mat").set("mat", "on", "inside").set("mat", "fixing", "foam-tape-2");
        TestCards letter =
                posted(TestCards.raised()).set("base", "height", "140 mm").set("brief", "envelope", "quarter");
        TestCards child = TestCards.of("luggage-label.json").set("brief", "smallChild", "true");
        TestCards flaps = TestCards.of("bad/flaps-that-collide.json").remove("bell");
        return Stream.of(
                mend(RuleId.GUSSET, new Edge(thick, "base", "gusset", "2.38 mm", "2.37 mm"), thick(2.38), thick(2.37)),
                mend(RuleId.GUSSET, new Edge(thick, "base", "gusset", "2.38 mm", "0 mm"), thick(2.38), thick(1.5)),
                mend(RuleId.STANDS, new Edge(sign, "base", "crease", "73.2 mm", "73.4 mm"), mm(73.4), mm(69.85)),
                mend(
                        RuleId.STOP_HEIGHT,
                        new Edge(sign, "base", "stop", "foam-tape-2", "foam-tape-15"),
                        thick(1.5),
                        thick(1.86)),
                mend(RuleId.FLAP_GAP, new Edge(flaps, "base", "gap", "0.8 mm", "0.7 mm"), thick(0.7), thick(0.8)),
                mend(
                        RuleId.STEPS_CLOSE,
                        new Edge(TestCards.of("terraces.json"), "base", "middle.rise", "38.1 mm", "38 mm"),
                        mm(114),
                        mm(114.3)),
                mend(
                        RuleId.ENVELOPE_SIZE,
                        new Edge(letter, "base", "width", "104.8 mm", "104.9 mm"),
                        mm(104.9 + 3.14 + 3.175),
                        mm(111.125)),
                watch(
                        RuleId.ENVELOPE_THICKNESS,
                        new Edge(posted(shaker()), "shaker", "layers", "1", "2"),
                        thick(0.38 * 3 + 4 + 0.29),
                        thick(5)),
                mend(RuleId.LONG_THREAD, new Edge(child, "base", "thread", "110 mm", "240 mm"), mm(240), mm(220)));
    }

    @ParameterizedTest(name = "{0} {2}")
    @MethodSource({"openings", "shakers", "moving", "bases"})
    void aLimitIsKeptToItsBorder(RuleId rule, Severity severity, Edge edge, Amount measured, Amount limit) {
        assertThat(edge.sound().findings().of(rule).of(severity).all())
                .as("with %s", edge.right)
                .isEmpty();
        List<Finding> wrong = edge.faulty().findings().of(rule).of(severity).all();
        assertThat(wrong)
                .as("with %s", edge.wrong)
                .anyMatch(f -> near(f.measured(), measured) && near(f.limit(), limit));
    }

    /** The same kind of amount, lengths within 0.01 mm. */
    private static boolean near(Amount found, Amount hand) {
        if (found instanceof Amount.One a && hand instanceof Amount.One b) {
            return !a.length().minus(b.length()).abs().isAbove(EXACT);
        }
        if (found instanceof Amount.Thick a && hand instanceof Amount.Thick b) {
            return !a.length().minus(b.length()).abs().isAbove(EXACT);
        }
        return found.equals(hand);
    }
}
