package dev.schachtel.core.motion;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;
import dev.schachtel.core.pose.Rigid;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Point;

import static org.assertj.core.api.Assertions.assertThat;

/** What a card goes through while it opens, against a grid of points on one sheet looked at from the other. */
class OpeningTest {
    private static final double CELL = 1;
    /** What the grid finds by less is a touch; what is found by less than the limit the grid may miss. */
    private static final double DEEP = 3;

    static List<String> files() {
        return TestCards.files();
    }

    /** No demo card goes through itself, and each opens all the way. */
    @ParameterizedTest
    @MethodSource("files")
    void demoCardsOpen(String file) {
        Opening opening = opened(TestCards.of(file).build());
        assertThat(opening.contacts()).isEmpty();
        assertThat(opening.gapes()).isEmpty();
    }

    private static Opening opened(Build build) {
        return Opening.of(build, new Space(build));
    }

    private static TestCards any(Random random) {
        String fold = random.nextBoolean() ? "top" : "side";
        TestCards card = TestCards.empty(
                "{\"kind\": \"flat-fold\", \"width\": \"160 mm\", \"height\": \"160 mm\", \"fold\": \"" + fold + "\"}");
        for (int i = 1; i <= 3; i++) {
            String id = i == 1 ? "pop-up-box" : "pop-up-box-" + i;
            card = card.add("pop-up-box")
                    .set(id, "deep", 20 + random.nextInt(50) + " mm")
                    .set(id, "high", 15 + random.nextInt(45) + " mm")
                    .set(id, "wide", 15 + random.nextInt(40) + " mm")
                    .set(id, "off", random.nextInt(110) - 55 + " mm");
        }
        for (int i = 1; i <= 2; i++) {
            String id = i == 1 ? "motif" : "motif-2";
            card = card.add("motif")
                    .set(id, "shape", "rectangle")
                    .set(id, "shape.width", 10 + random.nextInt(60) + " mm")
                    .set(id, "shape.height", 10 + random.nextInt(40) + " mm")
                    .set(id, "on", (i == 1 ? "pop-up-box" : "pop-up-box-2") + "-front")
                    .set(id, "across", 30 + random.nextInt(100) + " mm")
                    .set(id, "up", 40 + random.nextInt(80) + " mm")
                    .set(id, "fixing", random.nextBoolean() ? "glue" : "foam-tape-2");
        }
        return card;
    }

    /** In both directions: what goes deep is found, and what is found goes through where it is said to. */
    @Test
    void aGridOfPointsSeesTheSame() {
        int crossing = 0;
        for (int seed = 0; seed < 40; seed++) {
            Build build = any(new Random(seed)).build();
            Space space = new Space(build);
            List<Contact> contacts = opened(build).contacts();
            Set<String> found = new TreeSet<>();
            for (Contact c : contacts) {
                found.add(name(c.one(), c.other()));
                assertThat(isThrough(space, c))
                        .as("seed %d: %s at %s", seed, name(c.one(), c.other()), c.share())
                        .isTrue();
            }
            Set<String> deep = new TreeSet<>();
            for (int degrees = 12; degrees <= 180; degrees += 12) {
                crossed(space, space.at(degrees / 180.0).panels(), deep);
            }
            assertThat(found).as("seed " + seed).containsAll(deep);
            crossing += found.size();
        }
        assertThat(crossing).isGreaterThan(20);
    }

    private static boolean isThrough(Space space, Contact c) {
        for (double more = 0; more < 0.04; more += 0.005) {
            List<Rigid> panels = space.at(Math.min(1, c.share() + more)).panels();
            Rigid one = panels.get(c.one().panel());
            Rigid other = panels.get(c.other().panel());
            if (depth(c.one(), one, c.other(), other) > 0 || depth(c.other(), other, c.one(), one) > 0) {
                return true;
            }
        }
        return false;
    }

    private static String name(Space.Body a, Space.Body b) {
        String x = a.level().slab().part().owner().value();
        String y = b.level().slab().part().owner().value();
        return x.compareTo(y) <= 0 ? x + " " + y : y + " " + x;
    }

    private static void crossed(Space space, List<Rigid> panels, Set<String> deep) {
        List<Space.Body> bodies = space.bodies();
        for (Space.Body one : bodies) {
            for (Space.Body other : bodies) {
                boolean apart = one.panel() != other.panel()
                        && !one.level()
                                .slab()
                                .part()
                                .equals(other.level().slab().part());
                if (apart
                        && !deep.contains(name(one, other))
                        && mayMeet(one, panels.get(one.panel()), other, panels.get(other.panel()))
                        && depth(one, panels.get(one.panel()), other, panels.get(other.panel())) > DEEP) {
                    deep.add(name(one, other));
                }
            }
        }
    }

    /** Not where the balls round both are apart. */
    private static boolean mayMeet(Space.Body one, Rigid at, Space.Body other, Rigid there) {
        return middle(one, at).minus(middle(other, there)).length() < radius(one) + radius(other);
    }

    private static Vec middle(Space.Body body, Rigid at) {
        Point middle = body.outline().bounds().centre();
        return at.at(new Vec(middle.x(), middle.y(), Mm.of(body.level().bottom())));
    }

    private static double radius(Space.Body body) {
        Box box = body.outline().bounds();
        return Math.hypot(box.width(), box.height()) / 2
                + Mm.of(body.level().slab().thickness());
    }

    /** How far the first sheet reaches to the nearer side of the second, in columns of points that change sides inside it. */
    private static double depth(Space.Body one, Rigid at, Space.Body other, Rigid there) {
        Rigid to = there.inverse().after(at);
        double deepest = 0;
        for (double z : sides(one)) {
            for (double sheet : sides(other)) {
                deepest = Math.max(deepest, depth(one, z, to, other, sheet));
            }
        }
        return deepest;
    }

    /** Thick ones have two, a millimetre and more apart. */
    private static double[] sides(Space.Body body) {
        double low = Mm.of(body.level().bottom());
        double high = Mm.of(body.level().top());
        return high - low < 1 ? new double[] {(low + high) / 2} : new double[] {low, high};
    }

    private static double depth(Space.Body one, double z, Rigid to, Space.Body other, double sheet) {
        Box box = one.outline().bounds();
        if (isToOneSide(box, z, to, sheet)) {
            return 0;
        }
        double deepest = 0;
        for (boolean upright : new boolean[] {true, false}) {
            double from = upright ? box.left() : box.bottom();
            double end = upright ? box.right() : box.top();
            for (double a = from + CELL / 2; a < end; a += CELL) {
                double start = upright ? box.bottom() : box.left();
                double stop = upright ? box.top() : box.right();
                double first = to.at(upright ? new Vec(a, start, z) : new Vec(start, a, z))
                                .z()
                        - sheet;
                double last = to.at(upright ? new Vec(a, stop, z) : new Vec(stop, a, z))
                                .z()
                        - sheet;
                if (first > 0 == last > 0) {
                    continue;
                }
                List<Vec> column = new ArrayList<>();
                for (double b = start; b <= stop; b += CELL) {
                    column.add(to.at(upright ? new Vec(a, b, z) : new Vec(b, a, z)));
                }
                deepest = Math.max(deepest, through(column, other, sheet));
            }
        }
        return deepest;
    }

    private static boolean isToOneSide(Box box, double z, Rigid to, double sheet) {
        double[] sides = {
            to.at(new Vec(box.left(), box.bottom(), z)).z() - sheet,
            to.at(new Vec(box.right(), box.bottom(), z)).z() - sheet,
            to.at(new Vec(box.left(), box.top(), z)).z() - sheet,
            to.at(new Vec(box.right(), box.top(), z)).z() - sheet
        };
        return Arrays.stream(sides).allMatch(s -> s > 0) || Arrays.stream(sides).allMatch(s -> s < 0);
    }

    /** The less of what a column has on both sides of a sheet, where it passes that well inside its edge; a slope of less than a tenth isn't a crossing. */
    private static double through(List<Vec> column, Space.Body other, double z) {
        for (int i = 1; i < column.size(); i++) {
            Vec a = column.get(i - 1);
            Vec b = column.get(i);
            if (a.z() - z > 0 != b.z() - z > 0) {
                double share = (a.z() - z) / (a.z() - b.z());
                Point p = new Point(a.x() + (b.x() - a.x()) * share, a.y() + (b.y() - a.y()) * share);
                boolean inside = other.outline().holds(p);
                double before = i * CELL;
                double after = (column.size() - i) * CELL;
                double edge = inside ? edge(other, p) : 0;
                double slope = Math.abs(a.z() - b.z()) / CELL;
                double least = Math.min(Math.min(before, after), edge);
                if (least > 0.5) {
                    return slope > 0.3 ? least : Math.min(least, DEEP);
                }
            }
        }
        return 0;
    }

    /** How far it is at least to the edge of a sheet, along its axes. */
    private static double edge(Space.Body body, Point p) {
        Box box = body.outline().bounds();
        return Math.min(
                Math.min(p.x() - box.left(), box.right() - p.x()), Math.min(p.y() - box.bottom(), box.top() - p.y()));
    }

    /** Each remedy that is offered makes that good, and nothing worse. */
    @Test
    void everyRemedyFreesIt() {
        TestCards house = TestCards.whole("winding-house.json").set("station", "across", "62 mm");
        Plan plan = house.plan();
        List<Finding> through = plan.findings().of(RuleId.OPENS_FREE).all();
        assertThat(through).hasSize(1);
        assertThat(through.get(0).owner().value()).isEqualTo("station");
        List<Remedy> remedies = through.get(0).remedies();
        assertThat(remedies).isNotEmpty();
        for (Remedy remedy : remedies) {
            Plan then = Planner.plan(remedy.taken(house.spec()), TestCards.WORKSHOP);
            assertThat(then.findings().of(Severity.MEND).all()).isEmpty();
        }
    }
}
