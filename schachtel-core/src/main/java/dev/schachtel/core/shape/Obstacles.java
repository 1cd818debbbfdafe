package dev.schachtel.core.shape;

import java.util.List;

import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;

import dev.schachtel.core.measure.Length;

/** Many outlines of which the nearest is asked for again and again. Built in O(n log n), a question takes O(log n). */
public final class Obstacles {
    private final PreparedGeometry prepared;
    private final IndexedFacetDistance facets;
    private final boolean none;

    public Obstacles(List<Outline> outlines) {
        Geometry all = Geo.collection(outlines);
        this.none = outlines.isEmpty();
        this.prepared = PreparedGeometryFactory.prepare(all);
        this.facets = new IndexedFacetDistance(all);
    }

    /** Distance from a body to the nearest of them, zero when it touches or overlaps one; most if there is none nearer. */
    public Length gap(Outline body, Length most) {
        if (none) {
            return most;
        }
        return Geo.circleOf(body)
                .map(c -> round(c.centre(), c.radii().first(), most))
                .orElseGet(() -> any(Geo.polygon(body), most));
    }

    /** A disc's distance is that of its middle less its radius. */
    private Length round(Point middle, double radius, Length most) {
        Geometry point = Geo.point(middle);
        double far = prepared.intersects(point) ? 0 : facets.distance(point) - radius;
        return far <= 0 ? Length.ZERO : Length.min(most, Mm.length(far));
    }

    private Length any(Geometry shape, Length most) {
        return prepared.intersects(shape) ? Length.ZERO : Length.min(most, Mm.length(facets.distance(shape)));
    }
}
