package dev.schachtel.core.pose;

import java.util.List;

/**
 * A line along which two panels hang together: a crease, or an edge that is glued on. It is named in the direction that has the second panel
 * on its left where both lie flat side by side.
 *
 * @param name what a finding calls it
 * @param first the panel that stays, by its number
 * @param second the panel that turns about it
 * @param onFirst where the line is on the first panel's sheet
 * @param onSecond where it is on the second panel's sheet
 * @param shut its angle when the card is shut
 * @param towards which way it moves first from there: above 0 towards a valley, below 0 towards a mountain
 */
public record Hinge(String name, int first, int second, Edge onFirst, Edge onSecond, double shut, double towards)
        implements Tie {
    /** A crease of one sheet, on the same line on both sides of it; from shut it moves towards flat. */
    public static Hinge crease(String name, int first, int second, Edge line, double shut) {
        return new Hinge(name, first, second, line, line, shut, -Math.signum(shut));
    }

    /** How the second panel's sheet lies on the first one's, at an angle. */
    Rigid at(double angle) {
        return bent(laid(), angle);
    }

    /** The same from how it lies flat, which never changes. */
    Rigid bent(Rigid laid, double angle) {
        return Rigid.about(onFirst.begins(), onFirst.along(), angle).after(laid);
    }

    @Override
    public List<Gap> gaps(Rigid placed, Rigid turned) {
        return List.of(
                Gap.of(placed.at(onFirst.begins()), turned.at(onSecond.begins())),
                Gap.of(placed.at(onFirst.ends()), turned.at(onSecond.ends())));
    }

    /** How it lies flat beside the first one. */
    Rigid laid() {
        Vec along = onFirst.along();
        Vec own = onSecond.along();
        double turn = Math.atan2(along.y(), along.x()) - Math.atan2(own.y(), own.x());
        Rigid flat = Rigid.about(Vec.ZERO, new Vec(0, 0, 1), turn);
        return new Rigid(flat.across(), flat.up(), flat.out(), onFirst.begins().minus(flat.at(onSecond.begins())));
    }
}
