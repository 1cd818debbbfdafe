package dev.schachtel.app.people;

import java.util.List;

/**
 * What is kept about somebody, as the page says it.
 *
 * @param erased whether it was kept until now; nothing is listed then
 * @param copies what the safety copies still hold, in a sentence
 */
record PersonView(String who, boolean erased, List<Line> lines, String sum, String more, String copies) {
    public String title() {
        if (erased) {
            return "The name is erased";
        }
        return (lines.isEmpty() ? "Nothing is kept about “" : "What is kept about “") + who + "”";
    }

    /** One text with the name in it, and what stands there afterwards. */
    record Line(String id, String where, String text, String instead, int times) {}
}
