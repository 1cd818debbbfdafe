package dev.schachtel.core.outlines;

import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * Outlines of drawings from elsewhere: SVG (paths, basic shapes, transforms, units) and DXF (lines, arcs, circles,
 * polylines). The closed line that encloses most is taken. Curves are flattened to 0.005 mm.
 */
public final class OutlineFile {
    /** Files are read up to this size: 5 MB. */
    public static final int LARGEST = 5 * 1024 * 1024;
    /** Lines whose ends come this near belong together, in mm. */
    static final double MEETS = 0.02;

    private OutlineFile() {}

    /** A closed line as path data in millimetres, y down, and its size. */
    public record Read(String path, Length width, Length height) {
        public Outline.Size size() {
            return new Outline.Size(width, height);
        }
    }

    /**
     * Reads an outline from a file; which kind it is is seen from its content.
     *
     * @throws RefusedException with what can't be taken
     */
    public static Read read(byte[] content) {
        if (content.length > LARGEST) {
            throw new RefusedException("file", "is larger than 5 MB");
        }
        String text = new String(content, StandardCharsets.UTF_8);
        String start = text.substring(0, Math.min(text.length(), 2_000)).stripLeading();
        List<List<Point>> closed;
        if (start.startsWith("<") || start.startsWith("\ufeff<")) {
            closed = SvgOutlines.read(content);
        } else if (start.contains("SECTION") || start.startsWith("999") || start.startsWith("0")) {
            closed = DxfOutlines.read(text);
        } else {
            throw new RefusedException("file", "is neither SVG nor DXF");
        }
        List<Point> most = closed.stream()
                .filter(p -> p.size() > 2)
                .max(Comparator.comparingDouble(p -> Math.abs(area(p))))
                .orElseThrow(() -> new RefusedException("file", "holds no closed line"));
        return written(most);
    }

    /** Twice the area of a polygon, with its sign. */
    static double area(List<Point> points) {
        double sum = 0;
        for (int i = 0; i < points.size(); i++) {
            Point a = points.get(i);
            Point b = points.get((i + 1) % points.size());
            sum += a.x() * b.y() - b.x() * a.y();
        }
        return sum;
    }

    private static Read written(List<Point> points) {
        double left = points.stream().mapToDouble(Point::x).min().orElse(0);
        double right = points.stream().mapToDouble(Point::x).max().orElse(0);
        double top = points.stream().mapToDouble(Point::y).min().orElse(0);
        double foot = points.stream().mapToDouble(Point::y).max().orElse(0);
        if (!(right - left >= 0.5 && foot - top >= 0.5 && right - left <= 3_000 && foot - top <= 3_000)) {
            throw new RefusedException(
                    "file",
                    String.format(
                            Locale.ROOT,
                            "has an outline of %.1f × %.1f mm; from 0.5 mm to 3 m can be made",
                            right - left,
                            foot - top));
        }
        StringBuilder path = new StringBuilder();
        for (Point p : points) {
            path.append(path.isEmpty() ? "M" : "L")
                    .append(number(p.x() - left))
                    .append(' ')
                    .append(number(p.y() - top));
        }
        return new Read(path.append('Z').toString(), Mm.length(right - left), Mm.length(foot - top));
    }

    private static String number(double value) {
        String text = String.format(Locale.ROOT, "%.4f", value);
        return text.contains(".") ? text.replaceAll("0+$", "").replaceAll("\\.$", "") : text;
    }
}
