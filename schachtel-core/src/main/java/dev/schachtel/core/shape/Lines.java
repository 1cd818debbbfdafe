package dev.schachtel.core.shape;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
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
        Ends ends = new Ends(meets);
        LineMerger merger = new LineMerger();
        for (List<Point> line : lines) {
            Coordinate[] all =
                    line.stream().map(p -> new Coordinate(p.x(), p.y())).toArray(Coordinate[]::new);
            all[0] = ends.of(all[0]);
            all[all.length - 1] = ends.of(all[all.length - 1]);
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

    /** Ends that were met, in squares as wide as two ends may lie apart; a tree would grow into a chain along a row of lines. */
    private static final class Ends {
        private final double meets;
        private final Map<Cell, List<Coordinate>> squares = new HashMap<>();

        private record Cell(long x, long y) {}

        Ends(double meets) {
            this.meets = meets;
        }

        /** The end met before that lies nearest, else this one. */
        Coordinate of(Coordinate end) {
            long x = (long) Math.floor(end.x / meets);
            long y = (long) Math.floor(end.y / meets);
            Coordinate best = null;
            for (long i = x - 1; i <= x + 1; i++) {
                for (long k = y - 1; k <= y + 1; k++) {
                    for (Coordinate c : squares.getOrDefault(new Cell(i, k), List.of())) {
                        boolean near = c.distance(end) <= meets;
                        best = near && (best == null || c.distance(end) < best.distance(end)) ? c : best;
                    }
                }
            }
            if (best != null) {
                return best;
            }
            squares.computeIfAbsent(new Cell(x, y), c -> new ArrayList<>()).add(end);
            return end;
        }
    }
}
