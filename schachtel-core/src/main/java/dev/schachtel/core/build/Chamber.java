package dev.schachtel.core.build;

import java.util.List;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Filling;
import dev.schachtel.core.measure.Area;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;

/**
 * A closed space that holds a filling.
 *
 * @param aperture the window before it
 * @param clear the space between its walls
 * @param outside the outer edge of its walls
 * @param behind what closes it towards the back
 * @param seams where walls meet; empty for a wall without a joint
 */
public record Chamber(
        Id owner,
        Cutout aperture,
        Outline clear,
        Outline outside,
        SlabId behind,
        PartId film,
        List<PartId> walls,
        List<Seam> seams,
        Length depth,
        Filling filling,
        int pieces) {
    public Chamber {
        walls = List.copyOf(walls);
        seams = List.copyOf(seams);
    }

    public Area area() {
        return clear.area();
    }
}
