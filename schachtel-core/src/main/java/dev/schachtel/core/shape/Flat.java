package dev.schachtel.core.shape;

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
