package dev.schachtel.core.engineering;

import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * The fold between two pages, into which something can be set that stands up when they open. Places are given along the fold and out from it, as the card lies
 * shut. Out is always on the right of along, seen from the front.
 *
 * @param page the one that lies, and is written on
 * @param leaf the one that opens
 * @param upright whether the fold runs up, at the left; else across, at the top
 * @param fold where it is, mm from the left or from the foot
 * @param deep from the fold to the far edge of the pages
 * @param along how long the fold is
 * @param lying how the card opens lying on its back
 */
record Valley(SlabId page, SlabId leaf, boolean upright, double fold, Length deep, Length along, Unfolding lying) {
    /** Number of the page among the panels of {@link #lying}. */
    int pagePanel() {
        return panel(page);
    }

    int leafPanel() {
        return panel(leaf);
    }

    private int panel(SlabId slab) {
        return lying.panels().stream().map(p -> p.slab()).toList().indexOf(slab);
    }

    Point at(double along, double out) {
        return upright ? new Point(fold + out, along) : new Point(along, fold - out);
    }

    /** Across the fold's direction, at a distance from it. */
    Hinge.Line line(Length from, Length to, Length out) {
        return new Hinge.Line(at(Mm.of(from), Mm.of(out)), at(Mm.of(to), Mm.of(out)));
    }

    /** A sheet between two distances from the fold. */
    Outline sheet(Length from, Length to, Length near, Length far) {
        Point a = at(Mm.of(from), Mm.of(near));
        Point b = at(Mm.of(to), Mm.of(far));
        double left = Math.min(a.x(), b.x());
        double foot = Math.min(a.y(), b.y());
        return Outline.sheet(Mm.length(Math.abs(a.x() - b.x())), Mm.length(Math.abs(a.y() - b.y())))
                .moved(new Point(left, foot));
    }
}
