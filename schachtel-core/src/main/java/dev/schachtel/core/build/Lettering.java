package dev.schachtel.core.build;

import java.util.List;
import java.util.Optional;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;

/**
 * Words that are read on a part.
 *
 * @param inks in which they are stamped, printed or written, from the left; none where the part itself is the word
 * @param xHeight how high its small letters are, mm
 * @param letters in their inks, in the part's own coordinates
 */
public record Lettering(Id owner, PartId on, String text, List<Colour> inks, double xHeight, List<Art.Tint> letters) {
    public Lettering {
        inks = List.copyOf(inks);
        letters = List.copyOf(letters);
    }

    /** A part that is itself cut as the word. */
    public static Lettering cut(Id owner, PartId on, String text) {
        return new Lettering(owner, on, text, List.of(), 0, List.of());
    }

    public boolean isInked() {
        return !inks.isEmpty();
    }

    /** All its letters where the part lies; empty without letters. */
    public Optional<Box> extent(Part part) {
        return letters.stream()
                .flatMap(t -> t.areas().stream())
                .map(a -> a.placed(part.at().get(0)))
                .map(Outline::bounds)
                .reduce(Box::union);
    }
}
