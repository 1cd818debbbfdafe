package dev.schachtel.core.run;

import java.time.Instant;

/**
 * Something that was said at the bench.
 *
 * @param id given by the device that said it, so that saying it twice counts once
 * @param maker who said it
 * @param step the key of a step, or the caution that was ticked; empty where it is about none
 * @param card the number of a card, 0 where it is about none
 * @param note in the maker's words
 */
public record RunEvent(String id, Instant at, String maker, Kind kind, String step, int card, String note) {
    /** What is said. */
    public enum Kind {
        BEGUN,
        DONE,
        UNDONE,
        WRONG,
        TICKED,
        PAUSED,
        RESUMED,
        /** Nothing more of it will be done. */
        ENDED
    }
}
