package dev.schachtel.core.motion;

import java.util.ArrayList;
import java.util.List;

import org.apache.commons.math3.geometry.euclidean.twod.Vector2D;
import org.apache.commons.math3.geometry.euclidean.twod.hull.MonotoneChain;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.pose.Rigid;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Point;

/**
 * How far a card that stands on the board may be tipped before it falls, whichever way: the least, over the edges of the hull round all that touches the
 * board, of arctan(distance of the centre of mass from the edge / its height). Masses are areas x grammage.
 *
 * @param centre of mass: x to the right, y up, z to the front, mm
 * @param degrees below 0 when it falls by itself
 */
public record Tipping(Vec centre, double grams, double degrees) {
    /** What is no higher than this over the lowest point touches the board, mm. */
    private static final double TOUCHES = 0.5;

    /** When it is open by a share. */
    public static Tipping of(Build build, Space space, double share) {
        List<Rigid> panels = space.at(share).panels();
        Vec sum = Vec.ZERO;
        double grams = 0;
        List<Vec> corners = new ArrayList<>();
        for (Space.Body body : space.bodies()) {
            Rigid place = panels.get(body.panel());
            double low = Mm.of(body.level().bottom());
            double high = Mm.of(body.level().top());
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
        return new Tipping(centre, grams, least(centre, corners));
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

    private static double least(Vec centre, List<Vec> corners) {
        double board = corners.stream().mapToDouble(Vec::y).min().orElse(0);
        List<Vector2D> feet = corners.stream()
                .filter(c -> c.y() < board + TOUCHES)
                .map(c -> new Vector2D(c.x(), c.z()))
                .toList();
        Vector2D[] hull = new MonotoneChain().findHullVertices(feet).toArray(Vector2D[]::new);
        double least = 90;
        for (int i = 0; i < hull.length; i++) {
            Vector2D from = hull[i];
            Vector2D along = hull[(i + 1) % hull.length].subtract(from).normalize();
            Vector2D to = new Vector2D(centre.x(), centre.z()).subtract(from);
            double inside = along.getX() * to.getY() - along.getY() * to.getX();
            least = Math.min(least, Math.toDegrees(Math.atan2(inside, centre.y() - board)));
        }
        return hull.length < 3 ? -90 : least;
    }
}
