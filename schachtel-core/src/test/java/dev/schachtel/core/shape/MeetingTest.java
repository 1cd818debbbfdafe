package dev.schachtel.core.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Length;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;

/** Quick answers about two outlines, judged by points laid over them and by exact circles. */
class MeetingTest {
    private static final double STEP = 0.4;

    private static Length mm(double value) {
        return Mm.length(value);
    }

    /** A bar, a disc, or a panel with a window, turned and moved. */
    private static Outline any(Random random) {
        double w = 5 + random.nextInt(30);
        double h = 5 + random.nextInt(30);
        Outline shape =
                switch (random.nextInt(3)) {
                    case 0 -> Outline.rectangle(mm(w), mm(h));
                    case 1 -> Outline.circle(mm(w));
                    default -> Outline.rectangle(mm(w), mm(h)).without(Outline.circle(mm(Math.min(w, h) / 2)));
                };
        return shape.placed(Placement.at(mm(random.nextInt(40)), mm(random.nextInt(40)))
                .turned(Angle.ofDegrees(random.nextInt(4) * 45)));
    }

    private static List<List<Point>> rings(Outline outline) {
        List<List<Point>> rings = new ArrayList<>();
        rings.add(outline.outer().flattened());
        outline.holes().forEach(h -> rings.add(h.flattened()));
        return rings;
    }

    /** Signed depth of a point in an outline by its flattened rings alone: positive inside, negative outside. */
    private static double depth(List<List<Point>> rings, Point point) {
        boolean inside = false;
        double nearest = Double.MAX_VALUE;
        for (List<Point> corners : rings) {
            for (int i = 0; i < corners.size(); i++) {
                Point a = corners.get(i);
                Point b = corners.get((i + 1) % corners.size());
                if (a.y() > point.y() != b.y() > point.y()
                        && point.x() < a.x() + (point.y() - a.y()) / (b.y() - a.y()) * (b.x() - a.x())) {
                    inside = !inside;
                }
                nearest = Math.min(nearest, toEdge(point, a, b));
            }
        }
        return inside ? nearest : -nearest;
    }

    private static double toEdge(Point p, Point a, Point b) {
        double dx = b.x() - a.x();
        double dy = b.y() - a.y();
        double length = dx * dx + dy * dy;
        double t = length == 0 ? 0 : ((p.x() - a.x()) * dx + (p.y() - a.y()) * dy) / length;
        double u = Math.max(0, Math.min(1, t));
        return Math.hypot(p.x() - a.x() - u * dx, p.y() - a.y() - u * dy);
    }

    private static List<Point> grid(Box box) {
        List<Point> points = new ArrayList<>();
        for (double x = box.left(); x <= box.right(); x += STEP) {
            for (double y = box.bottom(); y <= box.top(); y += STEP) {
                points.add(new Point(x, y));
            }
        }
        return points;
    }

    @Property(tries = 80)
    void whatPointsSayOfTwoOutlinesIsAnsweredSo(@ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        Random random = new Random(seed);
        Outline a = any(random);
        Outline b = any(random);
        List<List<Point>> ringsA = rings(a);
        List<List<Point>> ringsB = rings(b);
        double common = -Double.MAX_VALUE;
        double outside = 0;
        int shared = 0;
        for (Point point : grid(b.bounds())) {
            double inB = depth(ringsB, point);
            double inA = depth(ringsA, point);
            common = Math.max(common, Math.min(inA, inB));
            shared += inA > 0 && inB > 0 ? 1 : 0;
            outside = inB > -1e-9 ? Math.max(outside, -inA) : outside;
        }
        if (common > 0.1) {
            assertThat(a.overlaps(b)).as("%s over %s", a, b).isTrue();
            assertThat(b.overlaps(a)).as("%s over %s", b, a).isTrue();
        }
        if (common < -STEP) {
            assertThat(a.overlaps(b)).as("%s beside %s", a, b).isFalse();
        }
        if (outside > 0.02) {
            assertThat(a.covers(b)).as("%s sticks out of %s", b, a).isFalse();
        }
        if (a.covers(b)) {
            assertThat(a.shared(b).squareMillimetres()).isCloseTo(b.area().squareMillimetres(), within(0.1));
        }
        assertThat(a.shared(b).squareMillimetres())
                .isCloseTo(shared * STEP * STEP, within(12 + 0.03 * shared * STEP * STEP));
        assertThat(a.shared(b).squareMillimetres()).isCloseTo(b.shared(a).squareMillimetres(), within(0.001));
    }

    /** Neighbours on a sheet share an edge; bows flattened in two ways may cut into each other by their chord error. */
    @Test
    void whatOnlyTouchesDoesNotOverlap() {
        Outline left = Outline.sheet(mm(10), mm(20));
        Outline disc = Outline.circle(mm(10)).moved(new Point(15, 10));
        assertThat(left.overlaps(left.moved(new Point(10, 0)))).isFalse();
        assertThat(left.overlaps(left.moved(new Point(9.995, 0)))).isFalse();
        assertThat(left.overlaps(left.moved(new Point(9.95, 0)))).isTrue();
        assertThat(left.overlaps(disc)).isFalse();
        assertThat(left.overlaps(disc.moved(new Point(-0.2, 0)))).isTrue();
        assertThat(left.shared(left.moved(new Point(10, 0))).squareMillimetres())
                .isZero();
        assertThat(left.shared(left.moved(new Point(4, 5))).squareMillimetres()).isEqualTo(90);
    }

    @Property(tries = 100)
    void anOutlineCoversItselfAndWhatIsSmaller(@ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        Outline a = any(new Random(seed));
        assertThat(a.covers(a)).isTrue();
        assertThat(a.filled().covers(a)).isTrue();
        assertThat(a.covers(a.filled())).isEqualTo(a.holes().isEmpty());
        assertThat(a.covers(a.moved(new Point(0.05, 0)))).isFalse();
        assertThat(a.moved(new Point(0.005, 0)).covers(a)).isTrue();
    }

    /** A no is sure: then no circle of that size is free. A yes is wrong by two millimetres at most. */
    @Property(tries = 60)
    void roomForACircleIsNeverDeniedWronglyNorPromisedFarTooMuch(
            @ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        Random random = new Random(seed);
        Outline sheet = Outline.sheet(mm(60 + random.nextInt(60)), mm(60 + random.nextInt(120)));
        if (random.nextBoolean()) {
            sheet = sheet.without(Outline.circle(mm(30)).placed(Placement.at(mm(30), mm(30))));
        }
        List<Outline> supports = new ArrayList<>();
        for (int i = random.nextInt(9); i >= 0; i--) {
            supports.add(Outline.sheet(mm(6 + random.nextInt(50)), mm(6))
                    .placed(Placement.at(mm(random.nextInt(80)), mm(random.nextInt(140)))));
        }
        double widest = Mm.of(sheet.widestFree(supports).length());
        assertThat(sheet.mayHoldFree(mm(widest - 0.1), supports))
                .as("room for less than %f", widest)
                .isTrue();
        assertThat(sheet.mayHoldFree(mm(widest + 5), supports))
                .as("room for more than %f", widest)
                .isFalse();
    }
}
