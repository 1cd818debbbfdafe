package dev.schachtel.core.build;

import java.time.Duration;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Where;
import dev.schachtel.core.material.Shade;
import dev.schachtel.core.material.Technique;
import dev.schachtel.core.measure.Area;

/**
 * What one shade colours on a card, in one go on all its pictures.
 *
 * @param owner the piece that asks for it
 * @param area on one card
 * @param each handwork for one card
 * @param overWet whether the shade that comes next lies beside it and is so much lighter or darker that it must not run into it
 */
public record Inking(
        Id owner, Technique way, Shade shade, List<PartId> parts, Area area, Duration each, boolean overWet) {
    public Inking {
        parts = List.copyOf(parts);
    }

    /** The same work as that on its first part, with the times of all. */
    public Surface asWork() {
        return new Surface(
                owner,
                parts.get(0),
                SlabId.of(parts.get(0)),
                way,
                shade.colour(),
                each,
                Duration.ofMinutes(way.dryMinutes()),
                false,
                List.of(),
                1,
                new Where.Whole(),
                Optional.empty(),
                List.of());
    }
}
