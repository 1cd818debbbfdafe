package dev.schachtel.core.scene;

import java.util.List;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.assembly.Rehearsal;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Face;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Element;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Motif;
import dev.schachtel.core.drawing.Mark;
import dev.schachtel.core.drawing.Views;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.edit.Positions;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Lab;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.work.WorkKind;

import static dev.schachtel.core.scene.TestScenes.picture;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Every face that a card offers takes a scene: panels, leaves, steps, doors, bridges, the film and the floor of a shaker. */
class FacesTest {
    private static List<String> demoCards() {
        return TestCards.files();
    }

    private static Build engineered(CardSpec spec) {
        return Engineering.engineer(spec, TestCards.WORKSHOP);
    }

    private static Scenery scenery(CardSpec spec, Id on) {
        return Scenery.of(engineered(spec), TestCards.WORKSHOP, on).orElseThrow();
    }

    private static CardSpec put(CardSpec spec, Id on, String picture, Point at, double scale) {
        return Room.placed(spec, on, picture(picture), new Room.Put(at, scale, Room.card(TestCards.WORKSHOP)));
    }

    /** It lies on the face it was put on, above it, is found in its scene and seen in its drawing. */
    @ParameterizedTest
    @MethodSource("demoCards")
    void aPictureLiesOnEveryFace(String file) {
        CardSpec spec = TestCards.of(file).spec();
        for (Face face : engineered(spec).faces()) {
            Box box = face.outline().bounds();
            Picture star = picture("star");
            double scale = Math.min(0.6, 0.5 * Math.min(box.width(), box.height()) / Mm.of(star.width()));
            Build build = engineered(put(spec, face.name(), "star", box.centre(), scale));
            Id piece = build.spec()
                    .elements()
                    .get(build.spec().elements().size() - 1)
                    .id();
            Scenery scenery = Scenery.of(build, TestCards.WORKSHOP, face.name()).orElseThrow();
            assertThat(scenery.pieces()).extracting(Placed::id).contains(piece);
            assertThat(scenery.face().bounds()).isEqualTo(box);
            Level lies = build.levels().stream()
                    .filter(l -> l.slab().part().owner().equals(piece) && build.isCard(l))
                    .findFirst()
                    .orElseThrow();
            Level carrier = build.level(face.slab()).orElseThrow();
            assertThat(
                            face.isUnder()
                                    ? carrier.bottom().isBelow(lies.top())
                                    : lies.bottom().isBelow(carrier.top()))
                    .as("%s on %s", file, face.name())
                    .isFalse();
            List<Id> drawn = Views.face(build, face.name()).marks().stream()
                    .flatMap(m -> m instanceof Mark.Moving moving ? moving.marks().stream() : Stream.of(m))
                    .filter(Mark.Area.class::isInstance)
                    .flatMap(m -> ((Mark.Area) m).of().stream())
                    .toList();
            Id under = carrier.slab().part().owner();
            assertThat(drawn.lastIndexOf(piece))
                    .as("%s on %s", file, face.name())
                    .isGreaterThan(drawn.indexOf(under));
        }
    }

    /**
     * Inside the front and on the back a piece lies left for right, or upside down on a card that opens upwards; it makes the card
     * thicker by card and glue, is glued in a step of its own, and lies flat.
     */
    @ParameterizedTest
    @CsvSource({"side,inside-left,80,30", "side,outside-back,80,30", "top,inside-top,20,70", "top,outside-back,80,30"})
    void onTheFarSideAPieceLiesTurnedOver(String fold, Id on, double x, double y) {
        CardSpec plain = CardEdit.of(TestCards.raised().remove("panel").spec()).set(Id.BASE, "width", "100 mm");
        plain = CardEdit.of(CardEdit.of(plain).set(Id.BASE, "height", "100 mm")).set(Id.BASE, "fold", fold);
        CardSpec spec = put(plain, on, "goat", new Point(20, 30), 0.8);
        Build before = engineered(plain);
        Build build = engineered(spec);
        Part goat = build.parts().stream()
                .filter(p -> p.name().equals("Goat"))
                .findFirst()
                .orElseThrow();
        Level lies = build.level(SlabId.of(goat.id())).orElseThrow();
        Point middle = lies.slab().footprints().get(0).bounds().centre();
        assertThat(middle.distanceTo(new Point(x, y))).isLessThan(0.05);
        assertThat(scenery(spec, on).pieces().get(0).outline().bounds().centre().distanceTo(new Point(20, 30)))
                .isLessThan(0.05);
        Length glue = TestCards.WORKSHOP.all(Adhesive.class).stream()
                .filter(a -> a.id().equals(((Motif) spec.elements().get(0)).fixing()))
                .findFirst()
                .orElseThrow()
                .thickness();
        assertThat(build.thickness())
                .isEqualTo(before.thickness().plus(goat.material().thickness()).plus(glue));
        Plan plan = Planner.plan(spec, TestCards.WORKSHOP);
        assertThat(plan.assembly().steps())
                .filteredOn(s -> s.op().effect().laid().contains(goat.id()))
                .singleElement()
                .satisfies(s -> assertThat(s.op().is(WorkKind.GLUE_BEHIND)).isTrue());
        assertThat(Rehearsal.of(build, plan.assembly())).isEmpty();
        assertThat(CardFile.read(CardFile.write(spec), TestCards.WORKSHOP)).isEqualTo(spec);
        CardSpec raised = PieceAct.RAISE.apply(spec, goat.owner(), TestCards.WORKSHOP);
        assertThat(Planner.plan(raised, TestCards.WORKSHOP)
                        .findings()
                        .of(RuleId.FOAM_BEHIND)
                        .all())
                .hasSize(1);
    }

    /** Two that meet on the back lie flat there: neither goes under the other, whatever a card file says, and one must move. */
    @Test
    void nothingIsTuckedInOnTheBack() {
        CardSpec spec = put(TestCards.raised().spec(), Id.OUTSIDE_BACK, "goat", new Point(40, 60), 0.8);
        spec = put(spec, Id.OUTSIDE_BACK, "star", new Point(46, 62), 0.8);
        List<Id> two = spec.elements().stream()
                .filter(Motif.class::isInstance)
                .map(Element::id)
                .toList();
        CardSpec tucked = CardEdit.of(spec).tucked(two.get(1), two.get(0));
        Plan plan = Planner.plan(tucked, TestCards.WORKSHOP);
        assertThat(plan.findings().of(RuleId.REVERSE_SHARED).all()).hasSize(1);
        assertThat(plan.assembly().steps()).noneMatch(s -> s.op().is(WorkKind.TUCK) || s.op().is(WorkKind.PRESS_EDGE));
    }

    /** Behind a rise a piece lies left for right within it, hangs on the blank, and can be built. */
    @ParameterizedTest
    @ValueSource(strings = {"left-2-back", "middle-1-back", "right-2-back"})
    void aStepperHasBacks(Id on) {
        CardSpec plain = TestCards.of("terraces.json").spec();
        Face face = engineered(plain).face(on).orElseThrow();
        Box rise = face.outline().bounds();
        Point seen = new Point(rise.left() + 0.4 * rise.width(), rise.centre().y());
        CardSpec spec = put(plain, on, "star", seen, 0.4);
        Build build = engineered(spec);
        Part star = build.parts().stream()
                .filter(p -> p.name().equals("Star"))
                .findFirst()
                .orElseThrow();
        Level lies = build.level(SlabId.of(star.id())).orElseThrow();
        Box at = lies.slab().footprints().get(0).bounds();
        assertThat(rise.holds(at)).isTrue();
        assertThat(at.centre().x()).isEqualTo(rise.left() + 0.6 * rise.width(), within(0.3));
        assertThat(lies.top().isBelow(build.level(face.slab()).orElseThrow().bottom()))
                .isTrue();
        Plan plan = Planner.plan(spec, TestCards.WORKSHOP);
        assertThat(plan.findings().of(Severity.MEND).all()).isEmpty();
        assertThat(Rehearsal.of(build, plan.assembly())).isEmpty();
        assertThat(CardFile.read(CardFile.write(spec), TestCards.WORKSHOP)).isEqualTo(spec);
    }

    /** A door is no place for what lies on the leaf that it is cut in; the remedy moves it off. */
    @Test
    void aDoorStaysFree() {
        CardSpec door = put(TestCards.of("guards-door.json").spec(), Id.FRONT, "star", new Point(54, 60), 1);
        Id star = door.elements().get(door.elements().size() - 1).id();
        Fact said = Sitting.of(scenery(door, Id.FRONT)).stream()
                .filter(f -> f.kind() == Fact.Kind.KEEP_CLEAR && f.pieces().contains(star))
                .findFirst()
                .orElseThrow();
        CardSpec mended = said.fix(0).orElseThrow().edit().apply(door);
        assertThat(Sitting.of(scenery(mended, Id.FRONT))).noneMatch(f -> f.kind() == Fact.Kind.KEEP_CLEAR);
    }

    @Test
    void whatLiesOnFilmHidesTheFilling() {
        CardSpec shaker = TestCards.of("upper-station.json").spec();
        Build plain = engineered(shaker);
        Chamber chamber = plain.chambers().get(0);
        Outline window = plain.face(chamber.owner()).orElseThrow().outline();
        CardSpec starred = put(shaker, chamber.owner(), "star", window.bounds().centre(), 0.5);
        Scenery on = scenery(starred, chamber.owner());
        double share = 100
                * on.pieces().get(0).outline().area().squareMillimetres()
                / window.area().squareMillimetres();
        Fact hides = Sitting.of(on).stream()
                .filter(f -> f.kind() == Fact.Kind.HIDES)
                .findFirst()
                .orElseThrow();
        assertThat(hides.figure()).isEqualTo(share, within(1.0));
        assertThat(hides.severity()).isEqualTo(Severity.WORKS);
        CardSpec large = put(shaker, chamber.owner(), "moon", window.bounds().centre(), 2);
        assertThat(Sitting.of(scenery(large, chamber.owner())))
                .filteredOn(f -> f.kind() == Fact.Kind.HIDES)
                .singleElement()
                .satisfies(f -> assertThat(f.figure()).isGreaterThan(50))
                .satisfies(f -> assertThat(f.severity()).isEqualTo(Severity.WATCH));
        Build build = engineered(starred);
        Part film = build.part(chamber.film()).orElseThrow();
        assertThat(build.joints())
                .anyMatch(j -> j.lower().toString().equals(film.id().toString())
                        && j.upper().toString().equals(on.pieces().get(0).id().toString()));
    }

    /** Gaps narrower than a piece of the filling and 1 mm are told, with how wide they are; wider ones aren't. */
    @Test
    void aFillingGetsStuckInNarrowGaps() {
        CardSpec shaker = TestCards.of("upper-station.json").spec();
        Build plain = engineered(shaker);
        Chamber chamber = plain.chambers().get(0);
        Id floor = plain.faces().stream()
                .filter(f -> f.slab().equals(chamber.behind()))
                .map(Face::name)
                .findFirst()
                .orElseThrow();
        Box clear = chamber.clear().bounds();
        double grain = Mm.of(chamber.filling().diameter());
        double wide = Mm.of(picture("star").width()) * 0.5;
        for (double gap : new double[] {0.1, grain / 2, grain + 0.6, grain + 1.4, grain + 3}) {
            Point at = new Point(clear.left() + gap + wide / 2, clear.centre().y());
            List<Fact> stuck = Sitting.of(scenery(put(shaker, floor, "star", at, 0.5), floor)).stream()
                    .filter(f -> f.kind() == Fact.Kind.STUCK)
                    .toList();
            if (gap > 0.3 && gap < grain + 1) {
                assertThat(stuck).hasSize(1);
                assertThat(stuck.get(0).figure()).isEqualTo(gap, within(0.3));
                assertThat(stuck.get(0).severity()).isEqualTo(Severity.WATCH);
                assertThat(stuck.get(0).fixes()).isNotEmpty();
            } else {
                assertThat(stuck).isEmpty();
            }
        }
    }

    /** The goat in front lies under the conductor behind: told once, and bringing it forward mends it. */
    @Test
    void whatStandsNearerLiesOver() {
        CardSpec spec = TestCards.raised().spec();
        Id panel = new Id("panel");
        CardSpec wrong = put(put(spec, panel, "goat", new Point(40, 30), 1), panel, "conductor", new Point(44, 40), 1);
        Fact behind = Sitting.of(scenery(wrong, panel)).stream()
                .filter(f -> f.kind() == Fact.Kind.BEHIND)
                .findFirst()
                .orElseThrow();
        CardSpec mended = behind.fix(0).orElseThrow().edit().apply(wrong);
        assertThat(Sitting.of(scenery(mended, panel))).noneMatch(f -> f.kind() == Fact.Kind.BEHIND);
    }

    /** The goat in front lies flat, the conductor beside it, farther, on foam: told with the foam's height, and mended by foam. */
    @Test
    void whatStandsNearerStandsOut() {
        CardSpec spec = TestCards.raised().spec();
        Id panel = new Id("panel");
        CardSpec both =
                put(put(spec, panel, "goat", new Point(35, 40), 0.8), panel, "conductor", new Point(66, 60), 0.8);
        List<Placed> there = scenery(both, panel).pieces();
        Box goat = there.get(0).outline().bounds();
        Box conductor = there.get(1).outline().bounds();
        both = Positions.moved(
                both,
                there.get(1).id(),
                Mm.length(goat.right() + 4 - conductor.left()),
                Mm.length(goat.bottom() + 6 - conductor.bottom()));
        List<Id> ids = both.elements().stream().map(e -> e.id()).toList();
        assertThat(Sitting.of(scenery(both, panel))).noneMatch(f -> f.kind() == Fact.Kind.FLATTER);
        CardSpec wrong = PieceAct.RAISE.apply(both, ids.get(ids.size() - 1), TestCards.WORKSHOP);
        Fact told = Sitting.of(scenery(wrong, panel)).stream()
                .filter(f -> f.kind() == Fact.Kind.FLATTER)
                .findFirst()
                .orElseThrow();
        double foam = TestCards.WORKSHOP.all(Foam.class).stream()
                .filter(f -> f.form() != Foam.Form.SHEET)
                .mapToDouble(f -> Mm.of(f.thickness()))
                .min()
                .orElseThrow();
        assertThat(told.figure()).isEqualTo(foam, within(0.15));
        CardSpec mended = told.fix(0).orElseThrow().edit().apply(wrong);
        assertThat(Sitting.of(scenery(mended, panel))).noneMatch(f -> f.kind() == Fact.Kind.FLATTER);
    }

    /** Of two trees the nearer is cut from card like the panel: told, and mended by the card of the other. */
    @Test
    void whatStandsNearerIsNotPaler() {
        CardSpec spec = TestCards.raised().spec();
        Id panel = new Id("panel");
        CardSpec both =
                put(put(spec, panel, "small-tree", new Point(30, 40), 1), panel, "small-tree", new Point(70, 55), 1);
        assertThat(Sitting.plain(scenery(both, panel))).noneMatch(f -> f.kind() == Fact.Kind.PALER);
        Scenery there = scenery(both, panel);
        Scenery paler = there.with(there.pieces().get(0).coloured(there.ground()));
        Fact told = Sitting.of(paler).stream()
                .filter(f -> f.kind() == Fact.Kind.PALER)
                .findFirst()
                .orElseThrow();
        assertThat(told.pieces().get(0)).isEqualTo(there.pieces().get(0).id());
        Lab ground = there.ground().lab();
        assertThat(told.figure()).isEqualTo(there.pieces().get(1).colour().lab().apart(ground), within(0.01));
        assertThat(told.fixes()).extracting(Fact.Fix::kind).containsExactly(Fact.Fix.Kind.SAME_CARD);
        assertThat(Sitting.of(told.fixes().get(0).scene().apply(paler))).noneMatch(f -> f.kind() == Fact.Kind.PALER);
    }

    /** The conductor's face lies a third of the way down from his cap: a star on it is told, one on his coat isn't; mirrored too. */
    @ParameterizedTest
    @CsvSource({"false,0,true", "true,0,true", "false,0.3,false"})
    void aFaceIsSeenWholly(boolean mirrored, double high, boolean told) {
        Id panel = new Id("panel");
        CardSpec spec = put(TestCards.raised().spec(), panel, "conductor", new Point(50, 60), 2);
        Id conductor = spec.elements().get(spec.elements().size() - 1).id();
        spec = CardEdit.of(spec).set(conductor, "mirrored", Boolean.toString(mirrored));
        Placed lies = scenery(spec, panel).pieces().get(0);
        Box face = lies.faceNow().orElseThrow().bounds();
        Box all = lies.outline().bounds();
        assertThat(all.grown(0.01).holds(face)).isTrue();
        Point on = told ? face.centre() : new Point(all.centre().x(), all.bottom() + high * all.height());
        CardSpec starred = put(spec, panel, "star", on, 0.8);
        List<Fact> facts = Sitting.of(scenery(starred, panel));
        assertThat(facts.stream().anyMatch(f -> f.kind() == Fact.Kind.FACE_HIDDEN))
                .isEqualTo(told);
        if (told) {
            Fact hidden = facts.stream()
                    .filter(f -> f.kind() == Fact.Kind.FACE_HIDDEN)
                    .findFirst()
                    .orElseThrow();
            double star =
                    scenery(starred, panel).pieces().get(1).outline().area().squareMillimetres();
            double oval = Math.PI / 4 * face.width() * face.height();
            assertThat(hidden.figure())
                    .isLessThanOrEqualTo(100 * star / oval + 2)
                    .isGreaterThan(5);
            CardSpec mended = hidden.fix(0).orElseThrow().edit().apply(starred);
            assertThat(Sitting.plain(scenery(mended, panel))).noneMatch(f -> f.kind() == Fact.Kind.FACE_HIDDEN);
        }
    }

    /** Feet over or under a drawn line are told and set on it; the line costs no paper and is drawn across its face. */
    @Test
    void feetStandOnADrawnLine() {
        Id panel = new Id("panel");
        CardSpec lined = TestCards.raised()
                .add("ground-line")
                .set("ground-line", "up", "30 mm")
                .spec();
        assertThat(engineered(lined).parts())
                .hasSameSizeAs(engineered(TestCards.raised().spec()).parts());
        double half = Mm.of(picture("goat").height()) / 2;
        for (double over : new double[] {4, -4, 0.2}) {
            CardSpec spec = put(lined, panel, "goat", new Point(50, 30 + over + half), 1);
            Fact feet = Sitting.of(scenery(spec, panel)).stream()
                    .filter(f -> f.kind() == Fact.Kind.GROUND)
                    .findFirst()
                    .orElseThrow();
            if (Math.abs(over) < 0.5) {
                assertThat(feet.severity()).isEqualTo(Severity.WORKS);
            } else {
                assertThat(feet.figure()).isEqualTo(over, within(0.01));
                CardSpec mended = feet.fix(0).orElseThrow().edit().apply(spec);
                assertThat(scenery(mended, panel).pieces().get(0).foot().y()).isEqualTo(30, within(0.02));
            }
        }
        assertThat(Views.face(engineered(lined), panel, scenery(lined, panel).lines())
                        .marks())
                .anyMatch(m ->
                        m instanceof Mark.Line l && l.points().stream().allMatch(p -> Math.abs(p.y() - 30) < 1e-6));
    }
}
