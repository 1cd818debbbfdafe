package dev.schachtel.app.log;

import java.time.Duration;
import java.time.Instant;
import java.time.Year;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

import org.springframework.stereotype.Component;

import dev.schachtel.app.words.Times;
import dev.schachtel.app.words.Wording;
import dev.schachtel.core.house.WorkTime;
import dev.schachtel.core.learning.Pace;
import dev.schachtel.core.learning.Timing;
import dev.schachtel.core.log.LogEntry;
import dev.schachtel.core.log.Supplies;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.run.Timings;

/** Puts builds, and what follows from their timings, into what the logbook shows. */
@Component
class LogDesk {
    private static final int WIDE = 520;
    private static final int HIGH = 130;
    /** The chart goes from so much too early to as much too late. */
    private static final double MOST = 0.6;

    private static final int DOTS = 12;
    /** Goes wrong often: so many times. */
    private static final int OFTEN = 2;
    /** Percent that matter. */
    private static final int NOTICED = 3;

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);
    private static final DateTimeFormatter OTHER_YEAR = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

    private final Logbook log;
    private final PaceDesk paces;
    private final KnownPace known;
    private final KnownUse use;
    private final ChosenDesk chosenDesk;
    private final Wording words;

    LogDesk(Known learned, PaceDesk paces, ChosenDesk chosenDesk, Wording words) {
        this.use = learned.use();
        this.known = learned.pace();
        this.log = learned.log();
        this.paces = paces;
        this.chosenDesk = chosenDesk;
        this.words = words;
    }

    /** The log, and what is known from it. */
    @Component
    record Known(Logbook log, KnownPace pace, KnownUse use) {}

    /**
     * What of the log is looked at.
     *
     * @param sought words by which builds are found
     * @param page of the list, from 0
     */
    record Asked(String sought, int page, String build, String maker) {}

    LogView view(Workshop workshop, Asked asked) {
        List<LoggedRepository.Row> rows = log.find(asked.sought(), asked.page());
        List<Logbook.Kept> latest = log.latest();
        Optional<Logbook.Kept> chosen = chosen(asked.build(), rows);
        long id = chosen.map(Logbook.Kept::id).orElse(0L);
        Map<String, List<Timing>> makers =
                PaceDesk.makers(latest.stream().map(Logbook.Kept::entry).toList());
        String shown = makers.containsKey(asked.maker())
                ? asked.maker()
                : makers.keySet().stream().findFirst().orElse("");
        Pace pace = known.of(makers.getOrDefault(shown, List.of()));
        LogView.Paces learned = paces.of(makers, shown, pace);
        return new LogView(
                asked.sought(),
                asked.page(),
                rows.stream().map(r -> row(r, id)).toList(),
                rows.size() == Logbook.SHOWN,
                chosen.map(k -> chosenDesk.of(k, PaceDesk.again(k.entry(), k.id(), pace, shown))),
                chart(asked.page() == 0 ? rows : List.of(), id),
                learned,
                wrong(latest),
                amounts(workshop),
                learned.often().stream().anyMatch(l -> l.count() >= Timings.OFTEN),
                !workshop.times().isEmpty());
    }

    private Optional<Logbook.Kept> chosen(String build, List<LoggedRepository.Row> rows) {
        Optional<Logbook.Kept> asked = build.matches("\\d{1,12}") ? log.load(Long.parseLong(build)) : Optional.empty();
        return asked.or(() -> rows.stream().findFirst().flatMap(r -> log.load(r.id())));
    }

    /** What went wrong at the same work in several builds. */
    private List<LogView.Often> wrong(List<Logbook.Kept> builds) {
        Map<String, Integer> by = new LinkedHashMap<>();
        builds.forEach(k -> k.entry().mishaps().stream()
                .map(LogEntry.Wrong::work)
                .filter(w -> !w.isBlank())
                .distinct()
                .forEach(w -> by.merge(w, 1, Integer::sum)));
        return by.entrySet().stream()
                .filter(e -> e.getValue() >= OFTEN)
                .sorted((a, b) -> b.getValue() - a.getValue())
                .limit(3)
                .map(e -> new LogView.Often("“" + called(e.getKey()) + "” went wrong in " + e.getValue() + " of "
                        + builds.size() + " builds."))
                .toList();
    }

    /** Of what more or less is taken than is planned, by what was counted at least twice. */
    private List<LogView.Amount> amounts(Workshop workshop) {
        Supplies supplies = use.now();
        List<LogView.Amount> all = new ArrayList<>();
        for (Material m : workshop.materials()) {
            Pace.Known k = supplies.of(m.id());
            long percent = Math.round(100 * (k.median() - 1));
            if (k.count() >= OFTEN && Math.abs(percent) >= NOTICED) {
                String says = Math.abs(percent) + (percent > 0 ? " % more" : " % less");
                all.add(new LogView.Amount(m.name(), says, k.count()));
            }
        }
        return all;
    }

    private String called(String work) {
        return PaceDesk.kind(work).map(words::name).orElse(work);
    }

    static String day(Instant at) {
        ZonedDateTime day = at.atZone(ZoneId.systemDefault());
        return (day.getYear() == Year.now(ZoneId.systemDefault()).getValue() ? DAY : OTHER_YEAR).format(day);
    }

    static String time(double seconds) {
        return Times.of(Duration.ofSeconds(Math.round(seconds)));
    }

    private static LogView.Row row(LoggedRepository.Row r, long chosen) {
        return new LogView.Row(
                r.id(),
                day(r.endedAt()),
                r.name(),
                r.about(),
                r.taken() == 0 ? "" : time(r.taken()),
                r.planned() == 0 ? "" : time(r.planned()) + " planned",
                r.mishaps() == 0 ? "" : r.mishaps() == 1 ? "1 mishap" : r.mishaps() + " mishaps",
                r.id() == chosen);
    }

    private static List<LogView.Dot> chart(List<LoggedRepository.Row> all, long chosen) {
        List<LoggedRepository.Row> told = new ArrayList<>(all.stream()
                .filter(f -> f.planned() > 0 && f.taken() > 0)
                .limit(DOTS)
                .toList());
        Collections.reverse(told);
        List<LogView.Dot> dots = new ArrayList<>();
        for (int i = 0; i < told.size(); i++) {
            LoggedRepository.Row f = told.get(i);
            double off = f.taken() / (double) f.planned() - 1;
            double shown = Math.max(-MOST, Math.min(MOST, off));
            dots.add(new LogView.Dot(
                    f.id(),
                    told.size() == 1 ? WIDE / 2 : 40 + i * (WIDE - 80) / (told.size() - 1),
                    (int) Math.round(HIGH / 2.0 * (1 - shown / MOST)),
                    String.format(Locale.ROOT, "%+.0f %%", 100 * off),
                    f.name(),
                    f.id() == chosen));
        }
        return dots;
    }

    List<WorkTime> learned(Workshop workshop, String maker) {
        return PaceDesk.learned(log.latest().stream().map(Logbook.Kept::entry).toList(), workshop, maker);
    }
}
