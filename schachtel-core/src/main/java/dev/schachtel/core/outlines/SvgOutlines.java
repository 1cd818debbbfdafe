package dev.schachtel.core.outlines;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.shape.OutlineText;
import dev.schachtel.core.shape.Point;

/** Closed lines of an SVG file in millimetres, y down. */
final class SvgOutlines implements SvgWalk.Sink {
    private final List<List<Point>> closed = new ArrayList<>();
    private final Budget budget = new Budget();

    private SvgOutlines() {}

    static List<List<Point>> read(byte[] content) {
        SvgOutlines lines = new SvgOutlines();
        SvgWalk.read(content, lines);
        return lines.closed;
    }

    @Override
    public void shape(SvgLook look, String data, AffineTransform at, double error) {
        OutlineText.figures(data, error, figure -> figure(figure, at));
    }

    private void figure(OutlineText.Figure figure, AffineTransform now) {
        List<Point> points = new ArrayList<>(budget.take(
                figure.points().stream().map(p -> Transforms.moved(now, p)).toList()));
        Point last = points.get(points.size() - 1);
        boolean meets = points.size() > 3 && points.get(0).distanceTo(last) <= OutlineFile.MEETS;
        if (points.size() > 3 && points.get(0).distanceTo(last) < 1e-6) {
            points.remove(points.size() - 1);
        }
        if (figure.closed() || meets) {
            closed.add(points);
        }
    }
}
