package dev.schachtel.core.motion;

import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.pose.Rigid;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Point;

/**
 * Something that goes below the board on which the card is opened: where it does so deepest, from shut to as the card is given, or opened flat.
 *
 * @param share how far the card is open then
 * @param deep how far below the base's lowest place, and further than when the card is shut, mm
 */
public record Dip(Space.Body body, double share, double deep) {
    /** What goes no deeper is thickness that gives way, mm. */
    private static final double FLAT = 1;

    private static final int STEPS = 16;

    /** Empty for a card that stands upright or hangs, and where nothing goes deeper than the base does. */
    static Optional<Dip> of(Build build, Space space) {
        Unfolding unfolding = build.mechanics().unfolding();
        if (unfolding.standing() != Unfolding.Standing.LIES || !unfolding.isMoving()) {
            return Optional.empty();
        }
        List<Space.Body> others =
                space.bodies().stream().filter(b -> !isBase(b)).toList();
        double[] shut = depths(space, others, 0);
        double end = unfolding.isMadeToStand() ? unfolding.shownShare() : 1;
        Dip deepest = null;
        for (int step = 1; step <= STEPS; step++) {
            double share = end * step / STEPS;
            double[] now = depths(space, others, share);
            for (int i = 0; i < now.length; i++) {
                double deep = now[i] - Math.max(0, shut[i]);
                if (deep > (deepest == null ? FLAT : deepest.deep)) {
                    deepest = new Dip(others.get(i), share, deep);
                }
            }
        }
        return Optional.ofNullable(deepest);
    }

    private static boolean isBase(Space.Body body) {
        return body.level().slab().part().owner().equals(Id.BASE);
    }

    private static double[] depths(Space space, List<Space.Body> bodies, double share) {
        List<Rigid> panels = space.at(share).panels();
        double board = space.bodies().stream()
                .filter(Dip::isBase)
                .mapToDouble(b -> lowest(space, b, panels, b.outline().outer().flattened()))
                .min()
                .orElse(0);
        return bodies.stream()
                .mapToDouble(b -> {
                    double deep = board - lowest(space, b, panels, corners(b));
                    return deep <= 0
                            ? deep
                            : board
                                    - lowest(
                                            space,
                                            b,
                                            panels,
                                            b.outline().outer().flattened());
                })
                .toArray();
    }

    /** Of the box round it: never higher than the sheet itself. */
    private static List<Point> corners(Space.Body body) {
        Box box = body.outline().bounds();
        return List.of(
                new Point(box.left(), box.bottom()),
                new Point(box.right(), box.bottom()),
                new Point(box.left(), box.top()),
                new Point(box.right(), box.top()));
    }

    private static double lowest(Space space, Space.Body body, List<Rigid> panels, List<Point> places) {
        Rigid place = panels.get(body.panel());
        double over = space.over(body.panel());
        double low = Mm.of(body.level().bottom()) - over;
        double high = Mm.of(body.level().top()) - over;
        double lowest = Double.MAX_VALUE;
        for (Point p : places) {
            double under = place.at(new Vec(p.x(), p.y(), low)).y();
            double above = place.at(new Vec(p.x(), p.y(), high)).y();
            lowest = Math.min(lowest, Math.min(under, above));
        }
        return lowest;
    }
}
