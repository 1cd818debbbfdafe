package dev.schachtel.app.words;

import java.time.Duration;

/** Durations as a maker reads them, to the minute, halves up. */
public final class Times {
    private Times() {}

    /** 25 min, 1 h 52. */
    public static String of(Duration duration) {
        long minutes = duration.plusSeconds(30).toMinutes();
        return minutes < 60 ? minutes + " min" : minutes / 60 + " h " + String.format("%02d", minutes % 60);
    }

    /** Minutes alone; what is not nothing is at least 1. */
    public static long minutes(Duration duration) {
        return duration.isZero() ? 0 : Math.max(1, duration.plusSeconds(30).toMinutes());
    }

    /** A place on the clock of the work, 0:25 or 1:52 from its start. */
    public static String clock(Duration fromStart) {
        long minutes = fromStart.plusSeconds(30).toMinutes();
        return minutes / 60 + ":" + String.format("%02d", minutes % 60);
    }
}
