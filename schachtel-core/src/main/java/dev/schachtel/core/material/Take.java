package dev.schachtel.core.material;

import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;

/**
 * What a build takes of one thing in the drawer, or puts back into it.
 *
 * @param name of the thing, in words, as it was then
 * @param item what the drawer calls it: a kind of sheet, a roll, or the material itself
 * @param amount in what {@link Of} says
 */
public record Take(String name, MaterialId material, MaterialId item, Of of, int amount) {
    /** What is counted. */
    public enum Of {
        /** Whole sheets. */
        SHEETS,
        /** Pieces from the offcut box. */
        OFFCUTS,
        /** Pieces that go into the offcut box. */
        BACK,
        /** Millimetres off a roll. */
        MILLIMETRES,
        /** Thousandths of a full pen, pad, jar or bottle. */
        THOUSANDTHS,
        /** Small things one by one. */
        PIECES;

        /** Whether a builder can take more or less of it than planned, and that is learned from. */
        public boolean isUsedUp() {
            return this != OFFCUTS && this != BACK;
        }
    }

    /** A sheet's material and size, a name that tells it from others of its kind. */
    public static String name(Material material, Sheet sheet) {
        Units units = Units.ofGoods(sheet.width(), sheet.height());
        return material.name() + ", " + units.show(sheet.width()) + " × " + units.show(sheet.height()) + " "
                + units.sign();
    }

    /**
     * The workshop after so much more was taken; less than was taken before where the amount is below 0. Nothing gets less than
     * none, or more than full. What comes from the offcut box or goes there isn't known by its size, so the box stays as it is.
     */
    public Workshop from(Workshop now) {
        return switch (of) {
            case SHEETS -> now.with(now.sheets().stream().map(this::less).toList(), now.rolls(), now.tools());
            case MILLIMETRES ->
                now.with(now.sheets(), now.rolls().stream().map(this::less).toList(), now.tools());
            case PIECES -> now.stocked(now.materials().stream().map(this::less).toList());
            case THOUSANDTHS ->
                now.stocked(now.materials().stream().map(this::less).toList())
                        .shaded(now.shades().stream().map(this::less).toList());
            case OFFCUTS, BACK -> now;
        };
    }

    private Sheet less(Sheet s) {
        return s.id().equals(item) ? s.counted(Math.max(0, s.count() - amount)) : s;
    }

    private Roll less(Roll r) {
        if (!r.id().equals(item)) {
            return r;
        }
        Length rest = r.left().minus(Length.ofMillimetres(amount));
        Length least = rest.isNegative() ? Length.ZERO : rest;
        return new Roll(
                r.id(), r.material(), r.width(), least.isAbove(r.full()) ? r.full() : least, r.full(), r.price());
    }

    private Material less(Material m) {
        if (!m.id().equals(item)) {
            return m;
        }
        if (m instanceof Embellishment e) {
            return e.counted(Math.max(0, e.owned() - amount));
        }
        return m instanceof Adhesive a && a.isPoured() ? a.less(amount * a.holds() / 1000.0) : m;
    }

    private Shade less(Shade s) {
        return s.id().equals(item) ? s.less(Math.min(amount / 1000.0, s.left())) : s;
    }
}
