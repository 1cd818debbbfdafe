package dev.schachtel.core.engineering;

import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * A fold between two panels, into which something can be set that stands up when they open. Places are given along the fold and out from it, as the card lies
 * shut. Out is always on the right of along, seen from the front.
 *
 * @param page the panel that is set down first: of the base, the one that is written on
 * @param leaf the panel that closes on that
 * @param upright whether the fold runs up, at the left; else across, at the top
 * @param fold where it is, mm from the left or from the foot
 * @param start where it begins, mm along
 * @param along how long it is
 * @param card what the shut card hides
 */
record Valley(Side page, Side leaf, boolean upright, double fold, Length start, Length along, Box card) {
    /**
     * One of the two panels.
     *
     * @param panel its number among all panels of the card
     * @param deep from the fold to its far edge
     */
    record Side(SlabId slab, int panel, Length deep) {}

    Point at(double along, double out) {
        double from = Mm.of(start) + along;
        return upright ? new Point(fold + out, from) : new Point(from, fold - out);
    }

    /** From the fold to the edge of the shut card. */
    Length edge() {
        return Mm.length(upright ? card.right() - fold : fold - card.bottom());
    }

    /** From one end of the card to the other. */
    Length whole() {
        return upright ? card.high() : card.wide();
    }

    /** What the shut card hides on the side of the fold to which things lie. */
    Box hides() {
        return upright
                ? new Box(fold, card.bottom(), card.right(), card.top())
                : new Box(card.left(), card.bottom(), card.right(), fold);
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

    /** Another fold beside this one, between two panels of which at least one stands up. */
    Valley beside(Side page, Side leaf, Length off, Length from, Length along) {
        double moved = upright ? fold + Mm.of(off) : fold - Mm.of(off);
        return new Valley(page, leaf, upright, moved, start.plus(from), along, card);
    }
}
