package dev.schachtel.core.print;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;

import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** Sittings at the bench as an iCalendar file (RFC 5545). */
public final class BuildCalendar {
    /** Time at the bench without a break. */
    public record Sitting(LocalDateTime from, LocalDateTime to, String what) {}

    private BuildCalendar() {}

    /**
     * One event a sitting.
     *
     * @param name of the card, part of every event's own id, so that a newer file replaces them
     */
    public static String write(String name, List<Sitting> sittings, ZoneId zone, Instant now) {
        Calendar calendar = new Calendar()
                .withProdId("-//Schachtel//Build plan//EN")
                .withProperty(ImmutableVersion.VERSION_2_0)
                .withProperty(ImmutableCalScale.GREGORIAN)
                .getFluentTarget();
        int number = 1;
        for (Sitting sitting : sittings) {
            VEvent event = new VEvent(sitting.from().atZone(zone), sitting.to().atZone(zone), name + ", " + number);
            event.replace(new DtStamp(now));
            event.add(new Uid(Integer.toHexString(name.hashCode()) + "-" + number + "@schachtel"));
            event.add(new Description(sitting.what()));
            calendar.add(event);
            number++;
        }
        return calendar.toString();
    }
}
