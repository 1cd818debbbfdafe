package dev.schachtel.core.motion;

import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Move;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Path;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.shape.Sweep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** The motion engine against positions tried one by one. */
class MotionTest {
    private static final int TRIED = 400;

    private static Outline body(Random random) {
        Length w = Length.ofMillimetres(4 + random.nextInt(20));
        Length h = Length.ofMillimetres(4 + random.nextInt(20));
        return switch (random.nextInt(4)) {
            case 0 -> Outline.circle(w);
            case 1 -> Outline.rectangle(w, h);
            case 2 -> Outline.roundedRectangle(w, h, Length.ofMillimetres(2));
            default ->
                Outline.ofCorners(List.of(
                        new Point(-8, -8),
                        new Point(8, -8),
                        new Point(8, -2),
                        new Point(-2, -2),
                        new Point(-2, 8),
                        new Point(-8, 8)));
        };
    }

    private static Path path(Random random) {
        if (random.nextBoolean()) {
            return Path.arc(
                    new Point(0, 0),
                    Length.ofMillimetres(10 + random.nextInt(40)),
                    Angle.ofDegrees(random.nextInt(360)),
                    Angle.ofDegrees(random.nextInt(300) - 150));
        }
        return Path.through(List.of(
                new Point(random.nextInt(50), random.nextInt(50)),
                new Point(random.nextInt(50), random.nextInt(50)),
                new Point(random.nextInt(50), random.nextInt(50))));
    }

    /** What is swept contains every position, and is hardly larger than all of them together. */
    @Property(tries = 150)
    void sweepContainsEveryPosition(@ForAll long seed) {
        Random random = new Random(seed);
        Outline body = body(random);
        Path path = path(random);
        Outline swept = Sweep.along(body, path);
        for (int i = 0; i <= 60; i++) {
            assertThat(swept.covers(body.moved(path.at(random.nextDouble())))).isTrue();
        }
        Outline round = Sweep.about(body, new Point(3, 5), Angle.ofDegrees(-40), Angle.ofDegrees(65));
        for (int i = 0; i <= 60; i++) {
            Angle at = new Angle(-40_000_000 + (long) (random.nextDouble() * 105_000_000));
            assertThat(round.covers(body.turned(new Point(3, 5), at))).isTrue();
        }
    }

    /** Discs on shallow arcs, of which a sliver was once left out. */
    @ParameterizedTest
    @ValueSource(longs = {976, 7165})
    void discsOnShallowArcsAreSweptWhole(long seed) {
        sweepContainsEveryPosition(seed);
    }

    /** The distance of a swept area from an obstacle is the least of all positions' distances, within 0.01 mm. */
    @Property(tries = 80)
    void clearanceEqualsBruteForce(@ForAll long seed) {
        Random random = new Random(seed);
        Outline body = body(random);
        Path path = path(random);
        Outline obstacle = body(random).moved(new Point(70 + random.nextInt(20), random.nextInt(60) - 10));
        double engine = Mm.of(Sweep.along(body, path).gapTo(obstacle).length());
        double least = Double.MAX_VALUE;
        for (int i = 0; i <= 4 * TRIED; i++) {
            Outline there = body.moved(path.at(i / (4.0 * TRIED)));
            least = Math.min(least, Mm.of(there.gapTo(obstacle).length()));
        }
        for (Point corner : path.points()) {
            least = Math.min(least, Mm.of(body.moved(corner).gapTo(obstacle).length()));
        }
        assertThat(engine).isCloseTo(least, within(0.01));
    }

    /** On a whole card: the smallest gap the engine gives is the smallest that any position has at its height. */
    @Test
    void theCarsSmallestGapIsTheSmallestOfAllPositions() {
        for (String rise : List.of("3 1/4 in", "3 9/16 in")) {
            Build build = TestCards.of("upper-station.json")
                    .set("car", "path.rise", rise)
                    .set("car", "path.run", "1 1/4 in")
                    .build();
            Course course = Movements.of(build)
                    .of(new dev.schachtel.core.card.Id("car"))
                    .get(0);
            Motion motion = course.motion();
            double least = Double.MAX_VALUE;
            for (SlabId id : course.moving()) {
                Level own = build.level(id).orElseThrow();
                for (Level other : build.levels()) {
                    if (course.moving().contains(other.slab().id())
                            || motion.keeping().guides().contains(other.slab().id())
                            || !sameHeight(own, other)) {
                        continue;
                    }
                    for (Outline obstacle : other.slab().footprints()) {
                        for (int i = 0; i <= TRIED; i++) {
                            Outline there = Poses.at(own.slab().footprints().get(0), motion, i / (double) TRIED);
                            least = Math.min(least, Mm.of(there.gapTo(obstacle).length()));
                        }
                    }
                }
            }
            assertThat(Mm.of(course.tightest().orElseThrow().gap())).isCloseTo(least, within(0.01));
        }
    }

    private static boolean sameHeight(Level a, Level b) {
        Length shared = Length.min(a.top(), b.top()).minus(Length.max(a.bottom(), b.bottom()));
        return shared.isAbove(Length.ofMicrometres(20));
    }

    @Test
    void samplesNeverSayLessThanTheSmallestGap() {
        for (String file : TestCards.files()) {
            for (Course course : TestCards.whole(file).plan().movements().courses()) {
                assertThat(course.samples()).hasSize(33);
                course.tightest().ifPresent(t -> course.samples().forEach(s -> assertThat(s.gap())
                        .as(file)
                        .isGreaterThanOrEqualTo(Length.min(t.gap(), Course.FAR).minus(Length.ofMicrometres(15)))));
            }
        }
    }

    @Test
    void twoMovementsAtOnceCountAsTheirSweeps() {
        TestCards card = TestCards.raised().add("rider").add("rider");
        Build apart = card.set("rider", "path.across", "30 mm")
                .set("rider", "path.up", "30 mm")
                .set("rider-2", "path.across", "30 mm")
                .set("rider-2", "path.up", "100 mm")
                .build();
        assertThat(Movements.of(apart).courses()).hasSize(2);
        Build crossing = card.set("rider", "path.across", "30 mm")
                .set("rider", "path.up", "60 mm")
                .set("rider-2", "path.across", "55 mm")
                .set("rider-2", "path.up", "60 mm")
                .set("rider-2", "path.run", "-25 mm")
                .build();
        assertThat(Movements.of(crossing).courses())
                .allMatch(c -> c.tightest().orElseThrow().gap().isZero());
    }

    @Test
    void aFullTurnIsADisc() {
        Outline blade = Outline.rectangle(Length.ofMillimetres(20), Length.ofMillimetres(4));
        Outline disc = Sweep.about(blade, Point.ORIGIN, Angle.ZERO, Angle.ofDegrees(360));
        assertThat(disc.area().squareMillimetres()).isCloseTo(Math.PI * (100 + 4), within(0.5));
    }

    /** The sign stands; steep and loaded it falls; heavier below it stands better. */
    @Test
    void tippingFollowsTheMasses() {
        Tipping sign = Movements.of(TestCards.of("platform-sign.json").build())
                .stands()
                .orElseThrow();
        Tipping steep = Movements.of(TestCards.of("bad/falling-easel.json").build())
                .stands()
                .orElseThrow();
        assertThat(Math.min(sign.backwards(), sign.forwards())).isGreaterThan(10);
        assertThat(Math.min(steep.backwards(), steep.forwards())).isLessThan(10);
        assertThat(steep.grams()).isGreaterThan(sign.grams());
        assertThat(sign.grams()).isBetween(10.0, 60.0);
    }

    /** On a face that leans by 65 degrees, what hangs over its foot by d reaches d sin 65 below the board, less what it and the back are thick. */
    @Test
    void whatReachesBelowTheFootIsWhatTheCardStandsOn() {
        TestCards sign = TestCards.whole("platform-sign.json");
        assertThat(Movements.of(sign.build()).stands().orElseThrow().under()).isEmpty();
        Build build = sign.add("motif")
                .set("motif", "on", "sign")
                .set("motif", "up", "0 in")
                .build();
        Tipping.Under under = Movements.of(build).stands().orElseThrow().under().orElseThrow();
        assertThat(under.body().level().slab().part().owner()).isEqualTo(new Id("motif"));
        double over = -under.body().outline().bounds().bottom();
        assertThat(over).isGreaterThan(5);
        assertThat(under.deep()).isCloseTo(over * Math.sin(Math.toRadians(65)), within(2.0));
    }

    @Test
    void doorsAreBlockedOnlyByWhatDoesNotGoWithThem() {
        TestCards card = TestCards.of("bad/door-glued-shut.json");
        assertThat(card.plan().movements().courses().get(0).blockers()).isNotEmpty();
        TestCards onDoor = card.set("sentiment", "on", "door")
                .set("sentiment", "width", "1 in")
                .set("sentiment", "across", "2 1/8 in");
        assertThat(onDoor.plan().movements().courses().get(0).blockers()).isEmpty();
        assertThat(card.plan().movements().courses().get(0).motion().move()).isInstanceOf(Move.Fold.class);
    }
}
