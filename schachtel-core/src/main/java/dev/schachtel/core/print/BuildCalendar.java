package dev.schachtel.core.print;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;

import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableAction;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** Sittings at the bench as an iCalendar file (RFC 5545). */
public final class BuildCalendar {
    private static final int MINUTES_BEFORE = 15;
    /** A line may have 75 octets, the writer counts letters, and a letter may take three. */
    private static final int LETTERS_A_LINE = 24;

    /** Time at the bench without a break. */
    public record Sitting(LocalDateTime from, LocalDateTime to, String what) {}

    private BuildCalendar() {}

    /**
     * One event a sitting, in universal time, with a reminder {@value #MINUTES_BEFORE} minutes before.
     *
     * @param card number of the card, part of every event's own id, so that a newer file replaces them
     */
    public static String write(long card, String name, List<Sitting> sittings, ZoneId zone, Instant now) {
        Calendar calendar = new Calendar()
                .withProdId("-//Schachtel//Build plan//EN")
                .withProperty(ImmutableVersion.VERSION_2_0)
                .withProperty(ImmutableCalScale.GREGORIAN)
                .getFluentTarget();
        int number = 1;
        for (Sitting sitting : sittings) {
            VEvent event = new VEvent(
                    sitting.from().atZone(zone).toInstant(),
                    sitting.to().atZone(zone).toInstant(),
                    name + ", " + number);
            event.replace(new DtStamp(now));
            event.add(new Uid("card-" + card + "-sitting-" + number + "@schachtel"));
            event.add(new Description(sitting.what()));
            event.add(reminder(name));
            calendar.add(event);
            number++;
        }
        StringWriter folded = new StringWriter();
        try {
            new CalendarOutputter(false, LETTERS_A_LINE).output(calendar, folded);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return folded.toString();
    }

    private static VAlarm reminder(String name) {
        VAlarm alarm = new VAlarm(Duration.ofMinutes(-MINUTES_BEFORE));
        alarm.add(ImmutableAction.DISPLAY);
        alarm.add(new Description(name));
        return alarm;
    }
}
