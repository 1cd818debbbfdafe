package dev.schachtel.core.scene;

import java.awt.geom.Path2D;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.shape.Ring;

/** Scenes for tests, and rasters of what is on them by a geometry that is not ours. */
final class TestScenes {
    static final Id PANEL = new Id("panel");
    static final double CELL = 0.5;

    private TestScenes() {}

    static Picture picture(String name) {
        return TestCards.WORKSHOP.picture(new MaterialId(name)).orElseThrow();
    }

    static CardSpec with(CardSpec spec, String name, double x, double y, double scale) {
        return Room.placed(
                spec, PANEL, picture(name), new Room.Put(new Point(x, y), scale, Room.card(TestCards.WORKSHOP)));
    }

    static Scenery of(CardSpec spec) {
        return Scenery.of(Engineering.engineer(spec, TestCards.WORKSHOP), TestCards.WORKSHOP, PANEL)
                .orElseThrow();
    }

    /** An A6 card with a hill at its foot and so many pictures anywhere. */
    static CardSpec random(Random random, int pieces) {
        List<Picture> box = TestCards.WORKSHOP.pictures().stream()
                .filter(p -> p.role() != Picture.Role.GROUND)
                .toList();
        CardSpec spec = with(TestCards.raised().spec(), "near-hill", 52, 18, 1.05);
        for (int i = 0; i < pieces; i++) {
            String name = box.get(random.nextInt(box.size())).id().value();
            double x = 8 + random.nextDouble() * 88;
            double y = 12 + random.nextDouble() * 124;
            spec = with(spec, name, x, y, 0.4 + random.nextDouble() * 0.6);
        }
        return spec;
    }

    /** Which cells an outline takes, by another geometry than ours. */
    static Set<Long> raster(Outline outline) {
        Path2D path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        add(path, outline.outer());
        outline.holes().forEach(h -> add(path, h));
        Box box = outline.bounds();
        Set<Long> cells = new HashSet<>();
        for (long x = (long) Math.floor(box.left() / CELL); x * CELL <= box.right(); x++) {
            for (long y = (long) Math.floor(box.bottom() / CELL); y * CELL <= box.top(); y++) {
                if (path.contains((x + 0.5) * CELL, (y + 0.5) * CELL)) {
                    cells.add(x << 20 | y & 0xfffff);
                }
            }
        }
        return cells;
    }

    private static void add(Path2D path, Ring ring) {
        List<Point> points = ring.flattened();
        path.moveTo(points.get(0).x(), points.get(0).y());
        points.forEach(p -> path.lineTo(p.x(), p.y()));
        path.closePath();
    }

    static double distance(Outline a, Outline b) {
        double least = Double.MAX_VALUE;
        for (Point p : a.outer().flattened()) {
            least = Math.min(least, to(b, p));
        }
        for (Point p : b.outer().flattened()) {
            least = Math.min(least, to(a, p));
        }
        return least;
    }

    static double to(Outline outline, Point p) {
        List<Point> line = outline.outer().flattened();
        double least = Double.MAX_VALUE;
        for (int i = 0; i < line.size(); i++) {
            Point a = line.get(i);
            Point b = line.get((i + 1) % line.size());
            double dx = b.x() - a.x();
            double dy = b.y() - a.y();
            double all = dx * dx + dy * dy;
            double t = all == 0 ? 0 : Math.max(0, Math.min(1, ((p.x() - a.x()) * dx + (p.y() - a.y()) * dy) / all));
            least = Math.min(least, Math.hypot(a.x() + t * dx - p.x(), a.y() + t * dy - p.y()));
        }
        return least;
    }

    static boolean isFree(Box box, Set<Long> taken) {
        for (long x = (long) Math.ceil(box.left() / CELL); (x + 1) * CELL <= box.right(); x++) {
            for (long y = (long) Math.ceil(box.bottom() / CELL); (y + 1) * CELL <= box.top(); y++) {
                if (taken.contains(x << 20 | y & 0xfffff)) {
                    return false;
                }
            }
        }
        return true;
    }
}
