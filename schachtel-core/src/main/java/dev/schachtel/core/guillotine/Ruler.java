package dev.schachtel.core.guillotine;

import java.util.Arrays;

/**
 * The distances at which cuts need to be looked at along one side of a board: all sums of sizes that fit in it, or, when
 * there are more than {@value #MOST}, a grid on which sizes are rounded, down or up.
 */
final class Ruler {
    static final int MOST = 240;
    private final long length;
    private final long[] marks;
    private final boolean exact;
    private final boolean up;

    private Ruler(long length, long[] marks, boolean exact, boolean up) {
        this.length = length;
        this.marks = marks;
        this.exact = exact;
        this.up = up;
    }

    /** Rounding up gives what surely fits, rounding down what surely holds all that fits. */
    static Ruler of(long length, long[] sizes, boolean up) {
        long[] sums = {0};
        for (boolean grown = true; grown && sums.length <= MOST; ) {
            long[] before = sums;
            sums = Arrays.stream(before)
                    .flatMap(s -> Arrays.stream(sizes).map(x -> s + x))
                    .filter(s -> s <= length)
                    .distinct()
                    .limit(4L * MOST)
                    .toArray();
            sums = java.util.stream.LongStream.concat(Arrays.stream(before), Arrays.stream(sums))
                    .distinct()
                    .sorted()
                    .toArray();
            grown = sums.length > before.length;
        }
        if (sums.length <= MOST) {
            return new Ruler(length, sums, true, up);
        }
        long[] grid = new long[MOST + 1];
        for (int i = 0; i <= MOST; i++) {
            grid[i] = i;
        }
        return new Ruler(length, grid, false, up);
    }

    boolean exact() {
        return exact;
    }

    int last() {
        return marks.length - 1;
    }

    /** The mark at which a piece of this size ends; beyond the last if it does not fit. */
    int size(long size) {
        long at = size;
        if (!exact) {
            at = Math.max(1, up ? -Math.floorDiv(-size * MOST, length) : size * MOST / length);
        }
        int found = Arrays.binarySearch(marks, at);
        return found >= 0 ? found : -found - 1;
    }

    long mark(int index) {
        return marks[index];
    }

    /** What a length of board at this mark measures for sure. */
    long real(int index) {
        return exact ? marks[index] : Math.floorDiv(marks[index] * length, MOST);
    }

    /** The last mark at or before the difference of two. */
    int rest(int whole, int part) {
        long left = marks[whole] - marks[part];
        int found = Arrays.binarySearch(marks, 0, whole + 1, left);
        return found >= 0 ? found : -found - 2;
    }
}
