package dev.schachtel.core.plan;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;

/** From a day on which cards must be ready back to when to begin, with so much of a day at the bench. */
public final class Deadline {
    /** Work on the last day ends at 18:00. */
    public static final LocalTime EVENING = LocalTime.of(18, 0);

    /** And begins at 10:00. */
    public static final LocalTime MORNING = EVENING.minusMinutes(PlanChecks.BENCH_DAY);

    private Deadline() {}

    /**
     * Eight hours a day, 10:00 to 18:00. 10 h for the evening of the 27th begin on the 26th at 16:00.
     *
     * @param total with its drying; drying over night is not counted as saved, so one may begin a little later
     */
    public static LocalDateTime latestStart(Duration total, LocalDate due) {
        long minutes = total.plusSeconds(59).toMinutes();
        long days = minutes == 0 ? 0 : (minutes - 1) / PlanChecks.BENCH_DAY;
        return due.minusDays(days).atTime(EVENING).minusMinutes(minutes - days * PlanChecks.BENCH_DAY);
    }
}
