package dev.schachtel.core.pose;

/**
 * A turn and a shift: how a panel lies in space. Where the axes of its sheet point, and where the sheet's origin is.
 *
 * @param across where the sheet's x axis points, 1 long, as are the others
 * @param up where its y axis points
 * @param out where it looks
 */
public record Rigid(Vec across, Vec up, Vec out, Vec origin) {
    public static final Rigid FLAT = new Rigid(new Vec(1, 0, 0), new Vec(0, 1, 0), new Vec(0, 0, 1), Vec.ZERO);

    /** Where a place of the sheet is. */
    public Vec at(Vec p) {
        return turned(p, origin);
    }

    /** Where a direction of the sheet points. */
    public Vec direction(Vec d) {
        return turned(d, Vec.ZERO);
    }

    /** In one go: every point of every outline passes here. */
    private Vec turned(Vec d, Vec from) {
        return new Vec(
                across.x() * d.x() + up.x() * d.y() + out.x() * d.z() + from.x(),
                across.y() * d.x() + up.y() * d.y() + out.y() * d.z() + from.y(),
                across.z() * d.x() + up.z() * d.y() + out.z() * d.z() + from.z());
    }

    /** First the other, then this. */
    public Rigid after(Rigid other) {
        return new Rigid(direction(other.across), direction(other.up), direction(other.out), at(other.origin));
    }

    /** So much of the way to a near one, from 0 to 1, filled in straight. */
    public Rigid between(Rigid to, double share) {
        return new Rigid(
                mixed(across, to.across, share),
                mixed(up, to.up, share),
                mixed(out, to.out, share),
                mixed(origin, to.origin, share));
    }

    private static Vec mixed(Vec from, Vec to, double share) {
        return from.times(1 - share).plus(to.times(share));
    }

    /** A shift without a turn. */
    public static Rigid shift(Vec by) {
        return new Rigid(FLAT.across, FLAT.up, FLAT.out, by);
    }

    /** The way back: the turn's rows for its columns. */
    public Rigid inverse() {
        Rigid turn = new Rigid(
                new Vec(across.x(), up.x(), out.x()),
                new Vec(across.y(), up.y(), out.y()),
                new Vec(across.z(), up.z(), out.z()),
                Vec.ZERO);
        return new Rigid(turn.across, turn.up, turn.out, turn.direction(origin).times(-1));
    }

    /** A turn about a line through a place, by an angle in radians, counterclockwise seen against the direction (Rodrigues). */
    public static Rigid about(Vec through, Vec direction, double angle) {
        Vec k = direction.unit();
        Rigid turn = new Rigid(
                turned(FLAT.across, k, angle), turned(FLAT.up, k, angle), turned(FLAT.out, k, angle), Vec.ZERO);
        return new Rigid(turn.across, turn.up, turn.out, through.minus(turn.direction(through)));
    }

    private static Vec turned(Vec v, Vec k, double angle) {
        double c = Math.cos(angle);
        return v.times(c).plus(k.cross(v).times(Math.sin(angle))).plus(k.times(k.dot(v) * (1 - c)));
    }
}
