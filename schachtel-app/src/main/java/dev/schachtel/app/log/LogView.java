package dev.schachtel.app.log;

import java.util.List;
import java.util.Optional;

/**
 * What the logbook shows. Texts that end in svg are safe.
 *
 * @param sought the words by which the list was narrowed
 * @param page of the list, from 0
 * @param older whether there may be builds older than those of this page
 * @param chart points of forecast against what it took, oldest first
 * @param amounts materials of which another amount is taken than is planned
 * @param canTake whether something was timed often enough to plan with
 * @param own whether plans are made with own times now
 */
record LogView(
        String sought,
        int page,
        List<Row> builds,
        boolean older,
        Optional<Chosen> chosen,
        List<Dot> chart,
        Paces pace,
        List<Often> wrong,
        List<Amount> amounts,
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

    /** The pace of one maker: of what was timed most, and of the rest. */
    record Paces(List<Name> makers, String maker, String hand, List<Learned> often, List<Learned> seldom) {}

    /** Of what more or less is taken than is planned, and how often that was counted. */
    record Amount(String material, String says, int count) {}

    /** What goes wrong more than once. */
    record Often(String says) {}

    /**
     * The chosen build: its steps as planned and as they were, in thousandths of the longer of the two.
     *
     * @param card whether the card as it was built is known
     * @param open where the card of today is; empty if it is gone
     */
    record Chosen(
            long id,
            String title,
            List<Bar> planned,
            List<Bar> took,
            List<Mishap> mishaps,
            String whole,
            String again,
            People people,
            Stock stock,
            String words,
            List<Long> photos,
            List<Lesson> lessons,
            List<About> about,
            boolean card,
            String open) {}

    /** Who got it. */
    record People(List<Given> given, String kept, int made, int spoiled) {}

    /** What it took of the drawer, in one line and thing by thing. */
    record Stock(String summary, List<Taken> lines) {}

    /**
     * What was taken of one thing.
     *
     * @param planned as a number of the unit, as is what was counted, which is empty where nobody did
     * @param other whether it was counted and is another amount than planned
     */
    record Taken(String id, String name, String planned, String counted, String unit, boolean other) {}

    /** Somebody who got some. */
    record Given(String who, String what) {}

    /** A mishap: where it was in the bars, in thousandths, and what helped. */
    record Mishap(int at, String says, String rescue, List<String> advice) {}

    /** A lesson, and what it is about. */
    record Lesson(long id, String about, String words) {}

    /** Something that a lesson may be about. */
    record About(String value, String label) {}

    /** A step's share. */
    record Bar(int from, int width, String title, boolean wrong) {}

    /**
     * What is known of a kind of work, on a scale from a quarter to four times the book, 0 to 100.
     *
     * @param seconds its median for one thing, set-up aside
     */
    record Learned(String work, String seconds, String book, int low, int high, int median, int count) {}
}
