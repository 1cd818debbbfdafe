package dev.schachtel.core.motion;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.apache.commons.math3.geometry.euclidean.twod.Vector2D;
import org.apache.commons.math3.geometry.euclidean.twod.hull.MonotoneChain;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Panel;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.pose.Rigid;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Point;

/**
 * How far a card that stands on the board may be tipped before it falls, whichever way: the least, over the edges of the hull round all that touches the
 * board, of arctan(distance of the centre of mass from the edge / its height). Masses are areas x grammage.
 *
 * @param centre of mass: x to the right, y up, z to the front, mm
 * @param backwards degrees over the hindmost line on which it stands
 * @param forwards the same over the foremost
 * @param degrees the least, whichever way; below 0 when it falls by itself
 * @param under what reaches lower than the foot of the card, if anything does: the card stands on that
 */
public record Tipping(
        Vec centre, double grams, double backwards, double forwards, double degrees, Optional<Under> under) {
    /** What reaches no further down is thickness that gives way, mm. */
    private static final double FLAT = 1;
    /** What is no higher than this over the lowest point touches the board, mm. */
    private static final double TOUCHES = 0.5;

    /**
     * What reaches lower than the base, the lowest of all.
     *
     * @param deep by how much, mm
     * @param rise how far it rises for a millimetre up on its face: the sine of how that leans
     */
    public record Under(Space.Body body, double deep, double rise) {}

    /** When it is open by a share. */
    public static Tipping of(Build build, Space space, double share) {
        List<Rigid> panels = space.at(share).panels();
        Vec sum = Vec.ZERO;
        double grams = 0;
        List<Vec> corners = new ArrayList<>();
        for (Space.Body body : space.bodies()) {
            Rigid place = panels.get(body.panel());
            double over = space.over(body.panel());
            double low = Mm.of(body.level().bottom()) - over;
            double high = Mm.of(body.level().top()) - over;
            Point middle = body.outline().centroid();
            double mass = grams(build, body);
            sum = sum.plus(
                    place.at(new Vec(middle.x(), middle.y(), (low + high) / 2)).times(mass));
            grams += mass;
            for (Point p : body.outline().outer().flattened()) {
                corners.add(place.at(new Vec(p.x(), p.y(), low)));
                corners.add(place.at(new Vec(p.x(), p.y(), high)));
            }
        }
        Vec centre = grams > 0 ? sum.times(1 / grams) : Vec.ZERO;
        return stands(centre, grams, corners, under(build, space, panels));
    }

    private static Optional<Under> under(Build build, Space space, List<Rigid> panels) {
        Set<SlabId> folded =
                build.mechanics().unfolding().panels().stream().map(Panel::slab).collect(Collectors.toSet());
        double foot = space.bodies().stream()
                .filter(Tipping::isBase)
                .mapToDouble(b -> lowest(space, b, panels))
                .min()
                .orElse(0);
        return space.bodies().stream()
                .filter(b -> !isBase(b) && !folded.contains(b.level().slab().id()))
                .map(b -> new Under(
                        b,
                        foot - lowest(space, b, panels),
                        panels.get(b.panel()).up().y()))
                .filter(u -> u.deep > FLAT)
                .max(Comparator.comparing(Under::deep));
    }

    private static boolean isBase(Space.Body body) {
        return body.level().slab().part().owner().equals(Id.BASE);
    }

    private static double lowest(Space space, Space.Body body, List<Rigid> panels) {
        double over = space.over(body.panel());
        return body.outline().outer().flattened().stream()
                .flatMap(p -> Stream.of(body.level().bottom(), body.level().top())
                        .map(z -> new Vec(p.x(), p.y(), Mm.of(z) - over)))
                .mapToDouble(v -> panels.get(body.panel()).at(v).y())
                .min()
                .orElse(0);
    }

    /** As it is given, or opened where it is given shut; empty for one that doesn't stand by itself. */
    static Optional<Tipping> given(Build build, Space space) {
        Unfolding unfolding = build.mechanics().unfolding();
        return unfolding.standsByItself() ? Optional.of(of(build, space, unfolding.shownShare())) : Optional.empty();
    }

    private static double grams(Build build, Space.Body body) {
        return build.part(body.level().slab().part())
                .map(p -> body.outline().area().squareMillimetres()
                        / 1e6
                        * p.material().grammage()
                        * Mm.of(body.level().slab().thickness())
                        / Math.max(0.001, Mm.of(p.material().thickness())))
                .orElse(0.0);
    }

    private static Tipping stands(Vec centre, double grams, List<Vec> corners, Optional<Under> under) {
        double board = corners.stream().mapToDouble(Vec::y).min().orElse(0);
        double high = centre.y() - board;
        List<Vector2D> feet = corners.stream()
                .filter(c -> c.y() < board + TOUCHES)
                .map(c -> new Vector2D(c.x(), c.z()))
                .toList();
        double back = feet.stream().mapToDouble(Vector2D::getY).min().orElse(0);
        double front = feet.stream().mapToDouble(Vector2D::getY).max().orElse(0);
        return new Tipping(
                centre,
                grams,
                Math.toDegrees(Math.atan2(centre.z() - back, high)),
                Math.toDegrees(Math.atan2(front - centre.z(), high)),
                least(centre, high, feet),
                under);
    }

    private static double least(Vec centre, double high, List<Vector2D> feet) {
        Vector2D[] hull = new MonotoneChain().findHullVertices(feet).toArray(Vector2D[]::new);
        double least = 90;
        for (int i = 0; i < hull.length; i++) {
            Vector2D from = hull[i];
            Vector2D along = hull[(i + 1) % hull.length].subtract(from).normalize();
            Vector2D to = new Vector2D(centre.x(), centre.z()).subtract(from);
            double inside = along.getX() * to.getY() - along.getY() * to.getX();
            least = Math.min(least, Math.toDegrees(Math.atan2(inside, high)));
        }
        return hull.length < 3 ? -90 : least;
    }
}
