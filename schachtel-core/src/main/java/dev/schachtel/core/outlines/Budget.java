package dev.schachtel.core.outlines;

import java.util.List;

import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.shape.Point;

/** What one file may cost: a drawing that holds more is no single outline, and would keep everybody else waiting. */
final class Budget {
    static final int POINTS = 150_000;
    static final int LINES = 50_000;

    private int points;
    private int lines;

    /**
     * A line that was read.
     *
     * @throws RefusedException if the file holds too much with it
     */
    List<Point> take(List<Point> line) {
        points += line.size();
        lines++;
        if (points > POINTS) {
            throw tooMuch(POINTS, "points");
        }
        if (lines > LINES) {
            throw tooMuch(LINES, "lines");
        }
        return line;
    }

    /**
     * A line that is being read, which has so many points by now.
     *
     * @throws RefusedException if the file will hold too much with it
     */
    void foresee(int more) {
        if (points + more > POINTS) {
            throw tooMuch(POINTS, "points");
        }
    }

    private static RefusedException tooMuch(int most, String of) {
        return new RefusedException(
                "file",
                String.format(java.util.Locale.ROOT, "holds more than %,d %s", most, of)
                        + "; save the one outline that is wanted alone");
    }
}
