package dev.schachtel.app.log;

import java.time.Duration;
import java.time.Year;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;

import org.springframework.stereotype.Component;

import dev.schachtel.app.run.Finished;
import dev.schachtel.app.run.FinishedRuns;
import dev.schachtel.app.words.Times;
import dev.schachtel.app.words.Wording;
import dev.schachtel.core.house.WorkTime;
import dev.schachtel.core.learning.Outlook;
import dev.schachtel.core.learning.Pace;
import dev.schachtel.core.learning.Timing;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.run.RunEvent;
import dev.schachtel.core.run.Timings;
import dev.schachtel.core.work.WorkKind;

/** Puts finished runs, and what follows from their timings, into what the logbook shows. */
@Component
class LogDesk {
    private static final int WIDE = 520;
    private static final int HIGH = 130;
    /** The chart goes from so much too early to as much too late. */
    private static final double MOST = 0.6;

    private static final int DOTS = 12;
    /** Kinds of work that are seen at once. */
    private static final int SHOWN = 10;

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);
    private static final DateTimeFormatter OTHER_YEAR = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

    private final FinishedRuns runs;
    private final Wording words;

    LogDesk(FinishedRuns runs, Wording words) {
        this.runs = runs;
        this.words = words;
    }

    LogView view(Workshop workshop, String build, String maker) {
        List<Finished> all = runs.all();
        Optional<Finished> chosen = all.stream()
                .filter(f -> build.equals("" + f.id()))
                .findFirst()
                .or(() -> all.stream().findFirst());
        Map<String, List<Timing>> makers = makers(all);
        String shown = makers.containsKey(maker)
                ? maker
                : makers.keySet().stream().findFirst().orElse("");
        Pace pace = Pace.of(makers.getOrDefault(shown, List.of()));
        List<LogView.Learned> learned = pace.timed().stream()
                .flatMap(w -> learned(w, pace).stream())
                .sorted(Comparator.comparing(LogView.Learned::count).reversed())
                .toList();
        return new LogView(
                all.stream().map(f -> row(f, chosen)).toList(),
                chosen.map(f -> chosen(f, again(f, pace, shown))),
                chart(all, chosen),
                makers.keySet().stream()
                        .map(m -> new LogView.Name(m, m.equals(shown)))
                        .toList(),
                shown,
                hand(pace),
                learned.stream().limit(SHOWN).toList(),
                learned.stream().skip(SHOWN).toList(),
                learned.stream().anyMatch(l -> l.count() >= Timings.OFTEN),
                !workshop.times().isEmpty());
    }

    /** The timings of each maker, those who timed most first. */
    private static Map<String, List<Timing>> makers(List<Finished> all) {
        Map<String, List<Timing>> by = new LinkedHashMap<>();
        for (Finished f : all) {
            for (Timings.Timed t : f.timed()) {
                t.timing().ifPresent(one -> by.computeIfAbsent(t.maker(), k -> new ArrayList<>())
                        .add(one));
            }
        }
        Map<String, List<Timing>> sorted = new LinkedHashMap<>();
        by.entrySet().stream()
                .sorted((a, b) -> b.getValue().size() - a.getValue().size())
                .forEach(e -> sorted.put(e.getKey(), e.getValue()));
        return sorted;
    }

    private static String hand(Pace pace) {
        double percent = 100 * (pace.hand() - 1);
        return Math.abs(percent) < 3
                ? "As fast as the book in all."
                : String.format(
                        Locale.ROOT,
                        "%.0f %% %s than the book in all.",
                        Math.abs(percent),
                        percent > 0 ? "slower" : "faster");
    }

    private static String day(Finished f) {
        ZonedDateTime day = f.ended().atZone(ZoneId.systemDefault());
        return (day.getYear() == Year.now(ZoneId.systemDefault()).getValue() ? DAY : OTHER_YEAR).format(day);
    }

    private static LogView.Row row(Finished f, Optional<Finished> chosen) {
        var brief = f.spec().brief();
        int wrong = f.mishaps().size();
        return new LogView.Row(
                f.id(),
                day(f),
                f.spec().name(),
                Stream.of(
                                brief.cards() == 1 ? "1 card" : brief.cards() + " cards",
                                brief.recipient().strip())
                        .filter(t -> !t.isEmpty())
                        .reduce((a, b) -> a + ", " + b)
                        .orElse(""),
                time(f.taken()),
                time(f.planned()) + " planned",
                wrong == 0 ? "" : wrong == 1 ? "1 mishap" : wrong + " mishaps",
                chosen.filter(c -> c.id() == f.id()).isPresent());
    }

    private static String time(double seconds) {
        return Times.of(Duration.ofSeconds(Math.round(seconds)));
    }

    /** To the second where that is short: 48 s, 2 min 10. */
    private static String exactly(double seconds) {
        long whole = Math.round(seconds);
        return whole < 100
                ? whole + " s"
                : whole / 60 + " min" + (whole % 60 == 0 ? "" : String.format(Locale.ROOT, " %02d", whole % 60));
    }

    /** How long the same handwork takes when the maker does it again, by what is known now. */
    private static String again(Finished f, Pace pace, String maker) {
        List<Outlook.Stint> steps = f.timed().stream()
                .flatMap(t -> t.timing().stream())
                .map(t -> new Outlook.Stint(t.work(), t.book(), 0, 0, List.of(), List.of()))
                .toList();
        if (steps.isEmpty()) {
            return "";
        }
        Outlook outlook = Outlook.of(steps, pace::of, f.id());
        return "Made again by " + maker + ": " + time(outlook.within(0.5))
                + " as likely as not, nine times in ten within " + time(outlook.within(0.9)) + ".";
    }

    private LogView.Chosen chosen(Finished f, String again) {
        double longer = Math.max(1, Math.max(f.planned(), f.taken()));
        return new LogView.Chosen(
                f.spec().name() + ", " + day(f),
                bars(f, t -> t.step().hands(), longer),
                bars(f, Timings.Timed::seconds, longer),
                f.mishaps().stream().map(m -> mishap(f, m)).toList(),
                f.timed().size() + " steps were timed: " + time(f.taken()) + " of handwork, " + time(f.planned())
                        + " planned.",
                again,
                "/cards/" + f.card() + "/structure");
    }

    private static String mishap(Finished f, RunEvent m) {
        String note = m.note().strip();
        return "Card " + m.card() + (note.isEmpty() ? ": nothing was said about it." : ": “" + note + "”");
    }

    private List<LogView.Bar> bars(Finished f, ToDoubleFunction<Timings.Timed> seconds, double longer) {
        List<LogView.Bar> bars = new ArrayList<>();
        double from = 0;
        for (Timings.Timed t : f.timed()) {
            double own = seconds.applyAsDouble(t);
            int at = (int) Math.round(1000 * from / longer);
            int to = (int) Math.round(1000 * (from + own) / longer);
            bars.add(new LogView.Bar(
                    at, Math.max(1, to - at), words.shortly(t.step().kind()) + ", " + time(own)));
            from += own;
        }
        return bars;
    }

    private static List<LogView.Dot> chart(List<Finished> all, Optional<Finished> chosen) {
        List<Finished> told = new ArrayList<>(
                all.stream().filter(f -> f.planned() > 0).limit(DOTS).toList());
        java.util.Collections.reverse(told);
        List<LogView.Dot> dots = new ArrayList<>();
        for (int i = 0; i < told.size(); i++) {
            Finished f = told.get(i);
            double off = f.taken() / f.planned() - 1;
            double shown = Math.max(-MOST, Math.min(MOST, off));
            dots.add(new LogView.Dot(
                    f.id(),
                    told.size() == 1 ? WIDE / 2 : 40 + i * (WIDE - 80) / (told.size() - 1),
                    (int) Math.round(HIGH / 2.0 * (1 - shown / MOST)),
                    String.format(Locale.ROOT, "%+.0f %%", 100 * off),
                    f.spec().name(),
                    chosen.filter(c -> c.id() == f.id()).isPresent()));
        }
        return dots;
    }

    private Optional<LogView.Learned> learned(String work, Pace pace) {
        return kind(work).map(k -> {
            Pace.Known known = pace.of(work);
            double book = k.usual().each();
            return new LogView.Learned(
                    words.name(k),
                    exactly(book * known.median()),
                    exactly(book) + " by the book",
                    place(known.low()),
                    place(known.high()),
                    place(known.median()),
                    known.count());
        });
    }

    private static Optional<WorkKind> kind(String work) {
        return WorkKind.all().stream().filter(k -> k.id().equals(work)).findFirst();
    }

    /** On a scale of logarithms from a quarter to four times, 0 to 100. */
    private static int place(double factor) {
        double share = (Math.log(factor) / Math.log(4) + 1) / 2;
        return (int) Math.round(100 * Math.max(0, Math.min(1, share)));
    }

    /** The times that were learned of a maker where they were timed often enough; else those that hold now. */
    List<WorkTime> learned(Workshop workshop, String maker) {
        return Timings.own(Pace.of(makers(runs.all()).getOrDefault(maker, List.of())), workshop.times());
    }
}
