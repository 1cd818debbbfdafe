package dev.schachtel.app.rescue;

import java.util.List;

/**
 * What the page shows. Texts that end in Html, and the drawing, are safe.
 *
 * @param sheet what is spoiled; empty where the spot is on no sheet of the piece
 * @param evenHtml how it is trimmed; empty where that would take too much
 * @param evenWorks whether all else still works then
 * @param smaller formats that come out of what is left
 */
public record RescueView(
        String card,
        String svg,
        List<Choice> pieces,
        Spot spot,
        String sheet,
        List<String> coversHtml,
        String evenHtml,
        boolean evenWorks,
        List<String> smaller) {
    /** A piece that may be spoiled. */
    public record Choice(String value, String label, boolean selected) {}

    /** Where it is and how large, in the card's units. */
    public record Spot(String across, String up, String size, String unit) {}
}
