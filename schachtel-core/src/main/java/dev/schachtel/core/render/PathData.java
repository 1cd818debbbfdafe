package dev.schachtel.core.render;

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
        double power = Math.pow(10, decimals);
        double rounded = Math.round(value * power) / power;
        return rounded == Math.rint(rounded) && Math.abs(rounded) < 1e15
                ? Long.toString((long) rounded)
                : java.math.BigDecimal.valueOf(rounded).toPlainString();
    }

    public String point(Point p) {
        return number(x(p)) + "," + number(y(p));
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
        out.append('M').append(point(ring.start()));
        for (Segment segment : ring.segments()) {
            segment.tell(new Segment.Cases<StringBuilder>() {
                @Override
                public StringBuilder line(Segment.Line line) {
                    return out.append('L').append(point(line.end()));
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
        return out.append('A')
                .append(number(b.radii().first() * scale))
                .append(' ')
                .append(number(b.radii().second() * scale))
                .append(' ')
                .append(circle ? "0" : number(-Math.toDegrees(b.tilt())))
                .append(Math.abs(b.sweep()) > Math.PI + 1e-9 ? " 1" : " 0")
                .append(b.sweep() > 0 ? " 0 " : " 1 ")
                .append(point(b.end()));
    }
}
