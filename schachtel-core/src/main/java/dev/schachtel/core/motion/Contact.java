package dev.schachtel.core.motion;

import java.util.List;
import java.util.Optional;

import dev.schachtel.core.patience.Patience;
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
    /** Steps of work. */
    private static final int MEETING = 10;

    /** From here on both sides of a slab count, mm; of what is thinner the middle stands for all. */
    private static final double THICK = 1;

    /**
     * A slab in space.
     *
     * @param sides the sheets that stand for it
     * @param round the box round it
     */
    record Lying(Space.Body body, List<Rigid> sides, Bounds round) {
        static Lying of(Space.Body body, Rigid panel) {
            double low = Mm.of(body.level().bottom());
            double high = Mm.of(body.level().top());
            List<Double> sheets = high - low < THICK ? List.of((low + high) / 2) : List.of(low, high);
            List<Rigid> sides = sheets.stream()
                    .map(z -> panel.after(Rigid.shift(new Vec(0, 0, z))))
                    .toList();
            return new Lying(body, sides, Bounds.of(body.outline().bounds(), sides));
        }

        Outline outline() {
            return body.outline();
        }
    }

    /** Where two slabs go through each other, on the first one; empty where they don't. */
    static Optional<Point> between(Lying one, Lying other) {
        Patience.take(MEETING);
        return one.sides.stream()
                .flatMap(a -> other.sides.stream()
                        .flatMap(b -> crossing(new Sheet(one.outline(), a), new Sheet(other.outline(), b)).stream()))
                .findFirst();
    }

    private record Sheet(Outline outline, Rigid at) {}

    private static Optional<Point> crossing(Sheet one, Sheet other) {
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
