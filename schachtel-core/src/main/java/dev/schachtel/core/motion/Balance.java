package dev.schachtel.core.motion;

import java.util.List;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Stance;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * Where a standing card has its centre of mass, and how far it may be tipped before it falls: the angle at the edge it
 * would fall over, arctan(distance of the centre from that edge / its height). Masses are areas x grammage of all parts.
 *
 * @param centre x forward from the back edge, y up, in millimetres
 * @param grams mass of all that stands
 * @param backwards degrees; negative when it falls by itself
 * @param forwards degrees; negative when it falls by itself
 */
public record Balance(Id owner, Point centre, double grams, double backwards, double forwards) {
    static Balance of(Stance stance, Build build) {
        Links links = new Links(build);
        double mass = 0;
        double x = 0;
        double y = 0;
        for (Stance.Limb limb : stance.limbs()) {
            for (SlabId id : links.carriedBy(List.of(limb.root()))) {
                Level level = build.level(id).orElseThrow();
                Part part = build.part(level.slab().part()).orElseThrow();
                for (Outline footprint : level.slab().footprints()) {
                    double grams = grams(footprint, level, part);
                    Point at = place(limb, footprint.centroid().y());
                    mass += grams;
                    x += grams * at.x();
                    y += grams * at.y();
                }
            }
        }
        Point centre = mass <= 0 ? Point.ORIGIN : new Point(x / mass, y / mass);
        double high = Math.max(Mm.of(Length.ofMicrometres(1)), centre.y());
        return new Balance(
                stance.owner(),
                centre,
                mass,
                Math.toDegrees(Math.atan2(centre.x() - Mm.of(stance.back()), high)),
                Math.toDegrees(Math.atan2(Mm.of(stance.front()) - centre.x(), high)));
    }

    private static double grams(Outline footprint, Level level, Part part) {
        double layers = Mm.of(level.slab().thickness())
                / Math.max(0.001, Mm.of(part.material().thickness()));
        return footprint.area().squareMillimetres() / 1e6 * part.material().grammage() * layers;
    }

    private static Point place(Stance.Limb limb, double up) {
        double low = Mm.of(limb.low());
        double high = Mm.of(limb.high());
        double share = high == low ? 0 : (up - low) / (high - low);
        Point a = limb.foot();
        Point b = limb.top();
        return a.plus((b.x() - a.x()) * share, (b.y() - a.y()) * share);
    }
}
