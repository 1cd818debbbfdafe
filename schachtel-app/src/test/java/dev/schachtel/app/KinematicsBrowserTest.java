package dev.schachtel.app;

import java.util.List;
import java.util.Map;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Move;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.motion.Course;
import dev.schachtel.core.motion.Poses;
import dev.schachtel.core.motion.Track;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.shape.Segment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What the page's script shows while it plays is where the core says that everything is. */
class KinematicsBrowserTest extends InBrowser {
    /** Millimetres: ways come to the page as places, with what lies between filled in. */
    private static final double SAME = Track.EXACT;

    private static final List<Double> SHARES = List.of(0.0, 0.15, 0.5, 0.8, 1.0);

    KinematicsBrowserTest(RunningApp app) {
        super(app);
    }

    /** A group of the drawing that the script moves: its matrix and the drawing's scale, read from the page. */
    private record Moved(int movement, List<Number> matrix, double left, double top, double scale) {
        @SuppressWarnings("unchecked")
        static Moved of(Object read) {
            Map<String, Object> all = (Map<String, Object>) read;
            return new Moved(
                    ((Number) all.get("movement")).intValue(),
                    (List<Number>) all.get("matrix"),
                    ((Number) all.get("left")).doubleValue(),
                    ((Number) all.get("top")).doubleValue(),
                    ((Number) all.get("scale")).doubleValue());
        }

        /** Where the page shows what lies here at rest, in millimetres of the card. */
        Point shown(Point atRest) {
            double x = left + atRest.x() * scale;
            double y = top - atRest.y() * scale;
            double toX = m(0) * x + m(2) * y + m(4);
            double toY = m(1) * x + m(3) * y + m(5);
            return new Point((toX - left) / scale, (top - toY) / scale);
        }

        private double m(int i) {
            return matrix.get(i).doubleValue();
        }
    }

    private List<Moved> moved(String owner) {
        Object read = page.evaluate(
                "owner => [...document.querySelectorAll(`.main-dwg svg .mv[data-owner='${owner}']`)].map(g => {"
                        + " const t = g.transform.baseVal.consolidate(), m = t.matrix, d = g.closest('svg').dataset;"
                        + " return {movement: +g.dataset.movement, matrix: [m.a, m.b, m.c, m.d, m.e, m.f],"
                        + " left: +d.left, top: +d.top, scale: +d.scale}; })",
                owner);
        return ((List<?>) read).stream().map(Moved::of).toList();
    }

    private static CardSpec card(String file) {
        return file.equals("rolling")
                ? CardEdit.of(CardEdit.of(CardEdit.of(RunningApp.demo("cable-drum.json"))
                                        .remove(new Id("cable")))
                                .remove(new Id("window")))
                        .add("rolling")
                : RunningApp.demo(file);
    }

    /** Slides, turns, hangs, opens and rolls. */
    @ParameterizedTest
    @CsvSource({
        "upper-station.json, car",
        "cable-drum.json, cable",
        "turntable.json, wheel",
        "viaduct.json, bridge",
        "guards-door.json, door",
        "rolling, rolling"
    })
    void theScriptMovesThingsWhereTheCoreSays(String file, String owner) {
        CardSpec spec = card(file);
        Plan plan = Planner.withoutRemedies(spec, WorkshopFile.standard());
        long id = app.cards().create(spec, "test").id();
        page.navigate(app.address() + "/cards/" + id + "/structure?select=" + owner + "&view=front");
        List<Course> courses = plan.movements().of(new Id(owner));
        assertThat(courses).isNotEmpty();
        int compared = 0;
        for (double share : SHARES) {
            page.locator("#scrub")
                    .evaluate(
                            "(s, v) => { s.value = v; s.dispatchEvent(new Event('input', {bubbles: true})); }",
                            Long.toString(Math.round(share * 1000)));
            List<Moved> groups = moved(owner);
            assertThat(groups).isNotEmpty();
            for (Moved group : groups) {
                compared += compare(
                        plan.build(), courses.get(group.movement()).motion(), group, Math.round(share * 1000) / 1000.0);
            }
        }
        assertThat(compared).isGreaterThan(SHARES.size());
    }

    private static int compare(Build build, Motion motion, Moved group, double share) {
        int compared = 0;
        for (SlabId slab : motion.moving()) {
            for (Outline rest : build.level(slab).orElseThrow().slab().footprints()) {
                for (Point corner : corners(rest)) {
                    same(group.shown(corner), expected(motion, corner, share));
                    compared++;
                }
            }
        }
        return compared;
    }

    private static List<Point> corners(Outline outline) {
        return outline.outer().segments().stream().map(Segment::end).limit(6).toList();
    }

    private static void same(Point shown, Point core) {
        assertThat(shown.x()).isCloseTo(core.x(), within(SAME));
        assertThat(shown.y()).isCloseTo(core.y(), within(SAME));
    }

    /** A point at a share of the way: a speck of paper there, moved by the core. */
    private static Point expected(Motion motion, Point atRest, double share) {
        if (motion.move() instanceof Move.Fold fold) {
            return seenFolded(fold, atRest, share - motion.restShare());
        }
        Point moved = centre(Poses.at(speck(atRest), motion, share));
        if (motion.move() instanceof Move.Roll roll) {
            Point from = roll.path().at(motion.restShare());
            Point to = roll.path().at(share);
            double turned = -(share - motion.restShare()) * roll.turns() * 2 * Math.PI;
            double x = atRest.x() - from.x();
            double y = atRest.y() - from.y();
            return new Point(
                    to.x() + x * Math.cos(turned) - y * Math.sin(turned),
                    to.y() + x * Math.sin(turned) + y * Math.cos(turned));
        }
        return moved;
    }

    /** What opens is seen from the front: its distance from the hinge shrinks with the cosine. */
    private static Point seenFolded(Move.Fold fold, Point p, double share) {
        double dx = fold.to().x() - fold.from().x();
        double dy = fold.to().y() - fold.from().y();
        double length = Math.hypot(dx, dy);
        double off = ((p.x() - fold.from().x()) * dy - (p.y() - fold.from().y()) * dx) / length;
        double lost = off * (1 - Math.cos(Math.toRadians(fold.opens().degrees() * share)));
        return new Point(p.x() - lost * dy / length, p.y() + lost * dx / length);
    }

    private static Outline speck(Point at) {
        double half = 0.5;
        return Outline.ofCorners(
                List.of(at.plus(-half, -half), at.plus(half, -half), at.plus(half, half), at.plus(-half, half)));
    }

    private static Point centre(Outline speck) {
        return speck.centroid();
    }
}
