package dev.schachtel.core.print;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import dev.schachtel.core.drawing.Meaning;
import dev.schachtel.core.drawing.Scene;
import dev.schachtel.core.outlines.Contours;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.shape.Segment;

/**
 * A scene as DXF R12 ASCII in millimetres, y up: one layer a meaning, whole circles as CIRCLE, all else as POLYLINE
 * without two corners at one place, arcs of circles as bulges, arcs of ellipses flattened to 0.005 mm. Accurate to 0.0001 mm.
 */
public final class DxfFile {
    private static final String LETTERS = "LETTERS";
    private final StringBuilder out = new StringBuilder();

    private DxfFile() {}

    public static String write(Scene scene) {
        return new DxfFile().file(scene);
    }

    private String file(Scene scene) {
        List<Contours.Contour> contours = Contours.of(scene);
        pair(999, "millimetres, drawn at 1:1");
        section("HEADER");
        pair(9, "$ACADVER").pair(1, "AC1009");
        pair(9, "$INSUNITS").pair(70, "4");
        pair(0, "ENDSEC");
        section("TABLES");
        List<Meaning> layers =
                contours.stream().map(Contours.Contour::meaning).distinct().toList();
        List<Letters> letters = Letters.of(scene);
        pair(0, "TABLE").pair(2, "LAYER").pair(70, "" + (layers.size() + (letters.isEmpty() ? 0 : 1)));
        if (!letters.isEmpty()) {
            layer(LETTERS, "8");
        }
        for (Meaning layer : layers) {
            layer(layer.name(), colour(layer));
        }
        pair(0, "ENDTAB").pair(0, "ENDSEC");
        section("ENTITIES");
        contours.forEach(this::entity);
        letters.forEach(this::text);
        return pair(0, "ENDSEC").pair(0, "EOF").out.toString();
    }

    private void layer(String name, String colour) {
        pair(0, "LAYER").pair(2, name).pair(70, "0").pair(62, colour).pair(6, "CONTINUOUS");
    }

    private void text(Letters l) {
        pair(0, "TEXT")
                .pair(8, LETTERS)
                .pair(10, number(l.at().x()))
                .pair(20, number(l.at().y()))
                .pair(40, number(Letters.HIGH))
                .pair(1, l.words());
    }

    private static String colour(Meaning layer) {
        return switch (layer) {
            case CUT -> "7";
            case MOUNTAIN -> "1";
            case VALLEY -> "5";
            default -> "8";
        };
    }

    private void section(String name) {
        pair(0, "SECTION").pair(2, name);
    }

    private void entity(Contours.Contour contour) {
        Optional<Segment.Bow> circle = contour.closed() ? contour.ring().circle() : Optional.empty();
        circle.ifPresentOrElse(
                c -> pair(0, "CIRCLE")
                        .pair(8, contour.meaning().name())
                        .pair(10, number(c.centre().x()))
                        .pair(20, number(c.centre().y()))
                        .pair(40, number(c.radii().first())),
                () -> polyline(contour));
    }

    /** A corner and how far the line to the next one bulges: the tangent of a quarter of its angle. */
    private record Corner(Point at, double bulge) {}

    private void polyline(Contours.Contour contour) {
        String layer = contour.meaning().name();
        pair(0, "POLYLINE").pair(8, layer).pair(66, "1").pair(70, contour.closed() ? "1" : "0");
        for (Corner corner : apart(contour.closed() ? corners(contour) : open(contour.points()))) {
            pair(0, "VERTEX").pair(8, layer).pair(10, number(corner.at.x())).pair(20, number(corner.at.y()));
            if (corner.bulge != 0) {
                pair(42, String.format(Locale.ROOT, "%.9f", corner.bulge));
            }
        }
        pair(0, "SEQEND").pair(8, layer);
    }

    /** Without corners that would be written as the place of the one before. */
    private static List<Corner> apart(List<Corner> corners) {
        List<Corner> apart = new ArrayList<>();
        for (Corner corner : corners) {
            Corner last = apart.isEmpty() ? null : apart.get(apart.size() - 1);
            boolean same = last != null
                    && number(last.at.x()).equals(number(corner.at.x()))
                    && number(last.at.y()).equals(number(corner.at.y()));
            if (same) {
                apart.set(apart.size() - 1, corner);
            } else {
                apart.add(corner);
            }
        }
        return apart;
    }

    private static List<Corner> open(List<Point> points) {
        return points.stream().map(p -> new Corner(p, 0)).toList();
    }

    private static List<Corner> corners(Contours.Contour contour) {
        boolean round = contour.ring().segments().stream()
                .filter(Segment.Bow.class::isInstance)
                .map(Segment.Bow.class::cast)
                .allMatch(b -> b.radii().first() == b.radii().second());
        if (!round) {
            return open(contour.points());
        }
        List<Corner> all = new ArrayList<>();
        Point at = contour.ring().start();
        for (Segment segment : contour.ring().segments()) {
            double bulge = segment instanceof Segment.Bow b ? Math.tan(b.sweep() / 4) : 0;
            all.add(new Corner(at, bulge));
            at = segment.end();
        }
        if (at.distanceTo(contour.ring().start()) > 1e-6) {
            all.add(new Corner(at, 0));
        }
        return all;
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.4f", value);
    }

    private DxfFile pair(int code, String value) {
        out.append(String.format(Locale.ROOT, "%3d", code))
                .append('\n')
                .append(value)
                .append('\n');
        return this;
    }
}
