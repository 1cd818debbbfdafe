package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.build.Coat;
import dev.schachtel.core.build.Coloured;
import dev.schachtel.core.build.Inking;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.shape.Outline;

/** What is done to the surfaces of a card. */
final class Inks {
    private final List<Surface> surfaces = new ArrayList<>();
    private final List<Coloured> coloured = new ArrayList<>();
    private final List<Inking> inkings = new ArrayList<>();
    private final List<Masked> masks = new ArrayList<>();
    private boolean claimed;

    /** Its coats may be told later, by the number that is answered. */
    int add(Surface surface) {
        surfaces.add(surface);
        return surfaces.size() - 1;
    }

    void place(int surface, List<Coat> coats, int times, List<Masked> by) {
        List<Outline> free = by.stream().map(Masked::area).toList();
        List<Coat> lies =
                free.isEmpty() ? coats : coats.stream().map(c -> c.less(free)).toList();
        surfaces.set(
                surface,
                surfaces.get(surface)
                        .at(lies, times, by.stream().map(Masked::owner).toList()));
    }

    void mask(Masked mask) {
        masks.add(mask);
    }

    /** What keeps some work off a sheet. */
    List<Masked> masks(SlabId sheet, Id work, CardSpec spec) {
        return masks.stream()
                .filter(m -> m.sheet().equals(sheet) && m.keepsOff(work, spec))
                .toList();
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
