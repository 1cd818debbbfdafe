package dev.schachtel.core.build;

import java.util.List;

import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.shape.Outline;

/**
 * The picture on a part.
 *
 * @param picture which of the box
 * @param mirrored left for right
 * @param tints coloured areas from the back to the front, in the part's own coordinates
 */
public record Art(PartId part, MaterialId picture, boolean mirrored, List<Tint> tints) {
    public Art {
        tints = List.copyOf(tints);
    }

    /** One colour, which may lie in several places. */
    public record Tint(String name, Colour colour, List<Outline> areas) {
        public Tint {
            areas = List.copyOf(areas);
        }

        Tint mirrored() {
            return new Tint(name, colour, areas.stream().map(a -> a.mirrored(0)).toList());
        }
    }

    /** With its tints left for right, about the part's own middle. */
    public Art turnedRound() {
        return new Art(
                part, picture, !mirrored, tints.stream().map(Tint::mirrored).toList());
    }
}
