package dev.schachtel.core.schedule;

/**
 * Something that one pair of hands does without a break, and what then goes on by itself. Times in seconds, 0 or more.
 *
 * @param setUp needed before it, unless the same family was worked on just before at its tool, or by the same hands if it
 *     has no tool
 * @param family of set-ups; {@link #ALONE} if nothing can share its set-up
 * @param tool place in the problem's tools, held while the hands work; {@link #NONE} for none
 * @param rest drying, pressing or cooling after the hands are done
 * @param place kind of place that is taken up while it rests; {@link #NONE} for none
 * @param hazard tasks of different hazards never overlap, rests counted; {@link #NONE} for none
 * @param from when it can begin at the earliest
 */
public record Task(int setUp, int hands, int family, int tool, int rest, int place, int hazard, long from) {
    public static final int NONE = -1;
    public static final int ALONE = -1;

    public Task {
        if (setUp < 0 || hands < 0 || rest < 0 || from < 0) {
            throw new IllegalArgumentException("a task of " + setUp + " s to set up, " + hands + " s of work, " + rest
                    + " s of rest, not before " + from + " s; all must be 0 or more");
        }
    }

    /** Work that needs nothing but hands. */
    public static Task of(int hands, int rest) {
        return new Task(0, hands, ALONE, NONE, rest, NONE, NONE, 0);
    }
}
