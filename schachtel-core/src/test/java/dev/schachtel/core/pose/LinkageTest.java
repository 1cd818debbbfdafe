package dev.schachtel.core.pose;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import dev.schachtel.core.shape.Point;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** Folded card in space against closed forms, and what must hold for any of it. */
class LinkageTest {
    /** Leaf A at x below 0, leaf B at x above 0, the spine between them; shut B lies on A, open both lie flat. */
    private static final Hinge SPINE = Hinge.crease("spine", 0, 1, edge(0, 100, 0, 0), Math.PI);

    private static final DoubleUnaryOperator OPENS = share -> Math.PI * (1 - share);

    /** A box in the fold: one panel hangs on leaf A so far from the spine, the other on leaf B, and they meet. */
    private static List<Hinge> box(int panel, double onA, double onB, String name) {
        Edge own = edge(0, 60, 0, 0);
        return List.of(
                new Hinge(name + " on A", 0, panel, edge(-onA, 80, -onA, 20), own, Math.PI, -1),
                new Hinge(name + " on B", 1, panel + 1, edge(onB, 20, onB, 80), edge(0, 0, 0, 60), Math.PI, -1),
                new Hinge(
                        name + " front",
                        panel,
                        panel + 1,
                        edge(onB, 60, onB, 0),
                        edge(-onA, 60, -onA, 0),
                        -Math.PI,
                        1));
    }

    private static Edge edge(double x, double y, double toX, double toY) {
        return new Edge(new Point(x, y), new Point(toX, toY));
    }

    private static Linkage linkage(int panels, List<Hinge> more) {
        List<Hinge> all = new ArrayList<>(List.of(SPINE));
        all.addAll(more);
        return new Linkage(panels, all, Map.of(0, OPENS));
    }

    /** A parallelogram: each panel stays parallel to the other leaf, so that both turn as the card does. */
    @Property(tries = 200)
    void aBoxFollowsTheCard(@ForAll int seed) {
        Random random = new Random(seed);
        double onA = 5 + 60 * random.nextDouble();
        double onB = 5 + 60 * random.nextDouble();
        double share = 0.02 + 0.96 * random.nextDouble();
        Linkage.Pose pose = linkage(4, box(2, onA, onB, "box")).at(share);
        assertThat(pose.closed()).as(pose.loop() + " gapes " + pose.gap()).isTrue();
        assertThat(pose.angles().get(1)).isCloseTo(OPENS.applyAsDouble(share), within(1e-6));
        assertThat(pose.angles().get(2)).isCloseTo(OPENS.applyAsDouble(share), within(1e-6));
        Vec crest = pose.panels().get(2).at(new Vec(onB, 0, 0));
        double open = Math.PI - OPENS.applyAsDouble(share);
        assertThat(crest.x()).isCloseTo(-onA - onB * Math.cos(open), within(1e-6));
        assertThat(crest.z()).isCloseTo(onB * Math.sin(open), within(1e-6));
    }

    /** A hinge seen from its other panel is the same hinge. */
    @Property(tries = 60)
    void whichPanelAHingeNamesFirstMakesNoDifference(@ForAll int seed) {
        Random random = new Random(seed);
        List<Hinge> v = v(0.4 + 0.6 * random.nextDouble(), 1.1 + 0.4 * random.nextDouble());
        List<Hinge> turned =
                v.stream().map(h -> random.nextBoolean() ? turned(h) : h).toList();
        double share = 0.02 + 0.9 * random.nextDouble();
        Linkage.Pose pose = linkage(4, v).at(share);
        Linkage.Pose same = linkage(4, turned).at(share);
        assertThat(same.closed()).isTrue();
        for (int i = 0; i < 4; i++) {
            Vec corner = new Vec(7, 9, 0);
            assertThat(same.panels()
                            .get(i)
                            .at(corner)
                            .minus(pose.panels().get(i).at(corner))
                            .length())
                    .isLessThan(1e-5);
        }
    }

    private static Hinge turned(Hinge h) {
        return new Hinge(h.name(), h.second(), h.first(), back(h.onSecond()), back(h.onFirst()), h.shut(), h.towards());
    }

    private static Edge back(Edge edge) {
        return new Edge(edge.to(), edge.from());
    }

    /** Up to twelve boxes in a row: rigid panels, hinges that hold, the same pose again, and flat when shut. */
    @Property(tries = 40)
    void manyBoxesStayWhole(@ForAll int seed) {
        Random random = new Random(seed);
        List<Hinge> hinges = new ArrayList<>();
        int boxes = 1 + random.nextInt(12);
        for (int i = 0; i < boxes; i++) {
            hinges.addAll(box(2 + 2 * i, 5 + 60 * random.nextDouble(), 5 + 60 * random.nextDouble(), "box " + i));
        }
        Linkage linkage = linkage(2 + 2 * boxes, hinges);
        double share = random.nextDouble();
        Linkage.Pose pose = linkage.at(share);
        assertThat(pose.gap()).isLessThan(1e-6);
        assertThat(linkage.at(share).panels()).isEqualTo(pose.panels());
        for (Rigid r : pose.panels()) {
            assertThat(r.across().dot(r.up())).isCloseTo(0, within(1e-9));
            assertThat(r.across().cross(r.up()).minus(r.out()).length()).isLessThan(1e-9);
            assertThat(r.inverse()
                            .after(r)
                            .at(new Vec(3, 4, 5))
                            .minus(new Vec(3, 4, 5))
                            .length())
                    .isLessThan(1e-9);
        }
        for (Rigid r : linkage.at(0).panels()) {
            assertThat(Math.abs(r.origin().z())).isLessThan(1e-6);
        }
    }

    /**
     * A V across the spine: glued at beta from it on both leaves, its own angle gamma. Its crease lies in the plane that halves the opening, at
     * theta from the spine with cos theta cos beta + sin theta sin beta cos(opening / 2) = cos gamma.
     */
    private static List<Hinge> v(double beta, double gamma) {
        Point onA = new Point(-50 * Math.sin(beta), 50 * Math.cos(beta));
        Point onB = new Point(50 * Math.sin(beta), 50 * Math.cos(beta));
        Point crease = new Point(40 * Math.cos(gamma), 40 * Math.sin(gamma));
        Point other = new Point(40 * Math.cos(gamma), -40 * Math.sin(gamma));
        Point glue = new Point(50, 0);
        return List.of(
                new Hinge("V on A", 0, 2, new Edge(Point.ORIGIN, onA), new Edge(Point.ORIGIN, glue), 0, 1),
                new Hinge("V on B", 1, 3, new Edge(onB, Point.ORIGIN), new Edge(glue, Point.ORIGIN), 0, 1),
                new Hinge("V's crease", 2, 3, new Edge(Point.ORIGIN, crease), new Edge(Point.ORIGIN, other), 0, -1));
    }

    @ParameterizedTest
    @CsvSource({"50, 65", "30, 45", "60, 75", "45, 90", "70, 80"})
    void aVFoldFollowsItsClosedForm(double betaDegrees, double gammaDegrees) {
        double beta = Math.toRadians(betaDegrees);
        double gamma = Math.toRadians(gammaDegrees);
        Linkage linkage = linkage(4, v(beta, gamma));
        for (double share : new double[] {0.1, 0.25, 0.5, 0.75, 0.98}) {
            Linkage.Pose pose = linkage.at(share);
            assertThat(pose.closed()).as("at " + share + ": " + pose.gap()).isTrue();
            double opening = Math.PI * share;
            Vec crease = pose.panels().get(2).direction(new Vec(Math.cos(gamma), Math.sin(gamma), 0));
            double p = Math.cos(beta);
            double q = Math.sin(beta) * Math.cos(opening / 2);
            double theta = Math.atan2(q, p) + Math.acos(Math.cos(gamma) / Math.hypot(p, q));
            assertThat(Math.acos(crease.y())).isCloseTo(theta, within(1e-6));
            Vec b = new Vec(-Math.cos(opening), 0, Math.sin(opening));
            assertThat(crease.dot(new Vec(-1, 0, 0))).isCloseTo(crease.dot(b), within(1e-6));
        }
    }

    /** With a smaller angle of its own than it is glued at, a V is taut before the card is open: cos²(opening / 2) = (cos²γ - cos²β) / sin²β. */
    @Test
    void aTautVHoldsTheCard() {
        double beta = Math.toRadians(60);
        double gamma = Math.toRadians(40);
        double half =
                Math.acos(Math.sqrt((Math.pow(Math.cos(gamma), 2) - Math.pow(Math.cos(beta), 2))) / Math.sin(beta));
        double taut = 2 * half / Math.PI;
        Linkage linkage = linkage(4, v(beta, gamma));
        assertThat(linkage.at(taut - 0.02).closed()).isTrue();
        Linkage.Pose torn = linkage.at(taut + 0.05);
        assertThat(torn.closed()).isFalse();
        assertThat(torn.loop()).isEqualTo("V's crease");
        assertThat(torn.gap()).isGreaterThan(0.1);
    }

    /**
     * An easel 139.7 high, creased at 69.85, leaning by 65 degrees: its foot slides on the back up to 59.04 from the hinge; half as far lifted,
     * by the law of sines.
     */
    @Test
    void anEaselsFootSlides() {
        double a = 69.85;
        double lean = Math.toRadians(65);
        double foot = 2 * a * Math.cos(lean);
        double lifted = Math.atan2(a * Math.sin(lean), foot - a * Math.cos(lean));
        List<Hinge> hinges = List.of(
                new Hinge("top", 0, 1, edge(80, 2 * a, 0, 2 * a), edge(80, 2 * a, 0, 2 * a), 0, 1),
                new Hinge("crease", 1, 2, edge(0, a, 80, a), edge(0, a, 80, a), 0, 1));
        Rest rest = new Rest("foot", 2, 0, edge(0, 0, 80, 0), 0);
        Linkage easel = new Linkage(3, hinges, List.of(rest), Map.of(0, share -> share * lifted));
        Linkage.Pose stands = easel.at(1);
        assertThat(stands.closed()).isTrue();
        Vec edge = stands.panels().get(2).at(Vec.ZERO);
        assertThat(2 * a - edge.y()).isCloseTo(59.04, within(0.005));
        assertThat(edge.z()).isCloseTo(0, within(1e-6));
        Vec top = stands.panels().get(2).at(new Vec(0, 2 * a, 0));
        assertThat(top.z()).isCloseTo(126.61, within(0.005));
        assertThat(2 * a - top.y()).isCloseTo(0, within(0.005));
        Vec half = easel.at(0.5).panels().get(2).at(Vec.ZERO);
        double angle = lifted / 2;
        assertThat(2 * a - half.y()).isCloseTo(2 * a * Math.cos(angle), within(1e-6));
    }

    /** An edge that must stay on a sheet and can't is said to gape, and nothing fails. */
    @Test
    void whatCantRestGapes() {
        List<Hinge> hinges = List.of(new Hinge("lid", 0, 1, edge(0, 0, 80, 0), edge(0, 0, 80, 0), 0, 1));
        Rest rest = new Rest("edge", 1, 0, edge(0, 50, 80, 50), 0);
        Linkage.Pose pose = new Linkage(2, hinges, List.of(rest), Map.of(0, share -> share)).at(1);
        assertThat(pose.loop()).isEqualTo("edge");
        assertThat(pose.gap()).isCloseTo(50 * Math.sin(1), within(1e-9));
    }

    /** Without loops each panel just turns: an accordion of five, each fold by its own angle. */
    @Test
    void anAccordionIsAChain() {
        List<Hinge> folds = new ArrayList<>();
        Map<Integer, DoubleUnaryOperator> driven = new HashMap<>();
        for (int i = 0; i < 4; i++) {
            double x = 30.0 * (i + 1);
            double shut = i % 2 == 0 ? Math.PI : -Math.PI;
            folds.add(Hinge.crease("fold " + i, i, i + 1, edge(x, 100, x, 0), shut));
            driven.put(i, share -> shut * (1 - share));
        }
        Linkage accordion = new Linkage(5, folds, driven);
        assertThat(accordion.at(1).panels().get(4).at(new Vec(150, 0, 0))).isEqualTo(new Vec(150, 0, 0));
        Vec half = accordion.at(0.5).panels().get(4).at(new Vec(150, 0, 0));
        assertThat(half.x()).isCloseTo(90, within(1e-9));
        assertThat(half.z()).isCloseTo(60, within(1e-9));
        Vec shut = accordion.at(0).panels().get(4).at(new Vec(150, 0, 0));
        assertThat(shut.x()).isCloseTo(30, within(1e-9));
    }

    /**
     * A panel that would turn as it rises: an arm to each page, the same but for half a turn about the middle. Five hinges in one loop leave nothing free, wherever
     * creases lie; paper twists there only by bending. So nothing of the kind is offered.
     */
    @Property(tries = 60)
    void aStripTwistedBetweenThePagesGapes(@ForAll int seed) {
        Random random = new Random(seed);
        double out = 15 + 20 * random.nextDouble();
        Edge tab = edge(out, 65 + 10 * random.nextDouble(), out + 25, 75 + 20 * random.nextDouble());
        Edge crease = edge(out, 54 + 4 * random.nextDouble(), out + 25, 56 + 8 * random.nextDouble());
        Edge fold = edge(0, 0, 0, 100);
        List<Hinge> hinges = List.of(
                new Hinge("fold", 0, 1, fold, fold, 0, 1),
                new Hinge("tab on the page", 0, 2, tab, tab, 0, 1),
                new Hinge("crease of the arm", 2, 3, crease, crease, 0, 1),
                new Hinge("crease of the other arm", 3, 4, across(crease), across(crease), 0, -1),
                new Hinge("tab on the leaf", 4, 1, across(tab), across(tab), 0, -1));
        Linkage.Pose pose = new Linkage(5, hinges, Map.of(0, share -> share * Math.PI)).at(0.4);
        assertThat(pose.closed()).isFalse();
        assertThat(pose.gap()).isGreaterThan(0.1);
    }

    /** Nor does a ridge across the middle set it free: with creases that run aslant to the ridge it gapes whichever way they are folded. */
    @Property(tries = 60)
    void aTwistedRidgeGapes(@ForAll int seed) {
        Random random = new Random(seed);
        double tilt = 5 + 10 * random.nextDouble();
        double slant = (random.nextBoolean() ? 1 : -1) * (5 + 15 * random.nextDouble());
        int[] ways = {random.nextBoolean() ? 1 : -1, random.nextBoolean() ? 1 : -1, random.nextBoolean() ? 1 : -1};
        Edge tab = edge(25 - tilt, 30, 25 + tilt, 70);
        Edge crease = edge(45 - slant, 30, 45 + slant, 70);
        Edge ridge = edge(70, 30, 70, 70);
        Edge fold = edge(0, 0, 0, 100);
        List<Hinge> hinges = List.of(
                new Hinge("fold", 0, 1, fold, fold, 0, 1),
                new Hinge("tab on the page", 0, 2, tab, tab, 0, ways[0]),
                new Hinge("crease", 2, 3, crease, crease, 0, ways[1]),
                new Hinge("ridge", 3, 4, ridge, ridge, 0, ways[2]),
                new Hinge("other crease", 4, 5, across(crease), across(crease), 0, ways[1]),
                new Hinge("tab on the leaf", 5, 1, across(tab), across(tab), 0, ways[0]));
        Linkage.Pose pose = new Linkage(6, hinges, Map.of(0, share -> share * Math.PI)).at(0.4);
        assertThat(pose.closed()).isFalse();
        assertThat(pose.gap()).isGreaterThan(0.1);
    }

    /** Half a turn about the line through the middle of the fold, which lies in the sheet. */
    private static Edge across(Edge edge) {
        return edge(
                edge.from().x(),
                100 - edge.from().y(),
                edge.to().x(),
                100 - edge.to().y());
    }
}
