package dev.schachtel.core.guillotine;

/**
 * So many equal rectangles.
 *
 * @param stays whether it may lie as given, on boards of each grain: index {@link Board#grain()}
 * @param turns whether it may lie turned by a quarter, likewise
 */
public record Want(long width, long height, int count, boolean[] stays, boolean[] turns) {
    public Want {
        if (width < 1 || height < 1 || count < 0) {
            throw new IllegalArgumentException(
                    "a want of " + count + " times " + width + " x " + height + "; sizes must be 1 or more, counts 0");
        }
    }

    /** That may lie any way. */
    public static Want free(long width, long height, int count) {
        return new Want(width, height, count, new boolean[] {true}, new boolean[] {true});
    }

    /** Whether it may lie so on this board; the board's size does not matter here. */
    boolean mayLie(Board board, boolean turned) {
        int column = Math.min(board.grain(), stays.length - 1);
        return turned ? turns[column] && (width != height || !stays[column]) : stays[column];
    }

    boolean fits(Board board, boolean turned) {
        return mayLie(board, turned) && across(turned) <= board.width() && up(turned) <= board.height();
    }

    boolean fits(Board board) {
        return fits(board, false) || fits(board, true);
    }

    long across(boolean turned) {
        return turned ? height : width;
    }

    long up(boolean turned) {
        return turned ? width : height;
    }

    double area() {
        return (double) width * height;
    }
}
