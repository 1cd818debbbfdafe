package dev.schachtel.core.engineering;

import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.VFold;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.motion.Space;
import dev.schachtel.core.pose.Linkage;
import dev.schachtel.core.pose.Rigid;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Mm;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.params.provider.Arguments.arguments;

/** What stands up in a fold, against closed forms. */
class PopUpTest {
    private static final TestCards TOP = TestCards.empty(
            "{\"kind\": \"flat-fold\", \"width\": \"178 mm\", \"height\": \"127 mm\", \"fold\": \"top\"}");
    private static final TestCards SIDE = TestCards.empty(
            "{\"kind\": \"flat-fold\", \"width\": \"127 mm\", \"height\": \"178 mm\", \"fold\": \"side\"}");

    private static TestCards box(TestCards card) {
        return card.add("pop-up-box")
                .set("pop-up-box", "deep", "40 mm")
                .set("pop-up-box", "high", "25 mm")
                .set("pop-up-box", "wide", "30 mm");
    }

    /**
     * The crease of a V-fold against the fold, by the closed form of its engineer: all four lines meet in the tip, so the crease has the angle b with
     * both glue lines.
     */
    @Test
    void theCreaseOfAVFoldRisesAsTheClosedFormSays() {
        for (int[] angles : new int[][] {{60, 90}, {45, 90}, {70, 100}, {30, 60}, {50, 80}}) {
            for (TestCards card : List.of(v(TOP, angles), v(SIDE, angles))) {
                Build build = card.build();
                Space space = new Space(build);
                double a = Math.toRadians(angles[0]);
                double b = Math.toRadians(angles[1]);
                for (int degrees = 4; degrees <= 176; degrees += 4) {
                    Linkage.Pose pose = space.at(degrees / 180.0);
                    assertThat(pose.closed())
                            .as(angles[0] + " " + degrees + "°")
                            .isTrue();
                    double half = Math.cos(Math.toRadians(degrees) / 2);
                    double r = Math.hypot(Math.cos(a), Math.sin(a) * half);
                    double d = Math.atan2(Math.sin(a) * half, Math.cos(a)) + Math.acos(Math.cos(b) / r);
                    assertThat(rise(build, pose)).isCloseTo(Math.toDegrees(d), within(1e-5));
                }
            }
        }
    }

    private static TestCards v(TestCards card, int[] angles) {
        return card.add("v-fold").set("v-fold", "slant", "" + angles[0]).set("v-fold", "crease", "" + angles[1]);
    }

    /** Degrees between the fold, where the V opens, and its crease. */
    private static double rise(Build build, Linkage.Pose pose) {
        Hinge fold = build.mechanics().unfolding().hinges().get(1);
        Hinge crease = build.mechanics().unfolding().hinges().get(3);
        Vec along = pose.panels().get(1).direction(Vec.of(fold.from()).minus(Vec.of(fold.to())));
        Vec up = pose.panels().get(2).direction(Vec.of(crease.to()).minus(Vec.of(crease.from())));
        return Math.toDegrees(Math.acos(along.unit().dot(up.unit())));
    }

    /** Where the crease can't reach, it is taut at the opening that the formula gives, and says so. */
    @Test
    void aVFoldIsTautWhereTheFormulaSays() {
        TestCards card = v(TOP, new int[] {60, 50});
        VFold v = card.spec().find(new Id("v-fold"), VFold.class).orElseThrow();
        double taut = VFoldEngineer.taut(v);
        assertThat(Math.pow(Math.cos(Math.toRadians(taut / 2)), 2))
                .isCloseTo((Math.pow(Math.cos(Math.toRadians(50)), 2) - 0.25) / 0.75, within(1e-12));
        Space space = new Space(card.build());
        assertThat(space.at((taut - 1) / 180).closed()).isTrue();
        assertThat(space.at((taut + 2) / 180).closed()).isFalse();
        assertThat(space.at(0.999).loop()).isEqualTo("v-fold");
        assertThat(card.findings().of(RuleId.OPENS).all()).hasSize(1);
        assertThat(VFoldEngineer.taut(v(TOP, new int[] {60, 90})
                        .spec()
                        .find(new Id("v-fold"), VFold.class)
                        .orElseThrow()))
                .isEqualTo(180);
    }

    /** Each remedy of what is wrong with something that stands up makes that good, and nothing else to mend. */
    @ParameterizedTest
    @MethodSource("faulty")
    void everyRemedyMends(RuleId rule, TestCards card) {
        List<Finding> found = card.plan().findings().of(rule).all();
        assertThat(found).hasSize(1);
        assertThat(found.get(0).remedies()).isNotEmpty();
        for (Remedy remedy : found.get(0).remedies()) {
            assertThat(new TestCards(remedy.taken(card.spec()))
                            .findings()
                            .of(Severity.MEND)
                            .all())
                    .as(remedy.toString())
                    .isEmpty();
        }
    }

    static Stream<Arguments> faulty() {
        return Stream.of(
                arguments(RuleId.POP_UP_HIDDEN, box(TOP).set("pop-up-box", "high", "95 mm")),
                arguments(RuleId.TAB_ROOM, box(SIDE).set("pop-up-box", "tab", "30 mm")),
                arguments(RuleId.POP_UP_ALONG, box(TOP).set("pop-up-box", "off", "-90 mm")),
                arguments(RuleId.OPENS, v(TOP, new int[] {60, 50})),
                arguments(RuleId.TAB_ROOM, v(SIDE, new int[] {60, 90}).set("v-fold", "high", "7 mm")),
                arguments(RuleId.POP_UP_HIDDEN, v(SIDE, new int[] {80, 110})),
                arguments(RuleId.POP_UP_HIDDEN, v(TOP, new int[] {60, 90}).set("v-fold", "off", "75 mm")),
                arguments(
                        RuleId.POP_UP_GROUND,
                        steps(TOP)
                                .set("pop-up-box-2", "in", "pop-up-box-foot")
                                .set("pop-up-box-2", "deep", "15 mm")
                                .set("pop-up-box-2", "high", "27 mm")
                                .set("pop-up-box-2", "wide", "30 mm")
                                .set("pop-up-box-2", "tab", "5 mm")),
                arguments(
                        RuleId.POP_UP_GROUND,
                        steps(SIDE)
                                .set("pop-up-box-3", "in", "pop-up-box-back")
                                .set("pop-up-box-3", "deep", "45 mm")
                                .set("pop-up-box-3", "high", "12 mm")
                                .set("pop-up-box-3", "wide", "25 mm")
                                .set("pop-up-box-3", "tab", "5 mm")),
                arguments(
                        RuleId.POP_UP_ALONG,
                        steps(TOP)
                                .set("pop-up-box-3", "in", "pop-up-box-back")
                                .set("pop-up-box-3", "deep", "20 mm")
                                .set("pop-up-box-3", "high", "12 mm")
                                .set("pop-up-box-3", "wide", "70 mm")
                                .set("pop-up-box-3", "tab", "5 mm")),
                arguments(RuleId.POP_UP_GROUND, on(SIDE, "45 mm", "0 mm")),
                arguments(RuleId.POP_UP_ALONG, on(TOP, "15 mm", "-28 mm")),
                arguments(
                        RuleId.OPENS,
                        TOP.add("pop-up-roof")
                                .set("pop-up-roof", "foot", "40 mm")
                                .set("pop-up-roof", "slope", "30 mm")),
                arguments(RuleId.REVERSE_SHARED, box(TOP).add("pop-up-box")));
    }

    /** On a liner, on things stuck under it, with pieces on its faces: no two sheets are in one place of the shut card. */
    @Test
    void whateverLiesUnderItHasItsRoom() {
        TestCards lined = box(TOP).add("v-fold")
                .set("v-fold", "off", "-50 mm")
                .add("liner")
                .add("motif")
                .set("motif", "on", "inside")
                .set("motif", "across", "89 mm")
                .set("motif", "up", "45 mm")
                .add("motif")
                .set("motif-2", "on", "pop-up-box-front")
                .set("motif-2", "shape.diameter", "20 mm")
                .set("motif-2", "across", "89 mm")
                .set("motif-2", "up", "75 mm")
                .add("motif")
                .set("motif-3", "on", "v-fold-right")
                .set("motif-3", "shape.diameter", "15 mm")
                .set("motif-3", "across", "55 mm")
                .set("motif-3", "up", "95 mm");
        List<Level> levels = lined.build().levels();
        int over = 0;
        for (Level one : levels) {
            for (Level other : levels) {
                boolean higher = one.slab().id().compareTo(other.slab().id()) < 0;
                if (higher && lie(one, other)) {
                    over++;
                    assertThat(one.bottom().compareTo(other.top()) >= 0
                                    || other.bottom().compareTo(one.top()) >= 0)
                            .as(one.slab().name() + " and " + other.slab().name())
                            .isTrue();
                }
            }
        }
        assertThat(over).isGreaterThan(30);
    }

    private static boolean lie(Level one, Level other) {
        return one.slab().footprints().stream()
                .anyMatch(f -> other.slab().footprints().stream().anyMatch(f::overlaps));
    }

    /** Two tabs and two halves of 0.38 with their glue are 1.62 thick: one score takes 1.5, and the remedy makes room. */
    @Test
    void whatIsThickNeedsAGusset() {
        TestCards thick = TestCards.whole("winter-hill.json").set("cairn", "card", "slate-300");
        List<Finding> found = thick.findings().of(RuleId.GUSSET).all();
        assertThat(found).hasSize(1);
        assertThat(found.get(0).severity()).isEqualTo(Severity.MEND);
        assertThat(found.get(0).measured()).isEqualTo(new Amount.Thick(Length.ofMicrometres(4 * 380 + 100)));
        TestCards wide = new TestCards(found.get(0).remedies().get(0).taken(thick.spec()));
        assertThat(wide.findings().of(Severity.MEND).all()).isEmpty();
        assertThat(TestCards.whole("winter-hill.json")
                        .findings()
                        .of(Severity.MEND)
                        .all())
                .isEmpty();
    }

    /** Front and page, top and leaf are parallel at every opening: a parallelogram whose angle is that of the pages. */
    @Test
    void aBoxIsAParallelogram() {
        for (TestCards card : List.of(box(TOP), box(SIDE))) {
            Space space = new Space(card.build());
            for (int degrees = 3; degrees <= 180; degrees += 3) {
                Linkage.Pose pose = space.at(degrees / 180.0);
                assertThat(pose.closed()).as(degrees + "°, " + pose.gap()).isTrue();
                List<Rigid> at = pose.panels();
                Vec page = at.get(1).out();
                Vec leaf = at.get(0).out();
                assertThat(page.dot(leaf)).isCloseTo(Math.cos(Math.toRadians(degrees)), within(1e-9));
                assertThat(at.get(2).out().minus(leaf).length()).isLessThan(1e-6);
                assertThat(at.get(3).out().minus(page).length()).isLessThan(1e-6);
            }
        }
    }

    /** A step before its foot, one on its top, and one before that step's foot: all stay parallel to the two pages, whichever fold they stand in. */
    @Test
    void boxesStandOnEachOthersFaces() {
        for (TestCards base : List.of(TOP, SIDE)) {
            TestCards card = steps(base);
            Build build = card.build();
            Space space = new Space(build);
            for (int degrees = 3; degrees <= 180; degrees += 3) {
                Linkage.Pose pose = space.at(degrees / 180.0);
                assertThat(pose.closed()).as(degrees + "°, " + pose.gap()).isTrue();
                Vec page = pose.panels().get(1).out();
                Vec leaf = pose.panels().get(0).out();
                for (int box = 0; box < 4; box++) {
                    assertThat(pose.panels().get(2 + 2 * box).out().minus(leaf).length())
                            .isLessThan(1e-6);
                    assertThat(pose.panels().get(3 + 2 * box).out().minus(page).length())
                            .isLessThan(1e-6);
                }
            }
            assertThat(card.findings().of(Severity.MEND).all()).isEmpty();
        }
    }

    /** A V on the foot of a box. */
    private static TestCards on(TestCards base, String wide, String off) {
        return box(base.set("base", "gusset", "3 mm"))
                .set("pop-up-box", "wide", "60 mm")
                .add("v-fold")
                .set("v-fold", "in", "pop-up-box-foot")
                .set("v-fold", "wide", wide)
                .set("v-fold", "high", "12 mm")
                .set("v-fold", "off", off);
    }

    private static TestCards steps(TestCards base) {
        return box(base.set("base", "gusset", "4 mm"))
                .set("pop-up-box", "wide", "60 mm")
                .add("pop-up-box")
                .set("pop-up-box-2", "in", "pop-up-box-foot")
                .set("pop-up-box-2", "deep", "15 mm")
                .set("pop-up-box-2", "high", "14 mm")
                .set("pop-up-box-2", "wide", "30 mm")
                .set("pop-up-box-2", "tab", "5 mm")
                .add("pop-up-box")
                .set("pop-up-box-3", "in", "pop-up-box-back")
                .set("pop-up-box-3", "deep", "20 mm")
                .set("pop-up-box-3", "high", "12 mm")
                .set("pop-up-box-3", "wide", "25 mm")
                .set("pop-up-box-3", "tab", "5 mm")
                .add("pop-up-box")
                .set("pop-up-box-4", "in", "pop-up-box-2-foot")
                .set("pop-up-box-4", "deep", "9 mm")
                .set("pop-up-box-4", "high", "8 mm")
                .set("pop-up-box-4", "wide", "15 mm")
                .set("pop-up-box-4", "tab", "5 mm");
    }

    /** The ridge stands half-way between the feet, above their middle by what is left of its slopes. */
    @Test
    void aRoofIsAKite() {
        for (TestCards base : List.of(TOP, SIDE)) {
            TestCards card =
                    base.add("pop-up-roof").set("pop-up-roof", "foot", "30 mm").set("pop-up-roof", "slope", "38 mm");
            Space space = new Space(card.build());
            Hinge ridge = card.build().mechanics().unfolding().hinges().get(3);
            Hinge fold = card.build().mechanics().unfolding().hinges().get(1);
            for (int degrees = 5; degrees <= 180; degrees += 5) {
                Linkage.Pose pose = space.at(degrees / 180.0);
                assertThat(pose.closed()).as(degrees + "°").isTrue();
                double half = Math.toRadians(degrees) / 2;
                double apart = 30 * Math.sin(half);
                double high = 30 * Math.cos(half) + Math.sqrt(38 * 38 - apart * apart);
                Vec at = pose.panels().get(2).at(onFold(card.build(), ridge));
                Vec from = pose.panels().get(1).at(onFold(card.build(), fold));
                double across =
                        Math.sqrt(Math.pow(at.minus(from).length(), 2) - Math.pow(off(pose, fold, at.minus(from)), 2));
                assertThat(across).as(degrees + "°").isCloseTo(high, within(1e-6));
            }
        }
    }

    /** Half-way between both leaves, where the card's fold is. */
    private static Vec onFold(Build build, Hinge hinge) {
        double[] heights = build.mechanics().unfolding().panels().stream()
                .limit(2)
                .flatMap(p -> build.level(p.slab()).stream())
                .flatMapToDouble(l -> DoubleStream.of(Mm.of(l.bottom()), Mm.of(l.top())))
                .sorted()
                .toArray();
        return new Vec(hinge.from().x(), hinge.from().y(), (heights[0] + heights[3]) / 2);
    }

    /** How far along the fold. */
    private static double off(Linkage.Pose pose, Hinge fold, Vec way) {
        Vec along = pose.panels().get(1).direction(Vec.of(fold.to()).minus(Vec.of(fold.from())));
        return along.unit().dot(way);
    }

    /** On a card of slopes shorter than the feet are far, it is taut where the law of the kite says. */
    @Test
    void aRoofIsTautWhereTheKiteSays() {
        TestCards card =
                TOP.add("pop-up-roof").set("pop-up-roof", "foot", "40 mm").set("pop-up-roof", "slope", "30 mm");
        Finding found = card.plan().findings().of(RuleId.OPENS).all().get(0);
        double taut = Math.toDegrees(2 * Math.asin(0.75));
        assertThat(found.measured()).isEqualTo(Amount.degrees(Math.floor(taut)));
        Space space = new Space(card.build());
        assertThat(space.at((taut - 1) / 180).closed()).isTrue();
        assertThat(space.at((taut + 2) / 180).closed()).isFalse();
    }
}
