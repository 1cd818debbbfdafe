package dev.schachtel.core.schedule;

/**
 * One task before another.
 *
 * @param dry whether the first one's rest must be over too
 * @param most seconds from the end of the first one's handwork within which the other begins; {@link #ANY} for any
 */
public record Link(int before, int after, boolean dry, long most) {
    public static final long ANY = -1;

    public static Link of(int before, int after) {
        return new Link(before, after, true, ANY);
    }

    boolean isSoon() {
        return most >= 0;
    }
}
