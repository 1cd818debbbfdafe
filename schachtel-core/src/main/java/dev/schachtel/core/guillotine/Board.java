package dev.schachtel.core.guillotine;

/**
 * What can be cut up.
 *
 * @param grain which column of {@link Want#stays} and {@link Want#turns} counts here, 0 or more
 * @param count how many are there
 * @param sold whether more can be had; false for offcuts, which don't count as boards taken
 */
public record Board(long width, long height, int grain, int count, boolean sold) {
    public Board {
        if (width < 1 || height < 1 || grain < 0 || count < 0) {
            throw new IllegalArgumentException("a board of " + width + " x " + height + ", grain " + grain + ", count "
                    + count + "; sizes must be 1 or more, the rest 0");
        }
    }

    double area() {
        return (double) width * height;
    }
}
