package dev.schachtel.app.run;

import java.util.List;

import dev.schachtel.app.frame.Frames.Frame;

/**
 * What bench mode shows. Texts that end in Html are safe HTML; times are milliseconds since 1970.
 *
 * @param events how many there were when this was made
 * @param id for what is said next
 */
record RunView(
        Frame frame,
        long run,
        String maker,
        long events,
        String id,
        long now,
        Where where,
        Now at,
        List<Timer> timers,
        List<Other> meanwhile,
        List<Tile> tiles,
        Notes notes) {
    /**
     * How far the run is.
     *
     * @param early how many cards were done of how many, if it was ended before all were; else empty
     */
    record Where(int done, int steps, String left, String by, boolean paused, boolean finished, String early) {}

    /**
     * The step that is looked at; key is empty while nothing can be done.
     *
     * @param fixes whether it fixes something, so that what is in the hands after it can be seen
     * @param begun since when somebody is at it, 0 if nobody is
     */
    record Now(
            String key,
            String titleHtml,
            String cards,
            int first,
            int last,
            long begun,
            long planned,
            List<String> ordersHtml,
            String drawingSvg,
            boolean fixes,
            List<Tick> ticks,
            List<String> cautionsHtml) {}

    /** A caution that has to be ticked before the step. */
    record Tick(String caution, String html) {}

    /** Something that dries. */
    record Timer(String titleHtml, String then, long since, long until, String of) {}

    /** Another step that can be begun. */
    record Other(String key, String titleHtml, String words, boolean fits) {}

    /** A card of the batch. */
    record Tile(int card, int percent, String word, boolean current, boolean aside, boolean done) {}

    /** What comes next, who else is at it, what was done last, and whether the card was changed since. */
    record Notes(String nextHtml, List<String> others, String lastKey, String lastHtml, boolean changed, int mishaps) {}
}
