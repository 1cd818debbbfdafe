package dev.schachtel.app.shades;

import java.util.List;
import java.util.Optional;

import dev.schachtel.app.structure.Field;

/**
 * What the page Colours shows.
 *
 * @param groups by medium
 * @param low what is to be bought soon
 * @param pages of the swatch chart
 * @param habits how the maker works with each medium that is there
 */
public record ShadesView(
        List<Group> groups,
        int count,
        Optional<Picked> picked,
        List<Field.Option> media,
        List<Low> low,
        int pages,
        List<Medium> habits) {
    /** How the maker works with a medium. */
    public record Medium(String medium, String title, boolean darkFirst, int covers) {}

    /** What all cards take together of something that they take more than half of. */
    public record Wish(String name, String words, String shape) {}

    /** Those of one medium. */
    public record Group(String title, List<Tile> tiles) {}

    /**
     * One of them.
     *
     * @param left how much of the drawing is filled, 0 to 100
     */
    public record Tile(String id, String name, String colour, int left, String level, boolean picked) {}

    /** The chosen one with what can be said of it. */
    public record Picked(
            String id,
            String name,
            String colour,
            String lab,
            String family,
            List<Field.Option> media,
            List<Field.Option> levels,
            List<Near> near) {}

    /** Another of the same medium that looks alike. */
    public record Near(String id, String name, String colour, String apart) {}

    /** Low or empty. */
    public record Low(String id, String name, String words, String shape) {}

    /** A chart that was read: what each field is now, and was. */
    public record Read(String id, String name, String was, String now, String apart) {}

    /** A colour of a photo with what is owned nearest to it. */
    public record Found(String colour, int percent, String paper, String shade) {}
}
