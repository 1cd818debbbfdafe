package dev.schachtel.core.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** A closed line of straight pieces and bows; the last piece ends at the start. */
public record Ring(Point start, List<Segment> segments) {
    /** Largest distance between a bow and the chords that stand for it, in millimetres. */
    static final double CHORD_ERROR = 0.005;

    public Ring {
        segments = List.copyOf(segments);
    }

    static Ring polygon(List<Point> corners) {
        List<Segment> lines = new ArrayList<>();
        for (int i = 1; i < corners.size(); i++) {
            lines.add(new Segment.Line(corners.get(i)));
        }
        lines.add(new Segment.Line(corners.get(0)));
        return new Ring(corners.get(0), lines);
    }

    static Ring ellipse(Point centre, double rx, double ry) {
        Segment.Radii radii = new Segment.Radii(rx, ry);
        return new Ring(
                centre.plus(rx, 0),
                List.of(
                        new Segment.Bow(centre, radii, 0, 0, Math.PI),
                        new Segment.Bow(centre, radii, 0, Math.PI, Math.PI)));
    }

    /** A box that holds this ring; for bows that of the whole ellipse's larger radius. */
    Box box() {
        Box box = new Box(start.x(), start.y(), start.x(), start.y());
        for (Segment segment : segments) {
            Point end = segment.end();
            box = box.union(new Box(end.x(), end.y(), end.x(), end.y()));
            if (segment instanceof Segment.Bow bow) {
                double r = Math.max(bow.radii().first(), bow.radii().second());
                Point c = bow.centre();
                box = box.union(new Box(c.x() - r, c.y() - r, c.x() + r, c.y() + r));
            }
        }
        return box;
    }

    /** An upright rectangle. */
    boolean isBox() {
        if (segments.size() != 4 || !segments.stream().allMatch(Segment.Line.class::isInstance)) {
            return false;
        }
        Point a = start;
        boolean level = true;
        for (Segment s : segments) {
            Point b = s.end();
            level &= a.x() == b.x() || a.y() == b.y();
            a = b;
        }
        return level;
    }

    /** The ring turned by radians about the origin, then moved. */
    Ring placed(double turn, double dx, double dy) {
        double cos = Math.cos(turn);
        double sin = Math.sin(turn);
        UnaryOperator<Point> map = p -> new Point(p.x() * cos - p.y() * sin + dx, p.x() * sin + p.y() * cos + dy);
        List<Segment> moved = segments.stream()
                .map(s -> s.<Segment>tell(new Segment.Cases<>() {
                    @Override
                    public Segment line(Segment.Line line) {
                        return new Segment.Line(map.apply(line.end()));
                    }

                    @Override
                    public Segment bow(Segment.Bow b) {
                        return new Segment.Bow(map.apply(b.centre()), b.radii(), b.tilt() + turn, b.from(), b.sweep());
                    }
                }))
                .toList();
        return new Ring(map.apply(start), moved);
    }

    /** The bow of which the ring is made, if it is a whole circle. */
    public Optional<Segment.Bow> circle() {
        return segments.size() == 2
                        && segments.get(0) instanceof Segment.Bow a
                        && segments.get(1) instanceof Segment.Bow b
                        && a.centre().equals(b.centre())
                        && a.radii().first() == a.radii().second()
                ? Optional.of(a)
                : Optional.empty();
    }

    /** Corner points, bows flattened with at most 0.005 mm of chord error; the start is not repeated at the end. */
    public List<Point> flattened() {
        List<Point> points = new ArrayList<>();
        points.add(start);
        for (Segment segment : segments) {
            segment.tell(new Segment.Cases<Boolean>() {
                @Override
                public Boolean line(Segment.Line line) {
                    return points.add(line.end());
                }

                @Override
                public Boolean bow(Segment.Bow bow) {
                    return flatten(bow, points);
                }
            });
        }
        if (points.size() > 1 && points.get(points.size() - 1).distanceTo(start) < CHORD_ERROR / 10) {
            points.remove(points.size() - 1);
        }
        return points;
    }

    private static boolean flatten(Segment.Bow bow, List<Point> points) {
        double radius =
                Math.max(CHORD_ERROR, Math.max(bow.radii().first(), bow.radii().second()));
        double step = 2 * Math.acos(Math.max(0, 1 - CHORD_ERROR / radius));
        int chords = Math.max(2, (int) Math.ceil(Math.abs(bow.sweep()) / step));
        for (int i = 1; i <= chords; i++) {
            points.add(bow.at(bow.from() + bow.sweep() * i / chords));
        }
        return true;
    }
}
