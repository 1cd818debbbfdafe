package dev.schachtel.core.print;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** The calendar file line by line, as RFC 5545 asks: folded, in universal time, with ids that a newer file replaces. */
class CalendarTest {
    private static final LocalDateTime TEN = LocalDateTime.of(2026, 7, 4, 10, 0);
    private static final String WORK =
            "1 Trim the straight pieces, then \u201cO\u2019\u0141ukasz\u201d; 2 score\n3 fold".repeat(6);

    private static String write(long card, String name) {
        return BuildCalendar.write(
                card,
                name,
                List.of(
                        new BuildCalendar.Sitting(TEN, TEN.plusHours(8), WORK),
                        new BuildCalendar.Sitting(
                                TEN.plusDays(1), TEN.plusDays(1).plusMinutes(95), "4 glue")),
                ZoneId.of("Europe/Warsaw"),
                Instant.parse("2026-07-01T12:00:00Z"));
    }

    private static String unfolded(String file) {
        return file.replace("\r\n ", "");
    }

    @Test
    void linesAreFoldedAndLoseNothing() {
        String file = write(7, "\u0141");
        assertThat(file.split("\r\n"))
                .allMatch(line -> line.getBytes(StandardCharsets.UTF_8).length <= 75)
                .hasSizeGreaterThan(20);
        assertThat(file.replace("\r\n", "")).doesNotContain("\n").doesNotContain("\r");
        assertThat(unfolded(file))
                .contains("DESCRIPTION:"
                        + WORK.replace(",", "\\,").replace(";", "\\;").replace("\n", "\\n"));
    }

    /** In Warsaw ten o'clock in July is eight by universal time. */
    @Test
    void timesAreUniversal() {
        assertThat(unfolded(write(7, "Viaduct")))
                .contains("DTSTART:20260704T080000Z", "DTEND:20260704T160000Z")
                .contains("DTSTART:20260705T080000Z", "DTEND:20260705T093500Z")
                .doesNotContain("TZID");
    }

    @Test
    void theCardNotItsNameSaysWhichEventsAreTheSame() {
        String before = unfolded(write(7, "Viaduct"));
        String renamed = unfolded(write(7, "Viaduct by night"));
        String other = unfolded(write(8, "Viaduct"));
        assertThat(before).contains("UID:card-7-sitting-1@schachtel", "UID:card-7-sitting-2@schachtel");
        assertThat(renamed).contains("UID:card-7-sitting-1@schachtel", "UID:card-7-sitting-2@schachtel");
        assertThat(other).contains("UID:card-8-sitting-1@schachtel").doesNotContain("card-7");
    }

    @Test
    void everySittingReminds() {
        String file = unfolded(write(7, "Viaduct"));
        assertThat(file.split("BEGIN:VALARM", -1)).hasSize(3);
        assertThat(file).contains("TRIGGER:-PT15M", "ACTION:DISPLAY");
    }
}
