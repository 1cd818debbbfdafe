package dev.schachtel.core.plan;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

/** When to begin: by hand, and by going through the days minute by minute. */
class DeadlineTest {
    private static final LocalDate DUE = LocalDate.of(2026, 11, 27);

    @ParameterizedTest
    @CsvSource({
        "0, 2026-11-27T18:00",
        "1, 2026-11-27T17:59",
        "480, 2026-11-27T10:00",
        "481, 2026-11-26T17:59",
        "600, 2026-11-26T16:00",
        "960, 2026-11-26T10:00",
        "4800, 2026-11-18T10:00"
    })
    void aDayAtTheBenchHasEightHours(int minutes, LocalDateTime begin) {
        assertThat(Deadline.latestStart(Duration.ofMinutes(minutes), DUE)).isEqualTo(begin);
    }

    /** A minute that is begun counts whole. */
    @ParameterizedTest
    @CsvSource({"59, 2026-11-27T17:59", "60, 2026-11-27T17:59", "61, 2026-11-27T17:58"})
    void secondsAreRoundedUp(int seconds, LocalDateTime begin) {
        assertThat(Deadline.latestStart(Duration.ofSeconds(seconds), DUE)).isEqualTo(begin);
    }

    /** Worked off from there, in the hours at the bench, it is done at 18:00 of the day, to the minute. */
    @Property(tries = 200)
    void workedOffFromThereItIsReadyInTime(@ForAll @IntRange(min = 1, max = 9_000) int minutes) {
        LocalDateTime at = Deadline.latestStart(Duration.ofMinutes(minutes), DUE);
        for (int left = minutes; left > 0; left--) {
            LocalTime clock = at.toLocalTime();
            assertThat(clock).isBetween(Deadline.MORNING, Deadline.EVENING);
            at = at.plusMinutes(1);
            if (left > 1 && at.toLocalTime().equals(Deadline.EVENING)) {
                at = at.toLocalDate().plusDays(1).atTime(Deadline.MORNING);
            }
        }
        assertThat(at).isEqualTo(DUE.atTime(Deadline.EVENING));
    }
}
