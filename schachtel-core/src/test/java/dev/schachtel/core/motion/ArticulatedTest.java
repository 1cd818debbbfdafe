package dev.schachtel.core.motion;

import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.card.FlatFold;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.pose.Linkage;
import dev.schachtel.core.pose.Rigid;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Point;

import static org.assertj.core.api.Assertions.assertThat;

/** A thousand cards of panels that hang together; what stands up in their folds has sizes with which it closes all the way. */
class ArticulatedTest {
    /** Thickness of what lies on each other, and the gusset, mm. */
    private static final double PAPER = 6;

    private static final int CARDS = 1000;
    /** Millimetres by which edges may change, and hinges come apart. */
    private static final double EXACT = 1e-6;

    @Test
    void paperIsNeitherStretchedNorTornNorBentBesideItsFolds() {
        int closed = 0;
        int panels = 0;
        for (int seed = 0; seed < CARDS; seed++) {
            Random random = new Random(seed);
            Build build = any(random).build();
            Space space = new Space(build);
            flatWhenShut(build, space, seed);
            for (double share : new double[] {random.nextDouble(), random.nextDouble(), 1}) {
                Linkage.Pose pose = space.at(share);
                pose.panels().forEach(ArticulatedTest::keepsItsEdges);
                if (build.spec().base() instanceof FlatFold) {
                    assertThat(pose.closed())
                            .as(
                                    "%d open by %s: %s in %s",
                                    seed, share, pose.loop(), build.spec().features())
                            .isTrue();
                }
                if (pose.closed()) {
                    closed++;
                    panels += pose.panels().size();
                    hangsTogether(build, pose, seed + " open by " + share);
                }
            }
            if (seed % 10 == 0) {
                double again = random.nextDouble();
                assertThat(space.at(again)).as("%d", seed).isEqualTo(new Space(build).at(again));
            }
        }
        assertThat(closed).isGreaterThan(2 * CARDS);
        assertThat(panels).isGreaterThan(8 * CARDS);
    }

    /** Corners of a square stay as far apart in all directions, and on the side that they were on. */
    private static void keepsItsEdges(Rigid at) {
        List<Vec> corners = List.of(Vec.ZERO, new Vec(100, 0, 0), new Vec(0, 100, 0), new Vec(0, 0, 100));
        for (Vec one : corners) {
            for (Vec other : corners) {
                double apart = at.at(one).minus(at.at(other)).length();
                assertThat(Math.abs(apart - one.minus(other).length())).isLessThan(EXACT);
            }
        }
        Vec origin = at.at(Vec.ZERO);
        Vec right = at.at(corners.get(1)).minus(origin);
        Vec up = at.at(corners.get(2)).minus(origin);
        assertThat(right.cross(up).dot(at.at(corners.get(3)).minus(origin))).isPositive();
    }

    private static void hangsTogether(Build build, Linkage.Pose pose, String when) {
        Unfolding unfolding = build.mechanics().unfolding();
        double fold = height(
                build,
                unfolding.hinges().stream()
                        .filter(h -> !h.follows() && h.on() != Hinge.BOARD)
                        .findFirst()
                        .orElseThrow());
        for (Hinge h : unfolding.hinges()) {
            for (Point p : h.on() == Hinge.BOARD ? List.<Point>of() : List.of(h.from(), h.to())) {
                Vec at = new Vec(p.x(), p.y(), h.thin() ? fold : height(build, h));
                Vec on = pose.panels().get(h.on()).at(at);
                assertThat(pose.panels().get(h.turns()).at(at).minus(on).length())
                        .as("%s: %s", when, h)
                        .isLessThan(EXACT);
            }
        }
    }

    private static double height(Build build, Hinge hinge) {
        return List.of(hinge.on(), hinge.turns()).stream()
                .flatMap(p -> build
                        .level(build.mechanics().unfolding().panels().get(p).slab())
                        .stream())
                .mapToDouble(l -> (Mm.of(l.bottom()) + Mm.of(l.top())) / 2)
                .average()
                .orElseThrow();
    }

    /** Every panel lies as it is drawn, however the card is set down: what was level is level, and nothing is turned against anything. */
    private static void flatWhenShut(Build build, Space space, int seed) {
        if (build.mechanics().unfolding().hinges().stream().anyMatch(h -> h.shut() != 0)) {
            return;
        }
        Rigid first = space.at(0).panels().get(0);
        for (Rigid panel : space.at(0).panels()) {
            assertThat(panel.out().minus(first.out()).length()).as("%d", seed).isLessThan(EXACT);
            assertThat(panel.at(new Vec(50, 60, 1))
                            .minus(first.at(new Vec(50, 60, 1)))
                            .length())
                    .as("%d", seed)
                    .isLessThan(EXACT);
        }
        List<Level> levels = build.levels();
        assertThat(levels).isNotEmpty();
    }

    /** What stands in the fold reaches further from it shut than at any opening, so what is hidden then never sticks out; V-folds swing up between the pages. */
    @Test
    void boxesRoofsAndLayersReachFurthestShut() {
        int looked = 0;
        for (int seed = 0; seed < CARDS / 5; seed++) {
            TestCards card = popUps(new Random(seed));
            Build build = card.build();
            boolean plain =
                    card.spec().features().stream().map(f -> f.id().value()).noneMatch(id -> id.startsWith("v-fold"));
            Space space = new Space(build);
            if (plain && !card.spec().features().isEmpty()) {
                double shut = reach(build, space, 0);
                for (int step = 1; step <= 20; step++) {
                    assertThat(reach(build, space, step / 20.0)).as("%d", seed).isLessThan(shut + PAPER);
                }
                looked++;
            }
        }
        assertThat(looked).isGreaterThan(30);
    }

    /** How far from the fold the farthest corner of what stands in it is, mm. */
    private static double reach(Build build, Space space, double share) {
        Unfolding unfolding = build.mechanics().unfolding();
        Hinge fold = unfolding.hinges().stream()
                .filter(h -> !h.follows() && h.on() != Hinge.BOARD)
                .findFirst()
                .orElseThrow();
        List<Rigid> panels = space.at(share).panels();
        double height = height(build, fold);
        Vec from = panels.get(fold.on()).at(new Vec(fold.from().x(), fold.from().y(), height));
        Vec along = panels.get(fold.on())
                .direction(Vec.of(fold.to()).minus(Vec.of(fold.from())).unit());
        double most = 0;
        for (Space.Body body : space.bodies()) {
            if (!body.level().slab().part().owner().equals(Id.BASE)) {
                for (Point p : body.outline().outer().flattened()) {
                    Vec at = panels.get(body.panel())
                            .at(new Vec(p.x(), p.y(), Mm.of(body.level().bottom())))
                            .minus(from);
                    most = Math.max(most, at.minus(along.times(at.dot(along))).length());
                }
            }
        }
        return most;
    }

    private static TestCards any(Random random) {
        return switch (random.nextInt(8)) {
            case 0 ->
                TestCards.empty("{\"kind\": \"gate\", \"width\": \"120 mm\", \"height\": \"160 mm\", \"leftShare\": "
                        + (10 + random.nextInt(80)) + "}");
            case 1 ->
                TestCards.empty("{\"kind\": \"easel\", \"width\": \"100 mm\", \"height\": \"140 mm\", \"crease\": \""
                        + (40 + random.nextInt(50)) + " mm\", \"stand\": {\"kind\": \"lean\", \"degrees\": "
                        + (45 + random.nextInt(35)) + "}}");
            case 2 ->
                TestCards.empty("{\"kind\": \"accordion\", \"width\": \"90 mm\", \"height\": \"120 mm\", \"panels\": "
                        + (3 + random.nextInt(6)) + "}");
            case 3 ->
                TestCards.empty("{\"kind\": \"concertina\", \"width\": \"120 mm\", \"height\": \"150 mm\", \"folds\": "
                        + (2 + random.nextInt(7)) + ", \"deep\": \"" + (20 + random.nextInt(70)) + " mm\"}");
            default -> popUps(random);
        };
    }

    private static TestCards popUps(Random random) {
        String fold = random.nextBoolean() ? "top" : "side";
        TestCards card =
                TestCards.empty("{\"kind\": \"flat-fold\", \"width\": \"150 mm\", \"height\": \"150 mm\", \"fold\": \""
                        + fold + "\", \"gusset\": \"" + random.nextInt(6) + " mm\"}");
        int many = random.nextInt(5);
        for (int i = 0; i < many; i++) {
            String kind = List.of("pop-up-box", "pop-up-box", "pop-up-roof", "v-fold", "floating-layer")
                    .get(random.nextInt(5));
            List<Id> folds = card.spec().folds();
            card = sized(card.add(kind), random, folds.get(random.nextInt(folds.size())));
        }
        return card;
    }

    private static TestCards sized(TestCards card, Random random, Id in) {
        String id = card.spec()
                .features()
                .get(card.spec().features().size() - 1)
                .id()
                .value();
        TestCards set = card.set(id, "in", in.value()).set(id, "off", random.nextInt(60) - 30 + " mm");
        if (id.startsWith("v-fold")) {
            int slant = 30 + random.nextInt(50);
            return set.set(id, "slant", "" + slant)
                    .set(id, "crease", "" + (slant + random.nextInt(Math.min(40, 175 - 2 * slant))));
        }
        int out = 8 + random.nextInt(50);
        if (id.startsWith("floating-layer")) {
            return set.set(id, "deep", 10 + out + " mm").set(id, "high", 6 + random.nextInt(25) + " mm");
        }
        return id.startsWith("pop-up-box")
                ? set.set(id, "deep", out + " mm").set(id, "high", 8 + random.nextInt(50) + " mm")
                : set.set(id, "foot", out + " mm").set(id, "slope", out + random.nextInt(30) + " mm");
    }
}
