package dev.schachtel.core.build;

import java.util.List;

import dev.schachtel.core.shape.Outline;

/**
 * Where surface work is equally strong.
 *
 * @param coverage 0 to 1
 * @param areas where they lie on the face
 */
public record Coat(double coverage, List<Outline> areas) {
    public Coat {
        areas = List.copyOf(areas);
    }

    /** Without what is kept free. */
    public Coat less(List<Outline> free) {
        return new Coat(
                coverage, areas.stream().flatMap(a -> a.less(free).stream()).toList());
    }
}
