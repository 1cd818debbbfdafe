package dev.schachtel.core.motion;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.card.Easel;
import dev.schachtel.core.card.Stepper;
import dev.schachtel.core.pose.Linkage;
import dev.schachtel.core.pose.Rigid;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Point;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** The card in space against how it looks from the side, and what holds for every card. */
class SpaceTest {
    static Stream<String> files() {
        return TestCards.files().stream();
    }

    /** Nothing comes apart, and nothing is bent but at its hinges; shut, each sheet is as high as the stack says. */
    @ParameterizedTest
    @MethodSource("files")
    void everyCardHangsTogether(String file) {
        Build build = TestCards.whole(file).build();
        Space space = new Space(build);
        Unfolding unfolding = build.mechanics().unfolding();
        for (double share : new double[] {0, 0.13, 0.5, 0.77, 1}) {
            Linkage.Pose pose = space.at(share);
            assertThat(pose.gap()).isLessThan(1e-6);
            pose.panels().forEach(SpaceTest::assertRigid);
            for (Hinge h : unfolding.hinges()) {
                if (h.on() != Hinge.BOARD) {
                    double high = height(build, unfolding, h);
                    for (Point p : List.of(h.from(), h.to())) {
                        Vec at = new Vec(p.x(), p.y(), high);
                        Vec on = pose.panels().get(h.on()).at(at);
                        assertThat(pose.panels().get(h.turns()).at(at).minus(on).length())
                                .isLessThan(1e-6);
                    }
                }
            }
        }
        assertThat(space.bodies().stream().map(b -> b.level().slab().id()).distinct())
                .hasSize((int) build.levels().stream()
                        .filter(l -> !build.isAside(l.slab().part())
                                && !l.slab().footprints().isEmpty())
                        .count());
    }

    private static double height(Build build, Unfolding unfolding, Hinge h) {
        Hinge at = !h.thin()
                ? h
                : unfolding.hinges().stream()
                        .filter(f -> !f.follows() && f.on() != Hinge.BOARD)
                        .findFirst()
                        .orElseThrow();
        return Stream.of(at.on(), at.turns())
                .map(p -> build.level(unfolding.panels().get(p).slab()).orElseThrow())
                .mapToDouble(l -> (Mm.of(l.bottom()) + Mm.of(l.top())) / 2)
                .average()
                .orElseThrow();
    }

    private static void assertRigid(Rigid r) {
        assertThat(r.across().length()).isCloseTo(1, within(1e-9));
        assertThat(r.across().dot(r.up())).isCloseTo(0, within(1e-9));
        assertThat(r.across().cross(r.up()).minus(r.out()).length()).isLessThan(1e-9);
    }

    /** Each strip of a stepper from the side: treads level, rises at an angle that goes from folded forward to upright. */
    @Test
    void aStepperIsSeenFromTheSide() {
        for (String file : List.of("terraces.json", "viaduct.json")) {
            Build build = TestCards.whole(file).build();
            Stepper stepper = (Stepper) build.spec().base();
            SideView side = SideViews.of(build).get(0);
            assertThat(side.lines()).hasSize(stepper.zones().size());
            for (int i = 0; i < side.poses().size(); i++) {
                double a = Math.toRadians(180 - 90.0 * i / (side.poses().size() - 1));
                for (int zone = 0; zone < stepper.zones().size(); zone++) {
                    List<Point> line = side.poses().get(i).lines().get(zone);
                    Point at = line.get(0);
                    for (int s = 0; s < stepper.zones().get(zone).segments().size(); s++) {
                        Stepper.Segment segment =
                                stepper.zones().get(zone).segments().get(s);
                        double l = Mm.of(segment.length());
                        at = segment.rise() ? at.plus(l * Math.cos(a), l * Math.sin(a)) : at.plus(l, 0);
                        assertThat(line.get(s + 1).distanceTo(at)).isLessThan(0.01);
                    }
                }
            }
        }
    }

    /** Strut and face of an easel meet in the crease, and the foot of the face stays on the board: its triangle, by the law of cosines. */
    @Test
    void anEaselIsSeenFromTheSide() {
        Build build = TestCards.whole("platform-sign.json").build();
        SideView side = SideViews.of(build).get(0);
        assertThat(side.lines()).containsExactly("back", "strut", "face");
        Easel easel = (Easel) build.spec().base();
        double a = Mm.of(easel.height().minus(easel.crease()));
        double b = Mm.of(easel.crease());
        List<List<Point>> open = side.poses().get(side.poses().size() - 1).lines();
        Point hinge = nearest(open.get(0), open.get(1));
        Point foot = lowest(open.get(2));
        double lean = Math.toRadians(((Easel.Stand.Lean) easel.stand()).degrees());
        double stop = b * Math.cos(lean) + Math.sqrt(a * a - Math.pow(b * Math.sin(lean), 2));
        assertThat(Math.abs(foot.x() - hinge.x())).isCloseTo(stop, within(0.01));
        Point top = open.get(2).get(0).equals(foot)
                ? open.get(2).get(1)
                : open.get(2).get(0);
        assertThat(Math.toDegrees(Math.atan2(top.y() - foot.y(), Math.abs(top.x() - foot.x()))))
                .isCloseTo(Math.toDegrees(lean), within(0.01));
    }

    private static Point lowest(List<Point> line) {
        return line.get(0).y() < line.get(1).y() ? line.get(0) : line.get(1);
    }

    private static Point nearest(List<Point> line, List<Point> other) {
        return line.stream()
                .min(Comparator.comparingDouble(p -> Math.min(p.distanceTo(other.get(0)), p.distanceTo(other.get(1)))))
                .orElseThrow();
    }

    /** Whatever folds is seen from where its folds are points, at every opening as long as it is. */
    @ParameterizedTest
    @MethodSource("files")
    void linesKeepTheirLengths(String file) {
        for (SideView side : SideViews.of(TestCards.whole(file).build())) {
            for (int line = 0; line < side.lines().size(); line++) {
                for (SideView.Pose pose : side.poses()) {
                    List<Point> first = side.poses().get(0).lines().get(line);
                    List<Point> now = pose.lines().get(line);
                    for (int i = 1; i < now.size(); i++) {
                        assertThat(now.get(i).distanceTo(now.get(i - 1)))
                                .as(side.name() + " " + side.lines().get(line))
                                .isCloseTo(first.get(i).distanceTo(first.get(i - 1)), within(1e-6));
                    }
                }
            }
        }
    }

    /** What a page fills in between the places of a way is nowhere further off than it says. */
    @ParameterizedTest
    @MethodSource("files")
    void waysAreExact(String file) {
        Build build = TestCards.whole(file).build();
        Space space = new Space(build);
        List<Track> ways = space.panels();
        for (int i = 0; i < 40; i++) {
            double share = (i * 0.618_034) % 1;
            List<Rigid> truly = space.at(share).panels();
            for (Space.Body body : space.bodies()) {
                for (Point p : body.outline().outer().flattened()) {
                    Vec at = new Vec(p.x(), p.y(), Mm.of(body.level().top()));
                    Vec filled = ways.get(body.panel()).at(share).at(at);
                    assertThat(filled.minus(truly.get(body.panel()).at(at)).length())
                            .isLessThan(Track.EXACT);
                }
            }
        }
    }

    /** A bridge before two boxes lies over the wall behind, too, and goes with the box that it is stuck to; so does what hangs from it. */
    @Test
    void whatSpansGoesWithItsFace() {
        for (String drop : List.of("6 mm", "60 mm")) {
            Build build =
                    TestCards.whole("viaduct.json").set("bridge", "drop", drop).build();
            List<Space.Body> bridge = new Space(build)
                    .bodies().stream()
                            .filter(b -> b.level().slab().part().owner().value().equals("bridge"))
                            .toList();
            assertThat(bridge).hasSizeGreaterThan(5).allSatisfy(b -> assertThat(b.panel())
                    .isZero());
        }
    }

    /** As it is given, a card tips at the edge of its foot: an L of two equal sheets, by hand. */
    @Test
    void aCardTipsOverItsFoot() {
        Build build = TestCards.empty("{\"kind\": \"stepper\", \"treads\": \"60 mm\", \"rises\": \"60 mm\", "
                        + "\"left\": {\"kind\": \"plain\", \"width\": \"100 mm\"}, \"middle\": {\"kind\": \"none\"}, "
                        + "\"right\": {\"kind\": \"none\"}}")
                .build();
        Tipping tipping = Tipping.of(build, new Space(build), 1);
        assertThat(tipping.centre().y()).isCloseTo(15, within(0.3));
        assertThat(-tipping.centre().z()).isCloseTo(45, within(0.3));
        assertThat(tipping.degrees()).isCloseTo(Math.toDegrees(Math.atan2(15, 15)), within(1.5));
    }

    /** What a movement does on the face is what the flat drawing plays. */
    @Test
    void whatMovesGoesWhereTheFlatDrawingHasIt() {
        for (String file : List.of("upper-station.json", "turntable.json", "cable-drum.json")) {
            Build build = TestCards.whole(file).build();
            Space space = new Space(build);
            build.mechanics().motions().forEach(motion -> {
                Track way = space.way(motion);
                Space.Body body = space.bodies().stream()
                        .filter(b ->
                                b.level().slab().id().equals(motion.moving().get(0)))
                        .findFirst()
                        .orElseThrow();
                for (double share : new double[] {0, 0.3, 1}) {
                    Point flat = Poses.at(body.outline(), motion, share).centroid();
                    Point middle = body.outline().centroid();
                    Vec there = way.at(share).at(new Vec(middle.x(), middle.y(), 0));
                    assertThat(Math.hypot(there.x() - flat.x(), there.y() - flat.y()))
                            .isLessThan(Track.EXACT + 0.01);
                }
            });
        }
    }
}
