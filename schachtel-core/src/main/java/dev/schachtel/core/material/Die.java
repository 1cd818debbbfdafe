package dev.schachtel.core.material;

import dev.schachtel.core.measure.Length;

/**
 * A die of the roller machine.
 *
 * @param width of what it cuts
 * @param set the nested set it belongs to; empty for a single one
 * @param stitched how far inside the edge its stitch line runs, 0 without one
 */
public record Die(MaterialId id, String name, Shape shape, Length width, Length height, String set, Length stitched) {
    /** What it cuts. */
    public enum Shape {
        ROUND,
        OVAL,
        RECTANGLE,
        ROUNDED,
        ARCH
    }

    /** Sizes that differ by less than a die's own spread are one: 0.2 mm. */
    private static final Length SAME = Length.ofMicrometres(200);

    /** Whether it cuts this size, lying either way. */
    public boolean cuts(Length wide, Length high) {
        return near(wide, width) && near(high, height) || near(wide, height) && near(high, width);
    }

    private static boolean near(Length a, Length b) {
        return !a.minus(b).abs().isAbove(SAME);
    }
}
