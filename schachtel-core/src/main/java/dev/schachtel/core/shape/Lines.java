package dev.schachtel.core.shape;

import java.util.ArrayList;
import java.util.List;

import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.index.kdtree.KdTree;
import org.locationtech.jts.operation.linemerge.LineMerger;

/** Open lines put together. */
public final class Lines {
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private Lines() {}

    /**
     * Lines joined wherever just two of their ends meet.
     *
     * @param meets millimetres up to which two ends are one
     */
    public static List<List<Point>> joined(List<List<Point>> lines, double meets) {
        KdTree ends = new KdTree(meets);
        LineMerger merger = new LineMerger();
        for (List<Point> line : lines) {
            Coordinate[] all =
                    line.stream().map(p -> new Coordinate(p.x(), p.y())).toArray(Coordinate[]::new);
            all[0] = ends.insert(all[0]).getCoordinate();
            all[all.length - 1] = ends.insert(all[all.length - 1]).getCoordinate();
            if (all.length > 2 || !all[0].equals2D(all[1])) {
                merger.add(GEOMETRY.createLineString(all));
            }
        }
        List<List<Point>> joined = new ArrayList<>();
        for (Object merged : merger.getMergedLineStrings()) {
            List<Point> line = new ArrayList<>();
            for (Coordinate c : ((LineString) merged).getCoordinates()) {
                line.add(new Point(c.x, c.y));
            }
            joined.add(line);
        }
        return joined;
    }
}
