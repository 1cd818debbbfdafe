package dev.schachtel.core.build;

import java.util.List;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Point;

/**
 * How the card stands, seen from the side: x forward from the back edge, y up from the table, in millimetres.
 *
 * @param back where it stands at the back
 * @param front where it stands at the front
 */
public record Stance(Id owner, List<Limb> limbs, Length back, Length front) {
    public Stance {
        limbs = List.copyOf(limbs);
    }

    /**
     * A stretch of card with all that is stuck on it.
     *
     * @param root the slab that others are reached from; without what it shares with another limb
     * @param low the height on the face that comes to lie at foot
     * @param high the height on the face that comes to lie at top
     */
    public record Limb(SlabId root, Point foot, Point top, Length low, Length high) {}
}
