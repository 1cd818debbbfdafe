package dev.schachtel.core.tolerance;

import java.util.ArrayList;
import java.util.List;

import org.apache.commons.statistics.distribution.ContinuousDistribution;
import org.apache.commons.statistics.distribution.NormalDistribution;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.Layer;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;

/**
 * Even borders round panels and mats: their reveal. A border looks even as long as it is nowhere less than half as wide
 * as it should be: the piece is off by at most half the border, both ways.
 */
public final class Borders {
    /** Wider than this nobody compares one side with the other: 12 mm. */
    private static final double WIDEST = 12;
    /** Sides that differ by more are meant to: 0.1 mm. */
    private static final double SAME = 0.1;

    private final List<Double> borders;

    private Borders(List<Double> borders) {
        this.borders = borders;
    }

    public static Borders of(Build build) {
        List<Double> found = new ArrayList<>();
        for (Joint joint : build.joints()) {
            if (joint.hold() == Joint.Hold.RESTS && isLayer(build, joint.upper()) && isCard(build, joint.lower())) {
                Level upper = build.level(joint.upper()).orElseThrow();
                Level lower = build.level(joint.lower()).orElseThrow();
                double border = border(upper.slab().bounds(), lower.slab().bounds());
                if (border > 0) {
                    found.add(border);
                }
            }
        }
        return new Borders(found);
    }

    private static boolean isLayer(Build build, SlabId slab) {
        return build.partAt(slab)
                .filter(part -> build.spec().find(part.owner(), Layer.class).isPresent())
                .isPresent();
    }

    private static boolean isCard(Build build, SlabId slab) {
        return build.partAt(slab)
                .map(Part::material)
                .filter(Cardstock.class::isInstance)
                .isPresent();
    }

    /** The width of an even border, in millimetres; 0 if there is none. */
    private static double border(Box upper, Box lower) {
        double[] sides = {
            upper.left() - lower.left(),
            upper.bottom() - lower.bottom(),
            lower.right() - upper.right(),
            lower.top() - upper.top()
        };
        for (double side : sides) {
            if (side <= 0 || side > WIDEST || Math.abs(side - sides[0]) > SAME) {
                return 0;
            }
        }
        return sides[0];
    }

    /** How many borders a card has. */
    public int count() {
        return borders.size();
    }

    /**
     * The share of cards on which all look even when pieces are laid with this spread, one sigma each way; all if there is
     * no spread.
     */
    public double even(Length sigma) {
        if (!sigma.isPositive()) {
            return 1;
        }
        ContinuousDistribution off = NormalDistribution.of(0, Mm.of(sigma));
        double share = 1;
        for (double border : borders) {
            double within = off.probability(-border / 2, border / 2);
            share *= within * within;
        }
        return share;
    }
}
