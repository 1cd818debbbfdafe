package dev.schachtel.core.card;

import java.util.Optional;

import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.MaterialId;

/**
 * What the maker decides about cutting one part, whatever the tool would do.
 *
 * @param part as parts are called: "panel", "shaker/film"
 * @param method by which it is cut
 * @param from the sheet or offcut of the drawer that it must come from
 * @param spares of this part, besides those that the brief asks for
 * @param middle whether its covered middle, if it has one, is cut out and used for smaller parts
 */
public record CutChoice(
        @Asked(value = "Part", coded = true) String part,
        @Asked("Cut by") Optional<CutMethod> method,
        @Asked("From") Optional<MaterialId> from,
        @Asked(value = "Covered middle cut out", initial = "false") boolean middle,
        @Asked(value = "Spares of it", initial = "0", min = "0", max = "100") int spares) {
    /** Whether anything is decided. */
    public boolean isSomething() {
        return method.isPresent() || from.isPresent() || middle || spares > 0;
    }
}
