package dev.schachtel.core.outlines;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;
import dev.schachtel.core.shape.Lines;
import dev.schachtel.core.shape.Point;

/** Closed lines of a DXF file, y down, in millimetres: LINE, ARC, CIRCLE, POLYLINE, LWPOLYLINE; inches by $INSUNITS 1. */
final class DxfOutlines {
    private static final int MOST_PAIRS = 2_000_000;
    private static final double ERROR = 0.005;

    private final String[] lines;
    private final List<List<Point>> open = new ArrayList<>();
    private final List<List<Point>> closed = new ArrayList<>();
    private final Budget budget = new Budget();
    private double scale = 1;
    private int at;

    private DxfOutlines(String text) {
        this.lines = text.split("\\r\\n|\\r|\\n", -1);
    }

    static List<List<Point>> read(String text) {
        return new DxfOutlines(text).read();
    }

    /** One group: its code and its value. */
    private record Group(int code, String value) {
        double number() {
            try {
                double number = Double.parseDouble(value.strip());
                if (Math.abs(number) <= 1e6) {
                    return number;
                }
            } catch (NumberFormatException e) {
                throw new RefusedException("file", "has '" + Scalars.shorten(value) + "' where a number belongs");
            }
            throw new RefusedException("file", "has the figure " + Scalars.shorten(value) + ", beyond 1 km");
        }
    }

    private Group next() {
        if (at + 1 >= lines.length || at > 2 * MOST_PAIRS) {
            return new Group(0, "EOF");
        }
        String code = lines[at].strip();
        String value = lines[at + 1];
        at += 2;
        if (!code.matches("-?\\d{1,5}")) {
            throw new RefusedException("file", "is no DXF from line " + (at - 1) + " on");
        }
        return new Group(Integer.parseInt(code), value.strip());
    }

    private List<List<Point>> read() {
        boolean entities = false;
        Group group = next();
        while (!(group.code == 0 && group.value.equals("EOF"))) {
            if (group.code == 9 && group.value.equals("$INSUNITS")) {
                scale = next().value.equals("1") ? 25.4 : 1;
            } else if (group.code == 2 && group.value.equals("ENTITIES")) {
                entities = true;
            } else if (group.code == 0 && group.value.equals("ENDSEC")) {
                entities = false;
            }
            group = entities && group.code == 0 ? entity(group.value) : next();
        }
        chain();
        return closed;
    }

    /** Reads one entity and answers the group that begins the next. */
    private Group entity(String name) {
        List<Group> own = new ArrayList<>();
        Group group = next();
        while (group.code != 0) {
            own.add(group);
            group = next();
        }
        switch (name) {
            case "LINE" -> open.add(budget.take(new ArrayList<>(List.of(point(own, 10, 20), point(own, 11, 21)))));
            case "CIRCLE" -> closed.add(budget.take(arc(point(own, 10, 20), number(own, 40), 0, 360)));
            case "ARC" ->
                open.add(budget.take(arc(point(own, 10, 20), number(own, 40), number(own, 50), number(own, 51))));
            case "LWPOLYLINE" -> polyline(vertices(own), whole(own, 70));
            case "POLYLINE" -> group = vertices(group, whole(own, 70));
            case "INSERT" -> throw new RefusedException("file", "refers to blocks; explode them before saving");
            case "SPLINE", "ELLIPSE" ->
                throw new RefusedException(
                        "file", "holds a " + name.toLowerCase(Locale.ROOT) + "; save it as polylines or arcs");
            default -> {
                // Texts, dimensions and the like are no outlines.
            }
        }
        return group;
    }

    /** A corner and the bulge of the line that leaves it. */
    private record Vertex(Point at, double bulge) {}

    private Group vertices(Group first, int flags) {
        List<Vertex> all = new ArrayList<>();
        Group group = first;
        while (group.code == 0 && group.value.equals("VERTEX")) {
            List<Group> own = new ArrayList<>();
            group = next();
            while (group.code != 0) {
                own.add(group);
                group = next();
            }
            all.add(new Vertex(point(own, 10, 20), number(own, 42)));
        }
        polyline(all, flags);
        return group.code == 0 && group.value.equals("SEQEND") ? skip() : group;
    }

    private Group skip() {
        Group group = next();
        while (group.code != 0) {
            group = next();
        }
        return group;
    }

    private List<Vertex> vertices(List<Group> own) {
        List<Vertex> all = new ArrayList<>();
        double x = 0;
        for (Group g : own) {
            if (g.code == 10) {
                x = g.number() * scale;
            } else if (g.code == 20) {
                all.add(new Vertex(new Point(x, -g.number() * scale), 0));
            } else if (g.code == 42 && !all.isEmpty()) {
                Vertex last = all.remove(all.size() - 1);
                all.add(new Vertex(last.at, g.number()));
            }
        }
        return all;
    }

    private void polyline(List<Vertex> vertices, int flags) {
        List<Point> points = new ArrayList<>();
        boolean isClosed = (flags & 1) != 0;
        for (int i = 0; i < vertices.size(); i++) {
            Vertex v = vertices.get(i);
            points.add(v.at);
            boolean last = i == vertices.size() - 1;
            if (v.bulge != 0 && (!last || isClosed)) {
                bulge(v, vertices.get((i + 1) % vertices.size()).at, points);
            }
        }
        if (points.size() > 1) {
            (isClosed ? closed : open).add(budget.take(points));
        }
    }

    /** The bow between two corners, both left out: bulge is the tangent of a quarter of its angle, y down here. */
    private void bulge(Vertex from, Point to, List<Point> points) {
        double angle = 4 * Math.atan(from.bulge);
        double chord = from.at.distanceTo(to);
        double radius = Math.abs(chord / 2 / Math.sin(angle / 2));
        double away = chord / 2 / Math.tan(angle / 2);
        Point middle = from.at.midway(to);
        double ux = (to.x() - from.at.x()) / chord;
        double uy = (to.y() - from.at.y()) / chord;
        Point centre = middle.plus(uy * away, -ux * away);
        double start = Math.atan2(from.at.y() - centre.y(), from.at.x() - centre.x());
        int n = chords(radius, Math.abs(angle));
        budget.foresee(points.size() + n);
        for (int i = 1; i < n; i++) {
            double a = start - angle * i / n;
            points.add(centre.plus(radius * Math.cos(a), radius * Math.sin(a)));
        }
    }

    private static int chords(double radius, double angle) {
        double step = 2 * Math.acos(Math.max(0, 1 - ERROR / Math.max(ERROR, radius)));
        return (int) Math.max(2, Math.min(5_000, Math.ceil(angle / step)));
    }

    private static List<Point> arc(Point centre, double radius, double from, double to) {
        double sweep = to - from <= 0 ? to - from + 360 : to - from;
        int n = chords(radius, Math.toRadians(sweep));
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= (sweep >= 360 ? n - 1 : n); i++) {
            double a = Math.toRadians(from + sweep * i / n);
            points.add(centre.plus(radius * Math.cos(a), -radius * Math.sin(a)));
        }
        return points;
    }

    /** Puts lines and arcs together whose ends meet. */
    private void chain() {
        for (List<Point> line : Lines.joined(open, OutlineFile.MEETS)) {
            Point last = line.get(line.size() - 1);
            if (line.size() > 3 && line.get(0).distanceTo(last) <= OutlineFile.MEETS) {
                closed.add(line.subList(0, line.size() - 1));
            }
        }
    }

    private Point point(List<Group> own, int x, int y) {
        return new Point(number(own, x), -number(own, y));
    }

    private double number(List<Group> own, int code) {
        boolean length = code < 42 || code == 40;
        return own.stream()
                .filter(g -> g.code == code)
                .mapToDouble(Group::number)
                .map(v -> length ? v * scale : v)
                .findFirst()
                .orElse(0);
    }

    private static int whole(List<Group> own, int code) {
        return own.stream()
                .filter(g -> g.code == code)
                .mapToInt(g -> (int) g.number())
                .findFirst()
                .orElse(0);
    }
}
