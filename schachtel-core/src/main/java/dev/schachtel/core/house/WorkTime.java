package dev.schachtel.core.house;

/**
 * How long a kind of work takes this maker.
 *
 * @param work the kind's id, such as {@code fix-film}
 * @param setUp seconds to get ready, 0 or more
 * @param each seconds for one thing, 0 or more
 */
public record WorkTime(String work, int setUp, int each) {
    public WorkTime {
        if (setUp < 0 || each < 0) {
            throw new IllegalArgumentException(
                    "times of '" + work + "' (" + setUp + " s, " + each + " s) must be 0 or more");
        }
    }
}
