package dev.schachtel.app.colours;

import java.util.List;
import java.util.Optional;

import dev.schachtel.app.frame.Frames.Frame;
import dev.schachtel.app.structure.Field;

/**
 * What the part Colours shows. Texts that end in svg are safe.
 *
 * @param colouring the piece that colours the pictures; empty if nobody does
 * @param told how much there is to do
 * @param choices light and strokes, each a row of buttons
 * @param fields what else there is to say of the colouring
 * @param bare what stays as the card is
 * @param filters what the matrices of {@code Sight} are called, with their rows
 */
public record ColoursView(
        Frame frame,
        String colouring,
        int pictures,
        String front,
        String told,
        List<Row> rows,
        String bare,
        Optional<Chosen> chosen,
        List<Field> choices,
        List<Field> fields,
        List<Use> uses,
        List<Beside> beside,
        List<Share> shares,
        String harmony,
        List<Filter> filters) {
    /**
     * The recipe of one area.
     *
     * @param key by which it is chosen
     * @param note what is to be known of it
     * @param shape watch where nothing that is owned comes near, else empty
     */
    public record Row(String key, String title, String note, String shape, List<Swatch> tones, boolean selected) {}

    /** A colour with its name; whether it is so dark that the name is read in white. */
    public record Swatch(String name, String colour, boolean dark) {}

    /** The map of the chosen area, and the picture after each of its strokes. */
    public record Chosen(
            String title,
            String svg,
            List<Stroke> strokes,
            List<String> lines,
            String key,
            String target,
            List<Field.Option> aims) {}

    /** After a stroke. */
    public record Stroke(String caption, String svg) {}

    /** Whether there is enough of a shade. */
    public record Use(String title, String words, String shape) {}

    /** A picture against what it lies on. */
    public record Beside(String piece, String ground, String title, String words, String shape, boolean canBeMeant) {}

    /** A colour's share of all, in percent, and that of all before it. */
    public record Share(String colour, double from, double percent) {}

    /** A paper that would go with the pictures, and the card with it. */
    public record Paper(String id, String name, String words, String svg) {}

    /** Papers for a sheet. */
    public record Papers(String sheet, List<Paper> best, String accent, Optional<Paper> accented) {}

    /** A way of seeing: 20 figures of a colour matrix. */
    public record Filter(String id, String label, String matrix) {}
}
