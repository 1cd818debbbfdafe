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
 * @param apertures the windows before it
 * @param clear the space between its walls
 * @param outside the outer edge of its walls
 * @param behind what closes it towards the back
 * @param seams where walls meet; empty for a wall without a joint
 */
public record Chamber(
        Id owner,
        Sort sort,
        List<Cutout> apertures,
        Outline clear,
        Outline outside,
        SlabId behind,
        PartId film,
        List<PartId> walls,
        List<Seam> seams,
        Length depth,
        Filling filling,
        int pieces) {
    /** What closes a chamber at its sides. */
    public enum Sort {
        /** A foam dam behind a window's film. */
        DAM,
        /** Film wrapped round a panel and taped behind it; it holds flat pieces only. */
        POUCH
    }

    public Chamber {
        apertures = List.copyOf(apertures);
        walls = List.copyOf(walls);
        seams = List.copyOf(seams);
    }

    /** Whether one of its windows is this piece's. */
    public boolean behind(Id window) {
        return apertures.stream().anyMatch(a -> a.owner().equals(window));
    }

    public boolean isDam() {
        return sort == Sort.DAM;
    }

    public Area area() {
        return clear.area();
    }
}
