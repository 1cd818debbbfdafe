package dev.schachtel.app.log;

import java.util.List;
import java.util.Optional;

/**
 * What the logbook shows. Texts that end in svg are safe.
 *
 * @param chart points of forecast against what it took, oldest first
 * @param maker whose pace is shown
 * @param pace of what was timed most; seldom: of the rest
 * @param canTake whether something was timed often enough to plan with
 * @param own whether plans are made with own times now
 */
record LogView(
        List<Row> builds,
        Optional<Chosen> chosen,
        List<Dot> chart,
        List<Name> makers,
        String maker,
        String hand,
        List<Learned> pace,
        List<Learned> seldom,
        boolean canTake,
        boolean own) {
    /** One build in the list. */
    record Row(
            long id,
            String day,
            String name,
            String about,
            String took,
            String planned,
            String mishaps,
            boolean selected) {}

    /** A build against its forecast: where its dot lies in the chart, in a frame of 520 by 130. */
    record Dot(long id, int x, int y, String label, String name, boolean selected) {}

    /** A maker. */
    record Name(String name, boolean selected) {}

    /** The chosen build: its steps as planned and as they were, in thousandths of the longer of the two. */
    record Chosen(
            String title,
            List<Bar> planned,
            List<Bar> took,
            List<String> mishaps,
            String whole,
            String next,
            String again) {}

    /** A step's share. */
    record Bar(int from, int width, String title) {}

    /**
     * What is known of a kind of work, on a scale from a quarter to four times the book, 0 to 100.
     *
     * @param seconds its median for one thing, set-up aside
     */
    record Learned(String work, String seconds, String book, int low, int high, int median, int count) {}
}
