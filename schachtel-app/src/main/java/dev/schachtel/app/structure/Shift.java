package dev.schachtel.app.structure;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.edit.Positions;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.shape.Mm;

/**
 * How far a piece is to be moved.
 *
 * @param dx millimetres to the right, from a drag; taken to the nearest fine step
 * @param stepX steps to the right, from keys
 * @param fine whether steps are the fine ones
 */
public record Shift(String piece, Double dx, Double dy, Integer stepX, Integer stepY, Boolean fine) {
    private static final double FARTHEST = 3000;

    public Shift {
        piece = piece == null ? "" : piece;
        dx = dx == null ? Double.valueOf(0) : dx;
        dy = dy == null ? Double.valueOf(0) : dy;
        stepX = stepX == null ? Integer.valueOf(0) : stepX;
        stepY = stepY == null ? Integer.valueOf(0) : stepY;
        fine = Boolean.TRUE.equals(fine);
    }

    /**
     * The card with the piece moved.
     *
     * @throws RefusedException if it can't be moved, or not so far
     */
    public CardSpec apply(CardSpec spec) {
        if (!(Math.abs(dx) <= FARTHEST && Math.abs(dy) <= FARTHEST)
                || Math.abs(stepX) > 1000
                || Math.abs(stepY) > 1000) {
            throw new RefusedException(piece, "can't be moved so far");
        }
        Length step = fine ? spec.units().fineStep() : spec.units().step();
        Length snap = spec.units().fineStep();
        Length x = Mm.length(dx).roundedTo(snap).plus(step.times(stepX));
        Length y = Mm.length(dy).roundedTo(snap).plus(step.times(stepY));
        return Positions.moved(spec, StructureController.id(piece), x, y);
    }
}
