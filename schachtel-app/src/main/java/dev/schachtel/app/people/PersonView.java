package dev.schachtel.app.people;

import java.util.List;

/**
 * What is kept about somebody, as the page says it.
 *
 * @param copies what the safety copies still hold, in a sentence
 */
record PersonView(String who, List<Line> lines, String sum, String more, String copies) {
    /** One text with the name in it, and what stands there afterwards. */
    record Line(String id, String where, String text, String instead, int times) {}
}
