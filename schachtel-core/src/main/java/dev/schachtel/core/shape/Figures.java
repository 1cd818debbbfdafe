package dev.schachtel.core.shape;

import java.awt.Shape;
import java.awt.geom.Area;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Consumer;

import dev.schachtel.core.measure.Decimals;

/** Path data of several closed lines: those inside others are holes. One unit a millimetre, y down, as SVG has it. */
public final class Figures {
    private static final double ERROR = 0.02;

    private Figures() {}

    /** A closed line with its area. */
    private record Loop(List<Point> points, double area) {}

    /**
     * The outlines that path data draws, y up, from the same origin: lines within an odd number of others are holes. Lines
     * without an area are left out; never throws for bad data.
     */
    public static List<Outline> outlines(String path) {
        return outlines(path, View.PLAIN);
    }

    /** From where path data is seen: this point of it becomes the origin, and is scaled about that. */
    public record View(double x, double y, double scale) {
        static final View PLAIN = new View(0, 0, 1);

        Point of(Point p) {
            return new Point((p.x() - x) * scale, (y - p.y()) * scale);
        }
    }

    /** The same seen from somewhere. */
    public static List<Outline> outlines(String path, View view) {
        List<Loop> loops = new ArrayList<>();
        OutlineText.figures(path, ERROR, figure -> {
            List<Point> up = distinct(figure.points().stream().map(view::of).toList());
            double area = area(up);
            if (up.size() > 2 && Math.abs(area) > 1e-4) {
                loops.add(new Loop(up, Math.abs(area)));
            }
        });
        return outlines(loops);
    }

    /** The outlines of a shape whose y runs up, in mm; bows become chords that are off by a hundredth of a millimetre at most. */
    public static List<Outline> outlines(Shape shape) {
        List<Loop> loops = new ArrayList<>();
        each(shape, line -> {
            List<Point> some = distinct(line);
            double area = Math.abs(area(some));
            if (some.size() > 2 && area > 1e-4) {
                loops.add(new Loop(some, area));
            }
        });
        return outlines(loops);
    }

    private static List<Outline> outlines(List<Loop> loops) {
        loops.sort(Comparator.comparingDouble(Loop::area).reversed());
        List<Outline> solid = new ArrayList<>();
        List<List<Outline>> holes = new ArrayList<>();
        for (Loop loop : loops) {
            Outline line = Outline.ofCorners(loop.points);
            int in = -1;
            for (int i = 0; i < solid.size(); i++) {
                if (solid.get(i).holds(loop.points.get(0))
                        && holes.get(i).stream().noneMatch(h -> h.holds(loop.points.get(0)))) {
                    in = i;
                }
            }
            if (in < 0) {
                solid.add(line);
                holes.add(new ArrayList<>());
            } else {
                holes.get(in).add(line);
            }
        }
        List<Outline> all = new ArrayList<>();
        for (int i = 0; i < solid.size(); i++) {
            all.add(new Outline(
                    solid.get(i).outer(),
                    holes.get(i).stream().map(Outline::outer).toList()));
        }
        return all;
    }

    /** What is covered as path data, seen from another origin, without lines round less than so many square millimetres. */
    public static String text(Coverage covered, double left, double top, double crumb) {
        StringBuilder text = new StringBuilder();
        for (List<Point> line : covered.rings()) {
            List<Point> moved =
                    line.stream().map(p -> new Point(p.x() - left, p.y() - top)).toList();
            write(distinct(moved), crumb, text);
        }
        return text.toString();
    }

    /** Every closed line of a shape. */
    private static void each(Shape shape, Consumer<List<Point>> lines) {
        List<Point> line = new ArrayList<>();
        double[] at = new double[6];
        for (PathIterator i = new Area(shape).getPathIterator(null, ERROR / 4); !i.isDone(); i.next()) {
            switch (i.currentSegment(at)) {
                case PathIterator.SEG_MOVETO -> {
                    line.clear();
                    line.add(new Point(at[0], at[1]));
                }
                case PathIterator.SEG_LINETO -> line.add(new Point(at[0], at[1]));
                default -> lines.accept(line);
            }
        }
    }

    private static void write(List<Point> line, double crumb, StringBuilder text) {
        if (line.size() < 3 || Math.abs(area(line)) <= Math.max(crumb, 1e-3)) {
            return;
        }
        for (int i = 0; i < line.size(); i++) {
            Point p = line.get(i);
            Decimals.append(text.append(i == 0 ? "M" : "L"), p.x(), 2).append(' ');
            Decimals.append(text, p.y(), 2);
        }
        text.append('Z');
    }

    /** Without points that lie nearer to the one before than a hundredth of a millimetre. */
    private static List<Point> distinct(List<Point> line) {
        List<Point> some = new ArrayList<>();
        for (Point p : line) {
            if (some.isEmpty() || some.get(some.size() - 1).distanceTo(p) > 0.01) {
                some.add(p);
            }
        }
        while (some.size() > 1 && some.get(0).distanceTo(some.get(some.size() - 1)) <= 0.01) {
            some.remove(some.size() - 1);
        }
        return some;
    }

    /** With its sign: more than 0 if it runs against the clock, y up. */
    private static double area(List<Point> line) {
        double twice = 0;
        for (int i = 0; i < line.size(); i++) {
            Point a = line.get(i);
            Point b = line.get((i + 1) % line.size());
            twice += a.x() * b.y() - b.x() * a.y();
        }
        return twice / 2;
    }
}
