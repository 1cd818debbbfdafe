package dev.schachtel.core.learning;

/**
 * How long some work took.
 *
 * @param work the id of its kind
 * @param book seconds that it takes by the book, above 0
 * @param seconds that it took, above 0
 * @param setUp how many of the book's seconds are for setting up, 0 up to all
 */
public record Timing(String work, double book, double seconds, double setUp) {
    public Timing {
        if (!(book > 0) || !(seconds > 0) || !(setUp >= 0) || setUp > book) {
            throw new IllegalArgumentException(
                    "times of '" + work + "' (" + book + " s by the book, " + seconds + " s) must be above 0");
        }
    }

    /** Work that needs no set-up. */
    public Timing(String work, double book, double seconds) {
        this(work, book, seconds, 0);
    }

    /** The share of the book's time that is set-up. */
    double share() {
        return setUp / book;
    }

    /** The logarithm of how many times as long it took. */
    double log() {
        return Math.log(seconds / book);
    }
}
