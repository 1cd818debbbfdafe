package dev.schachtel.core.learning;

/**
 * How long some work took.
 *
 * @param work the id of its kind
 * @param book seconds that it takes by the book, above 0
 * @param seconds that it took, above 0
 */
public record Timing(String work, double book, double seconds) {
    public Timing {
        if (!(book > 0) || !(seconds > 0)) {
            throw new IllegalArgumentException(
                    "times of '" + work + "' (" + book + " s by the book, " + seconds + " s) must be above 0");
        }
    }

    /** The logarithm of how many times as long it took. */
    double log() {
        return Math.log(seconds / book);
    }
}
