package dev.schachtel.core.drawing;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.pose.Rigid;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Point;

import static org.assertj.core.api.Assertions.assertThat;

/** What is drawn last in a place is what lies nearest there: found by rays, face by face. */
class SpaceSceneTest {
    @ParameterizedTest
    @CsvSource({
        "terraces.json, 30, 22, 1",
        "terraces.json, 180, 12, 0.6",
        "viaduct.json, -40, 35, 1",
        "level-crossing.json, 25, 20, 0.7",
        "platform-sign.json, 60, 10, 1",
        "upper-station.json, 30, 22, 0.45",
        "guards-door.json, -70, 40, 0.9"
    })
    void theNearestIsDrawnLast(String file, double round, double over, double open) {
        Eye eye = new Eye(round, over);
        SpaceView view = SpaceView.of(TestCards.whole(file).build());
        List<Facet> faces = SpaceScene.of(view, eye, open, Id.BASE, 0).faces();
        Random random = new Random(7);
        int met = 0;
        for (int i = 0; i < 1500; i++) {
            Facet aim = faces.get(random.nextInt(faces.size()));
            Box box = aim.outline().bounds();
            Point in = new Point(
                    box.left() + random.nextDouble() * box.width(), box.bottom() + random.nextDouble() * box.height());
            Point seen = eye.seen(aim.at(in));
            Optional<Facet> last = Optional.empty();
            for (Facet face : faces) {
                if (hit(face, eye, seen).filter(p -> face.outline().holds(p)).isPresent()) {
                    last = Optional.of(face);
                }
            }
            if (last.isPresent()) {
                met++;
                double drawn = depth(last.get(), eye, seen);
                double nearest = faces.stream()
                        .filter(f -> hit(f, eye, seen)
                                .filter(p -> f.outline().holds(p))
                                .isPresent())
                        .map(f -> depth(f, eye, seen))
                        .max(Comparator.naturalOrder())
                        .orElseThrow();
                assertThat(nearest - drawn).as("at " + seen).isLessThan(0.01);
            }
        }
        assertThat(met).isGreaterThan(500);
    }

    private static double depth(Facet face, Eye eye, Point seen) {
        return face.at(hit(face, eye, seen).orElseThrow()).dot(eye.towards());
    }

    /** Where a ray through a place of the picture meets the plane of a face; by Cramer's rule. */
    private static Optional<Point> hit(Facet face, Eye eye, Point seen) {
        Rigid plane = face.plane();
        Point o = eye.seen(plane.origin());
        Point a = less(eye.seen(plane.origin().plus(plane.across())), o);
        Point b = less(eye.seen(plane.origin().plus(plane.up())), o);
        double det = a.x() * b.y() - a.y() * b.x();
        Point to = less(seen, o);
        return Math.abs(det) < 1e-6
                ? Optional.empty()
                : Optional.of(
                        new Point((to.x() * b.y() - to.y() * b.x()) / det, (a.x() * to.y() - a.y() * to.x()) / det));
    }

    private static Point less(Point p, Point q) {
        return new Point(p.x() - q.x(), p.y() - q.y());
    }

    /** The eye's picture keeps lengths across the ray. */
    @ParameterizedTest
    @CsvSource({"0, 0", "30, 22", "180, 12", "0, 89"})
    void theEyeSeesSquarely(double round, double over) {
        Eye eye = new Eye(round, over);
        Vec v = new Vec(3, -4, 12);
        Point p = eye.seen(v);
        double depth = v.dot(eye.towards());
        assertThat(Math.hypot(Math.hypot(p.x(), p.y()), depth))
                .isCloseTo(13, org.assertj.core.api.Assertions.within(1e-9));
    }
}
