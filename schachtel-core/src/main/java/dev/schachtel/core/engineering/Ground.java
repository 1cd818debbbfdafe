package dev.schachtel.core.engineering;

import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.TurnedOver;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;

/**
 * Something that others lie on or are cut into.
 *
 * @param at its lower left corner on the face
 * @param under what it lies on itself; its own slab for the base
 * @param fold the edges at a fold
 * @param shape its outline on the face, where that is no rectangle
 * @param turned how its leaf was folded over onto the face; empty for what lies as it was cut
 */
record Ground(
        Id owner,
        SlabId slab,
        PartId part,
        Placement at,
        Length width,
        Length height,
        SlabId under,
        Edge fold,
        Optional<Outline> shape,
        Optional<TurnedOver> turned) {
    /** Which edges are folds, seen from the front. */
    enum Edge {
        LEFT,
        RIGHT,
        TOP,
        SIDES,
        LEVEL,
        NONE
    }

    /** A rectangle. */
    static Ground of(PartId part, SlabId slab, Placement at, Outline.Size size, Edge fold) {
        return new Ground(
                part.owner(),
                slab,
                part,
                at,
                size.width(),
                size.height(),
                slab,
                fold,
                Optional.empty(),
                Optional.empty());
    }

    /** Whether one of the edges that meet in a corner is a fold. */
    boolean folds(boolean right, boolean top) {
        return switch (fold) {
            case LEFT -> !right;
            case RIGHT -> right;
            case TOP -> top;
            case SIDES, LEVEL -> true;
            case NONE -> false;
        };
    }

    Ground on(SlabId lower) {
        return new Ground(owner, slab, part, at, width, height, lower, fold, shape, turned);
    }

    Ground shaped(Outline outline) {
        return new Ground(owner, slab, part, at, width, height, under, fold, Optional.of(outline), turned);
    }

    /** Nothing lies behind it that something could rest on. */
    boolean isLast() {
        return under.equals(slab);
    }

    Ground folded(TurnedOver over) {
        return new Ground(owner, slab, part, at, width, height, under, fold, shape, Optional.of(over));
    }

    /** Where an outline of the face lies once this leaf is opened out. */
    Outline openedOut(Outline onFace) {
        return turned.map(t -> t.back(onFace)).orElse(onFace);
    }

    List<Point> openedOut(List<Point> onFace) {
        return turned.map(t -> onFace.stream().map(t::back).toList()).orElse(onFace);
    }

    Outline outline() {
        return shape.orElseGet(() -> Outline.sheet(width, height).placed(at));
    }
}
