package dev.schachtel.core.check;

import java.util.stream.Stream;

import org.junit.jupiter.params.provider.Arguments;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.OrderWish;
import dev.schachtel.core.edit.CardEdit;

import static org.junit.jupiter.params.provider.Arguments.arguments;

/** Cards that make each rule speak. A new rule gets its card here; a test fails as long as it has none. */
final class Provoking {
    private Provoking() {}

    private static TestCards card() {
        return TestCards.upperStation();
    }

    /** One card for each rule, on which it must speak. */
    static Stream<Arguments> plain() {
        return Stream.of(
                arguments(RuleId.NOTHING_LEFT, Severity.MEND, card().set("panel", "reveal", "2 in")),
                arguments(RuleId.GROUND_MISSING, Severity.MEND, card().remove("window")),
                arguments(
                        RuleId.GROUND_CIRCLE,
                        Severity.MEND,
                        card().add("mat").set("panel", "on", "mat").set("mat", "on", "panel")),
                arguments(RuleId.MATERIAL_MISSING, Severity.MEND, card().set("panel", "card", "parchment")),
                arguments(RuleId.MATERIAL_UNFIT, Severity.MEND, card().set("liner", "fixing", "foam-tape-2")),
                arguments(
                        RuleId.WRAPPED_TWICE,
                        Severity.MEND,
                        TestCards.of("carriage-windows.json").add("pouch").set("pouch-2", "panel", "scene")),
                arguments(
                        RuleId.PART_FIXED,
                        Severity.MEND,
                        card().add("belly-band").set("belly-band", "up", "1 m")),
                arguments(
                        RuleId.PART_HELD,
                        Severity.MEND,
                        TestCards.raised()
                                .add("window")
                                .set("window", "shape", "rectangle")
                                .set("window", "shape.width", "100 mm")
                                .set("window", "shape.height", "143 mm")
                                .set("window", "across", "52.5 mm")
                                .set("window", "up", "74.25 mm")),
                arguments(RuleId.GLUED_SHUT, Severity.MEND, card().set("window", "on", "front")),
                arguments(RuleId.DAM_CLOSED, Severity.MEND, card().set("shaker", "filling", "sand")),
                arguments(RuleId.DAM_FITS, Severity.MEND, card().set("window", "shape.diameter", "3 in")),
                arguments(
                        RuleId.DAMS_OVERLAP,
                        Severity.MEND,
                        card().add("window")
                                .set("window-2", "up", "4 1/2 in")
                                .add("shaker")
                                .set("shaker-2", "window", "window-2")),
                arguments(
                        RuleId.UNPLACED,
                        Severity.MEND,
                        card().set("base", "card", "moss-270")
                                .set("base", "fold", "top")
                                .set("base", "width", "200 mm")
                                .set("base", "height", "140 mm")),
                arguments(
                        RuleId.TRIMMER_SHORT,
                        Severity.WORKS,
                        TestCards.raised()
                                .set("base", "width", "150 mm")
                                .set("base", "height", "304 mm")
                                .set("base", "card", "moss-270")),
                arguments(
                        RuleId.LONG_THREAD,
                        Severity.MEND,
                        TestCards.of("luggage-label.json").set("brief", "smallChild", "true")),
                arguments(
                        RuleId.LEAF_PAST,
                        Severity.MEND,
                        TestCards.of("level-crossing.json")
                                .set("base", "closing", "overlapping")
                                .set("base", "overlap", "100 mm")
                                .set("base", "leftShare", "60")),
                arguments(
                        RuleId.OPENING_BACKED,
                        Severity.MEND,
                        TestCards.raised()
                                .add("motif")
                                .set("motif", "shape", "rectangle")
                                .set("motif", "shape.width", "38 mm")
                                .set("motif", "shape.height", "64 mm")
                                .set("motif", "across", "52.5 mm")
                                .set("motif", "up", "74.25 mm")
                                .add("frame")
                                .set("frame", "across", "52.5 mm")
                                .set("frame", "up", "74.25 mm")),
                arguments(RuleId.STRIPS_FOLLOW, Severity.WATCH, card().set("window", "shape", "oval")),
                arguments(RuleId.BEND_WIDTH, Severity.WATCH, card().set("shaker", "make", "bent-strip")),
                arguments(RuleId.FOAM_FORM, Severity.MEND, card().set("shaker", "make", "one-piece")),
                arguments(
                        RuleId.DEPTH,
                        Severity.MEND,
                        card().set("shaker", "foam", "foam-tape-1").set("shaker", "filling", "beads-15")),
                arguments(RuleId.TUMBLE, Severity.WATCH, card().set("shaker", "filling", "beads-15")),
                arguments(RuleId.MARGIN_EDGE, Severity.MEND, card().set("window", "up", "7 1/4 in")),
                arguments(RuleId.MARGIN_WEB, Severity.MEND, card().add("window").set("window-2", "up", "4 1/2 in")),
                arguments(RuleId.FILM_OVERLAP, Severity.MEND, card().set("shaker", "overlap", "1/16 in")),
                arguments(RuleId.FILM_HIDDEN, Severity.MEND, card().set("shaker", "overlap", "1/2 in")),
                arguments(
                        RuleId.FOAM_HIDDEN, Severity.MEND, card().add("window").set("window-2", "up", "5 1/4 in")),
                arguments(RuleId.DAM_RIDGE, Severity.WATCH, card().set("shaker", "overlap", "1/4 in")),
                arguments(RuleId.LEVEL, Severity.MEND, card().set("panel", "fixing", "glue")),
                arguments(RuleId.OVERHANG, Severity.MEND, card().set("sentiment", "across", "3 1/4 in")),
                arguments(RuleId.COVERS_WINDOW, Severity.WATCH, card().set("sentiment", "up", "6 in")),
                arguments(RuleId.WRITING, Severity.MEND, card().remove("liner").set("base", "card", "damson-300")),
                arguments(RuleId.RUNS_TOGETHER, Severity.WATCH, card().set("liner", "card", "slate-300")),
                arguments(RuleId.TEXT_CONTRAST, Severity.WATCH, card().set("sentiment", "card", "damson-300")),
                arguments(RuleId.SHADES_CLOSE, Severity.WATCH, shaded("#587187", "#5a7389")),
                arguments(RuleId.SHADES_FAR, Severity.WATCH, shaded("#cfe0ee", "#22303a")),
                arguments(
                        RuleId.ORDER_CONTRADICTS,
                        Severity.WATCH,
                        new TestCards(CardEdit.of(card().spec()).wish(new OrderWish("close panel", "fill shaker")))),
                arguments(RuleId.STOCK_SHORT, Severity.WATCH, card().set("brief", "cards", "200")),
                arguments(
                        RuleId.TOO_MANY_PARTS,
                        Severity.MEND,
                        card().set("brief", "cards", "500").set("shaker", "strips", "40")),
                arguments(RuleId.DIE_MISSING, Severity.WATCH, card().set("window", "shape.diameter", "2 1/8 in")),
                arguments(RuleId.ROLL_SHORT, Severity.WATCH, card().set("brief", "cards", "60")),
                arguments(RuleId.ROLL_NARROW, Severity.MEND, card().set("shaker", "foamWidth", "5/8 in")),
                arguments(RuleId.DEADLINE, Severity.MEND, dozens().set("brief", "due", "2026-11-25")),
                arguments(RuleId.DEADLINE, Severity.MEND, card().set("brief", "due", "2026-11-24")),
                arguments(RuleId.DEADLINE, Severity.WORKS, card().set("brief", "due", "2026-11-28")),
                arguments(RuleId.ENVELOPE_SIZE, Severity.MEND, card().set("brief", "envelope", "quarter")),
                arguments(
                        RuleId.ENVELOPE_THICKNESS,
                        Severity.WATCH,
                        card().set("shaker", "layers", "2").set("panel", "fixing", "foam-tape-3")),
                arguments(
                        RuleId.ENVELOPE_WEIGHT,
                        Severity.WATCH,
                        card().set("base", "width", "280 mm").set("base", "height", "290 mm")),
                arguments(RuleId.SHEET_SIZE, Severity.MEND, card().set("base", "width", "7 in")),
                arguments(
                        RuleId.SHEET_STOCK,
                        Severity.WATCH,
                        card().set("sentiment", "card", "white-120").set("sentiment", "card", "parchment")),
                arguments(
                        RuleId.GRAIN,
                        Severity.WATCH,
                        card().set("base", "card", "moss-270")
                                .set("base", "fold", "top")
                                .set("base", "width", "200 mm")
                                .set("base", "height", "140 mm")),
                arguments(RuleId.SMALL_PARTS, Severity.MEND, card().set("brief", "smallChild", "true")));
    }

    private static TestCards shaded(String light, String dark) {
        return card().add("treatment")
                .set("treatment", "colour", light)
                .add("treatment")
                .set("treatment-2", "colour", dark);
    }

    private static TestCards dozens() {
        return card().set("brief", "cards", "60");
    }

    private static TestCards own(String path) {
        return TestCards.raised().add("motif").set("motif", "shape", "own").set("motif", "shape.path", path);
    }

    private static TestCards station() {
        return TestCards.of("upper-station.json");
    }

    private static String manyCorners() {
        StringBuilder path = new StringBuilder("M");
        for (int i = 0; i < 3000; i++) {
            double a = 2 * Math.PI * i / 3000;
            path.append(i == 0 ? "" : "L")
                    .append(50 + 40 * Math.cos(a))
                    .append(' ')
                    .append(50 + 40 * Math.sin(a));
        }
        return path.append('Z').toString();
    }

    /** The same for what moves, stands and folds. */
    static Stream<Arguments> structures() {
        TestCards rider = TestCards.raised().add("rider");
        TestCards sign = TestCards.of("platform-sign.json");
        TestCards framed = TestCards.raised()
                .add("frame")
                .set("frame", "fixing", "dots")
                .add("motif")
                .set("motif", "on", "frame")
                .set("motif", "shape.diameter", "12 mm")
                .set("motif", "across", "31 mm")
                .set("motif", "up", "74 mm");
        return Stream.of(
                arguments(
                        RuleId.NO_TRAVEL,
                        Severity.MEND,
                        rider.set("rider", "path.run", "0 mm").set("rider", "path.rise", "0 mm")),
                arguments(RuleId.OUTLINE_OPEN, Severity.MEND, own("M0 0L10 0L10 10")),
                arguments(RuleId.OUTLINE_CROSSES, Severity.MEND, own("M0 0L10 10L10 0L0 10Z")),
                arguments(RuleId.OUTLINE_UNREADABLE, Severity.MEND, own("a lamp")),
                arguments(RuleId.OUTLINE_SIMPLIFIED, Severity.WATCH, own(manyCorners())),
                arguments(
                        RuleId.FOAM_BEHIND,
                        Severity.MEND,
                        TestCards.raised()
                                .add("motif")
                                .set("motif", "on", "outside-back")
                                .set("motif", "fixing", "foam-tape-1")),
                arguments(
                        RuleId.REVERSE_SHARED,
                        Severity.MEND,
                        TestCards.raised()
                                .add("motif")
                                .set("motif", "on", "inside-left")
                                .add("motif")
                                .set("motif-2", "on", "inside-left")),
                arguments(
                        RuleId.PICTURES_MIX,
                        Severity.MEND,
                        TestCards.of("cable-drum.json")
                                .set("cable", "shows", "three")
                                .set("cable", "travel", "20 mm")),
                arguments(
                        RuleId.LETTERS_MISSING,
                        Severity.MEND,
                        TestCards.raised().add("sentiment").set("sentiment", "text", "ἀγάπη ok")),
                arguments(
                        RuleId.WORDS_BENT,
                        Severity.MEND,
                        TestCards.raised()
                                .add("sentiment")
                                .set("sentiment", "course", "arch")
                                .set("sentiment", "course.radius", "5 mm")),
                arguments(
                        RuleId.WORD_LOOSE,
                        Severity.WATCH,
                        TestCards.raised().add("word").set("word", "letters", "plain")),
                arguments(
                        RuleId.STRAIGHT_EDGE,
                        Severity.WATCH,
                        TestCards.of("ticket.json").set("base", "outline", "lantern")),
                arguments(
                        RuleId.PATH_READ,
                        Severity.MEND,
                        rider.set("rider", "path", "legs").set("rider", "path.legs", "20 mm; up")),
                arguments(
                        RuleId.STEPS_CLOSE,
                        Severity.MEND,
                        TestCards.of("terraces.json").set("base", "middle.rise", "1 in")),
                arguments(RuleId.STANDS, Severity.MEND, sign.set("base", "crease", "80 mm")),
                arguments(RuleId.STOP_HEIGHT, Severity.MEND, sign.set("base", "stop", "foam-tape-1")),
                arguments(RuleId.TIPS, Severity.MEND, TestCards.of("bad/falling-easel.json")),
                arguments(RuleId.BLOCKED, Severity.MEND, TestCards.of("bad/door-glued-shut.json")),
                arguments(RuleId.CLEARANCE, Severity.MEND, station().set("car", "path.rise", "4 in")),
                arguments(RuleId.RETAINED, Severity.MEND, station().set("car", "hold", "1/16 in")),
                arguments(RuleId.LOCKS, Severity.MEND, TestCards.of("bad/locked-pull-strip.json")),
                arguments(RuleId.DEPTH_BEHIND, Severity.MEND, rider.set("panel", "fixing", "tape")),
                arguments(RuleId.REST_INSIDE, Severity.MEND, station().set("car", "path.across", "-1/2 in")),
                arguments(
                        RuleId.PICTURE_FILLS,
                        Severity.MEND,
                        TestCards.of("cable-drum.json").set("cable", "engaged", "60 mm")),
                arguments(
                        RuleId.PICTURE_NARROW,
                        Severity.MEND,
                        TestCards.of("cable-drum.json").set("cable", "width", "1 in")),
                arguments(
                        RuleId.PICTURES_APART,
                        Severity.MEND,
                        TestCards.of("turntable.json").set("wheel", "pictures", "12")),
                arguments(
                        RuleId.WINDOW_FILLED,
                        Severity.MEND,
                        TestCards.of("turntable.json").set("wheel", "radius", "1 in")),
                arguments(
                        RuleId.RIM_REACHED,
                        Severity.MEND,
                        TestCards.of("turntable.json").set("wheel", "radius", "1 1/2 in")),
                arguments(
                        RuleId.HANGING_COUNT,
                        Severity.MEND,
                        TestCards.of("viaduct.json").set("bridge", "pieces", "6")),
                arguments(
                        RuleId.HANGING_LOW,
                        Severity.MEND,
                        TestCards.of("viaduct.json").set("bridge", "drop", "48 mm")),
                arguments(RuleId.FLAPS_COLLIDE, Severity.MEND, TestCards.of("bad/flaps-that-collide.json")),
                arguments(RuleId.FLAP_GAP, Severity.MEND, TestCards.of("bad/flaps-that-collide.json")),
                arguments(
                        RuleId.GUSSET,
                        Severity.MEND,
                        card().add("mat").set("mat", "on", "inside").set("mat", "fixing", "foam-tape-2")),
                arguments(
                        RuleId.GLUE_FREE,
                        Severity.WATCH,
                        TestCards.of("bad/door-glued-shut.json").set("panel", "fixing", "glue")),
                arguments(
                        RuleId.GLUE_FREE,
                        Severity.MEND,
                        TestCards.of("bad/door-glued-shut.json").set("panel", "fixing", "sheet-adhesive")),
                arguments(RuleId.BAND_EVEN, Severity.WATCH, sign.set("frame", "innerWidth", "2 in")),
                arguments(RuleId.BAND_LEFT, Severity.MEND, sign.set("frame", "innerWidth", "4 in")),
                arguments(
                        RuleId.FLAT_PIECES,
                        Severity.MEND,
                        TestCards.of("carriage-windows.json").set("pouch", "filling", "beads-15")),
                arguments(RuleId.SPAN, Severity.WATCH, TestCards.of("turntable.json")),
                arguments(RuleId.TILTS, Severity.WATCH, framed),
                arguments(RuleId.TUCK_APART, Severity.WATCH, tucked(card(), "10 mm", "glue")),
                arguments(RuleId.TUCK_HIGH, Severity.MEND, tucked(card(), "45 mm", "foam-tape-2")),
                arguments(RuleId.TUCK_DEEP, Severity.MEND, tucked(card(), "60 mm", "glue")),
                arguments(
                        RuleId.TUCK_CIRCLE,
                        Severity.MEND,
                        tucked(card(), "60 mm", "glue")
                                .add("motif")
                                .set("motif-3", "up", "60 mm")
                                .tucked("motif-3", "motif-2")),
                arguments(
                        RuleId.FOAM_SEEN,
                        Severity.WATCH,
                        card().add("motif")
                                .set("motif", "shape", "rectangle")
                                .set("motif", "shape.width", "1.6 mm")
                                .set("motif", "fixing", "foam-tape-1")),
                arguments(
                        RuleId.PLATE,
                        Severity.WATCH,
                        TestCards.raised().set("base", "height", "240 mm").add("cover-plate")),
                arguments(
                        RuleId.PLATE,
                        Severity.MEND,
                        TestCards.raised()
                                .set("base", "width", "200 mm")
                                .set("base", "height", "200 mm")
                                .add("cover-plate")));
    }

    /** A second cut-out so far up under the edge of one in the middle. */
    private static TestCards tucked(TestCards card, String up, String fixing) {
        return card.add("motif")
                .set("motif", "up", "60 mm")
                .set("motif", "shape.diameter", "20 mm")
                .add("motif")
                .set("motif-2", "shape.diameter", "20 mm")
                .set("motif-2", "up", up)
                .set("motif-2", "fixing", fixing)
                .tucked("motif-2", "motif");
    }
}
