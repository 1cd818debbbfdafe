package dev.schachtel.core.render;

import dev.schachtel.core.measure.Decimals;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.shape.Ring;
import dev.schachtel.core.shape.Segment;

/** Outlines as SVG path data, true arcs kept; maps scene millimetres (y up) to canvas units (y down). */
public record PathData(double scale, double left, double top, int decimals) {
    public double x(Point p) {
        return left + p.x() * scale;
    }

    public double y(Point p) {
        return top - p.y() * scale;
    }

    public String number(double value) {
        return Decimals.text(value, decimals);
    }

    public String point(Point p) {
        return number(x(p)) + "," + number(y(p));
    }

    private StringBuilder point(Point p, StringBuilder out) {
        return Decimals.append(Decimals.append(out, x(p), decimals).append(','), y(p), decimals);
    }

    /** Holes first, so that a machine cuts inside before outside. */
    public String of(Outline outline) {
        StringBuilder out = new StringBuilder();
        outline.holes().forEach(h -> ring(h, out));
        ring(outline.outer(), out);
        return out.toString();
    }

    public String of(Ring ring) {
        StringBuilder out = new StringBuilder();
        ring(ring, out);
        return out.toString();
    }

    private void ring(Ring ring, StringBuilder out) {
        out.append('M');
        point(ring.start(), out);
        for (Segment segment : ring.segments()) {
            segment.tell(new Segment.Cases<StringBuilder>() {
                @Override
                public StringBuilder line(Segment.Line line) {
                    return point(line.end(), out.append('L'));
                }

                @Override
                public StringBuilder bow(Segment.Bow b) {
                    return arc(b, out);
                }
            });
        }
        out.append('Z');
    }

    private StringBuilder arc(Segment.Bow b, StringBuilder out) {
        boolean circle = b.radii().first() == b.radii().second();
        out.append('A')
                .append(number(b.radii().first() * scale))
                .append(' ')
                .append(number(b.radii().second() * scale))
                .append(' ')
                .append(circle ? "0" : number(-Math.toDegrees(b.tilt())))
                .append(Math.abs(b.sweep()) > Math.PI + 1e-9 ? " 1" : " 0")
                .append(b.sweep() > 0 ? " 0 " : " 1 ");
        return point(b.end(), out);
    }
}
