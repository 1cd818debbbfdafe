package dev.schachtel.core.card;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.letters.Typeface;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.measure.Length;

/** Words in ink. */
public interface Worded {
    Id id();

    /** What is read. */
    String text();

    Typeface letters();

    /** How high small letters are; 0 where something else says how large words are. */
    Length xHeight();

    /** The line on which they stand. */
    Course course();

    /** Their middle, from the left. */
    Length across();

    /** Their middle, from the foot. */
    Length up();

    Colour ink();

    Inks inks();

    /** All inks from the left. */
    default List<Colour> allInks() {
        List<Colour> all = new ArrayList<>(List.of(ink()));
        all.addAll(inks().further());
        return all;
    }
}
