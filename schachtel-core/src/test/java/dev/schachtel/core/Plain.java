package dev.schachtel.core;

import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.Collection;
import java.util.List;

import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.shape.Ring;

/** Outlines as areas of the JDK, and plain sums over them: a second implementation that shares nothing with ours. */
public final class Plain {
    private Plain() {}

    public static Area area(Outline outline) {
        Area area = area(outline.outer());
        outline.holes().forEach(h -> area.subtract(area(h)));
        return area;
    }

    public static Area area(Collection<Outline> outlines) {
        Area all = new Area();
        outlines.forEach(o -> all.add(area(o)));
        return all;
    }

    private static Area area(Ring ring) {
        Path2D path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        List<Point> points = ring.flattened();
        path.moveTo(points.get(0).x(), points.get(0).y());
        points.subList(1, points.size()).forEach(p -> path.lineTo(p.x(), p.y()));
        path.closePath();
        return new Area(path);
    }

    public static Area shared(Area a, Area b) {
        Area both = new Area(a);
        both.intersect(b);
        return both;
    }

    public static Area less(Area a, Area b) {
        Area rest = new Area(a);
        rest.subtract(b);
        return rest;
    }

    /** Square millimetres, by the shoelace formula over the flattened boundary. */
    public static double size(Area area) {
        double sum = 0;
        double[] at = new double[6];
        double x0 = 0;
        double y0 = 0;
        double x = 0;
        double y = 0;
        for (var i = area.getPathIterator(null, 0.001); !i.isDone(); i.next()) {
            int kind = i.currentSegment(at);
            if (kind == java.awt.geom.PathIterator.SEG_MOVETO) {
                x0 = at[0];
                y0 = at[1];
                x = x0;
                y = y0;
            } else {
                double nx = kind == java.awt.geom.PathIterator.SEG_CLOSE ? x0 : at[0];
                double ny = kind == java.awt.geom.PathIterator.SEG_CLOSE ? y0 : at[1];
                sum += x * ny - nx * y;
                x = nx;
                y = ny;
            }
        }
        return Math.abs(sum / 2);
    }

    /** Whether what they share is deeper than so many millimetres, on the average over its length. */
    public static boolean share(Area a, Area b, double deeper) {
        if (!a.getBounds2D().intersects(b.getBounds2D())) {
            return false;
        }
        Area both = shared(a, b);
        Rectangle2D box = both.getBounds2D();
        return size(both) > deeper * Math.max(box.getWidth(), box.getHeight());
    }
}
