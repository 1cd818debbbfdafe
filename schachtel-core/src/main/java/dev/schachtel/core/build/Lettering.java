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
 * @param on the sheet whose upper side they are on
 * @param letters in their inks, where they lie on the face
 */
public record Lettering(
        Id owner, SlabId on, PartId part, String text, List<Colour> inks, double xHeight, List<Art.Tint> letters) {
    public Lettering {
        inks = List.copyOf(inks);
        letters = List.copyOf(letters);
    }

    /** A part that is itself cut as the word. */
    public static Lettering cut(Id owner, PartId on, String text) {
        return new Lettering(owner, SlabId.of(on), on, text, List.of(), 0, List.of());
    }

    public boolean isInked() {
        return !inks.isEmpty();
    }

    /** Whether they are on a strip of their own, not on a face that others lie on too. */
    public boolean isOnStrip() {
        return part.owner().equals(owner);
    }

    /** What all its letters take; empty without letters. */
    public Optional<Box> extent() {
        return letters.stream()
                .flatMap(t -> t.areas().stream())
                .map(Outline::bounds)
                .reduce(Box::union);
    }
}
