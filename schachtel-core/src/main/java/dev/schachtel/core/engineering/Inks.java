package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.build.Coat;
import dev.schachtel.core.build.Coloured;
import dev.schachtel.core.build.Inking;
import dev.schachtel.core.build.Surface;

/** What is done to the surfaces of a card. */
final class Inks {
    private final List<Surface> surfaces = new ArrayList<>();
    private final List<Coloured> coloured = new ArrayList<>();
    private final List<Inking> inkings = new ArrayList<>();
    private boolean claimed;

    /** Its coats may be told later, by the number that is answered. */
    int add(Surface surface) {
        surfaces.add(surface);
        return surfaces.size() - 1;
    }

    void place(int surface, List<Coat> coats, int times) {
        surfaces.set(surface, surfaces.get(surface).at(coats, times));
    }

    void colour(List<Coloured> areas, List<Inking> strokes) {
        coloured.addAll(areas);
        inkings.addAll(strokes);
    }

    /** The pictures are coloured by somebody now. */
    void claim() {
        claimed = true;
    }

    boolean isColoured() {
        return claimed;
    }

    List<Surface> surfaces() {
        return List.copyOf(surfaces);
    }

    List<Coloured> coloured() {
        return List.copyOf(coloured);
    }

    List<Inking> inkings() {
        return List.copyOf(inkings);
    }
}
