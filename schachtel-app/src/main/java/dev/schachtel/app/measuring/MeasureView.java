package dev.schachtel.app.measuring;

import java.util.List;
import java.util.Optional;

/**
 * What the measuring page shows.
 *
 * @param asked the size that pieces should have, as text
 * @param next the number of the piece that comes next, and whether ten are put down
 */
record MeasureView(
        List<WayRow> ways,
        WayRow way,
        String asked,
        int next,
        boolean enough,
        List<Dot> dots,
        Curve curve,
        String says,
        Optional<Offset> offset,
        Optional<Doubt> doubt) {
    /** A way of cutting or laying, what is known of it, and what to do to measure it. */
    record WayRow(String id, String name, String what, String spread, String book, int count, boolean selected) {}

    /** A measured piece: where it lies on a scale of 0 to 400, and what it says. */
    record Dot(int x, int y, String says) {}

    /** Where the book's and the own nine-in-ten range lie on the same scale, and how many millimetres its half is. */
    record Curve(int bookFrom, int bookTo, int ownFrom, int ownTo, int own, String half) {}

    /** What the trimmer is known to do, and whether its stop is set by it. */
    record Offset(String says, boolean on) {}

    /** A piece that is asked about: what it says, and what may have been meant. */
    record Doubt(String got, String says, String meant) {}
}
