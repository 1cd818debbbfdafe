package dev.schachtel.core.tolerance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Fit;
import dev.schachtel.core.build.Fit.Gauge;
import dev.schachtel.core.build.Fit.Share;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Lever;
import dev.schachtel.core.build.Off;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.Layer;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;

/**
 * Borders round panels and mats: their reveal. A border that is the same all round looks even while its widest side is at most
 * {@value #EVEN} times its narrowest, handbook chapter 12; one that is meant to differ while no side is less than half of what it
 * should be. The piece looks square in it while the same holds for the two ends of each side: they differ by at most 0.4 of the border.
 */
final class Borders {
    private static final double EVEN = 1.5;
    /** (b + d / 2) / (b - d / 2) = 1.5 gives d = 0.4 b. */
    private static final double ASKEW = 0.4;
    /** Wider than this nobody compares one side with the other: 12 mm. */
    private static final double WIDEST = 12;
    /** Sides that differ by more are meant to: 0.1 mm. */
    private static final double SAME = 0.1;

    private Borders() {}

    static List<Fit> of(Build build) {
        List<Fit> found = new ArrayList<>();
        for (Joint joint : build.joints()) {
            Optional<Level> upper = build.level(joint.upper());
            Optional<Level> lower = build.level(joint.lower());
            boolean layer = joint.hold() == Joint.Hold.RESTS && isLayer(build, joint.upper());
            if (layer
                    && upper.filter(build::isCard).isPresent()
                    && lower.filter(build::isCard).isPresent()) {
                border(build, upper.get(), lower.get(), found);
            }
        }
        return found;
    }

    private static boolean isLayer(Build build, SlabId slab) {
        return build.partAt(slab)
                .filter(part -> build.spec().find(part.owner(), Layer.class).isPresent())
                .isPresent();
    }

    private static void border(Build build, Level upper, Level lower, List<Fit> found) {
        double[] sides = sides(upper.slab().bounds(), lower.slab().bounds());
        double narrow = Double.MAX_VALUE;
        double wide = 0;
        for (double side : sides) {
            narrow = Math.min(narrow, side);
            wide = Math.max(wide, side);
        }
        if (narrow <= 0 || wide > WIDEST) {
            return;
        }
        PartId piece = upper.slab().part();
        boolean even = wide - narrow <= SAME;
        Fit fit = Fit.of(Fit.Sort.EVEN, piece, gauges(sides, piece, lower.slab().part()));
        Optional<Source> wider =
                Lever.of(build.spec(), piece.owner(), Pull.REVEAL).map(l -> new Source(l.piece(), l.component()));
        Fit eased = wider.map(fit::easedBy).orElse(fit);
        found.add(even ? eased.evenTo(EVEN) : eased);
        List<Gauge> ends = new ArrayList<>();
        Length askew = Mm.length(narrow * ASKEW);
        for (Off.Axis axis : Off.Axis.values()) {
            ends.add(Gauge.within(Length.ZERO, askew.negated(), askew, Share.of(1, new Off.Square(piece, axis))));
        }
        Fit square = Fit.of(Fit.Sort.SQUARE, piece, ends);
        found.add(wider.map(square::easedBy).orElse(square));
    }

    /** Left, right, foot and top. */
    private static double[] sides(Box upper, Box lower) {
        return new double[] {
            upper.left() - lower.left(),
            lower.right() - upper.right(),
            upper.bottom() - lower.bottom(),
            lower.top() - upper.top()
        };
    }

    private static List<Gauge> gauges(double[] sides, PartId upper, PartId lower) {
        List<Gauge> all = new ArrayList<>();
        for (int i = 0; i < sides.length; i++) {
            Off.Axis axis = i < 2 ? Off.Axis.ACROSS : Off.Axis.UP;
            Length border = Mm.length(sides[i]);
            all.add(Gauge.atLeast(
                    border,
                    border.half(),
                    Share.of(i % 2 == 0 ? 1 : -1, new Off.Laid(upper, axis)),
                    Share.of(-0.5, new Off.Size(upper, axis)),
                    Share.of(0.5, new Off.Size(lower, axis))));
        }
        return all;
    }
}
