package dev.schachtel.core.shape;

import java.util.List;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;

/** An outline as the geometry library knows it: worked out at the first question, never changed, for any thread. */
final class Flat {
    private final Outline outline;
    private volatile @Nullable Geometry polygon;
    private volatile @Nullable PreparedGeometry prepared;
    private volatile @Nullable PreparedGeometry roomy;

    private volatile @Nullable LevelLines levelLines;
    private volatile @Nullable List<List<Point>> corners;

    Flat(Outline outline) {
        this.outline = outline;
    }

    /** Its bows flattened. */
    Geometry polygon() {
        Geometry known = polygon;
        if (known == null) {
            known = Geo.flatten(outline);
            polygon = known;
        }
        return known;
    }

    /** The corners of the outer ring, then those of the holes, bows flattened. */
    List<List<Point>> corners() {
        List<List<Point>> known = corners;
        if (known == null) {
            known = Stream.concat(Stream.of(outline.outer()), outline.holes().stream())
                    .map(Ring::flattened)
                    .toList();
            corners = known;
        }
        return known;
    }

    LevelLines levelLines() {
        LevelLines known = levelLines;
        if (known == null) {
            known = LevelLines.of(outline);
            levelLines = known;
        }
        return known;
    }

    /** The same, made ready for many questions. */
    PreparedGeometry prepared() {
        PreparedGeometry known = prepared;
        if (known == null) {
            known = PreparedGeometryFactory.prepare(polygon());
            prepared = known;
        }
        return known;
    }

    /** Grown by what two flattened bows may differ, made ready likewise. */
    PreparedGeometry roomy() {
        PreparedGeometry known = roomy;
        if (known == null) {
            known = PreparedGeometryFactory.prepare(polygon().buffer(Geo.TOUCH));
            roomy = known;
        }
        return known;
    }
}
