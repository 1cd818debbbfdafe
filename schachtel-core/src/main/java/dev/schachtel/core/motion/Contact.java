package dev.schachtel.core.motion;

import java.util.Optional;

import dev.schachtel.core.pose.Rigid;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * Two sheets that go through each other while the card opens.
 *
 * @param share how far the card is open when they first do
 * @param place in the middle of where they cross, as the first one's sheet is drawn
 */
public record Contact(Space.Body one, Space.Body other, double share, Point place) {
    /** Crossing sheets are so long, and reach so far past each other, all four ways, mm; those that meet at an edge don't. */
    private static final double PAST = 1;
    /** And so deep, mm: paper that nearly lies on paper gives way by that. */
    private static final double DEEP = 0.5;

    private static final double PARALLEL = 1e-6;
    private static final int PROBES = 5;

    /** A sheet in space: the middle of its thickness. */
    record Lying(Space.Body body, Rigid at) {
        static Lying of(Space.Body body, Rigid panel) {
            double middle = (Mm.of(body.level().bottom()) + Mm.of(body.level().top())) / 2;
            return new Lying(body, panel.after(Rigid.shift(new Vec(0, 0, middle))));
        }

        Outline outline() {
            return body.outline();
        }
    }

    /** Where two sheets cross, on the first one's; empty where they don't. */
    static Optional<Point> between(Lying one, Lying other) {
        Rigid seen = one.at.inverse().after(other.at);
        Vec across = seen.out();
        double slope = Math.hypot(across.x(), across.y());
        if (slope < PARALLEL) {
            return Optional.empty();
        }
        double past = Math.max(PAST, DEEP / slope);
        double off = across.dot(seen.origin());
        Vec foot = new Vec(across.x(), across.y(), 0).times(off / slope / slope);
        Vec along = new Vec(-across.y() / slope, across.x() / slope, 0);
        Rigid back = seen.inverse();
        Cut first = Cut.of(one.outline(), foot, along);
        Cut second = Cut.of(other.outline(), back.at(foot), back.direction(along));
        return first.shared(second).stream()
                .filter(s -> s.length() >= PAST)
                .flatMap(s -> s.probes(PROBES).stream())
                .filter(t -> first.reaches(t, past) && second.reaches(t, past))
                .map(t -> foot.plus(along.times(t)))
                .map(p -> new Point(p.x(), p.y()))
                .findFirst();
    }
}
