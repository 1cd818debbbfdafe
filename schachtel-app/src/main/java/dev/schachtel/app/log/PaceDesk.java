package dev.schachtel.app.log;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

import org.springframework.stereotype.Component;

import dev.schachtel.app.words.Wording;
import dev.schachtel.core.house.WorkTime;
import dev.schachtel.core.learning.Outlook;
import dev.schachtel.core.learning.Pace;
import dev.schachtel.core.learning.Timing;
import dev.schachtel.core.log.LogEntry;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.run.Timings;
import dev.schachtel.core.work.WorkKind;

/** How fast each maker works, from what was timed in builds. */
@Component
class PaceDesk {
    /** Kinds of work that are seen at once. */
    private static final int SHOWN = 10;

    private final Wording words;

    PaceDesk(Wording words) {
        this.words = words;
    }

    /** The timings of each maker, those who timed most first. */
    static Map<String, List<Timing>> makers(List<LogEntry> entries) {
        Map<String, List<Timing>> by = new TreeMap<>();
        for (LogEntry entry : entries) {
            entry.steps().stream().map(LogEntry.Done::maker).distinct().forEach(maker -> by.computeIfAbsent(
                            maker, k -> new ArrayList<>())
                    .addAll(entry.timings(maker::equals)));
        }
        Map<String, List<Timing>> sorted = new LinkedHashMap<>();
        by.entrySet().stream()
                .sorted((a, b) -> b.getValue().size() - a.getValue().size())
                .forEach(e -> sorted.put(e.getKey(), e.getValue()));
        return sorted;
    }

    LogView.Paces of(Map<String, List<Timing>> makers, String maker, Pace pace) {
        List<LogView.Learned> learned = pace.timed().stream()
                .flatMap(w -> learned(w, pace).stream())
                .sorted(Comparator.comparing(LogView.Learned::count).reversed())
                .toList();
        return new LogView.Paces(
                makers.keySet().stream()
                        .map(m -> new LogView.Name(m, m.equals(maker)))
                        .toList(),
                maker,
                hand(pace),
                learned.stream().limit(SHOWN).toList(),
                learned.stream().skip(SHOWN).toList());
    }

    /** How long the same handwork takes when the maker does it again, by what is known now. */
    static String again(LogEntry entry, long seed, Pace pace, String maker) {
        List<Outlook.Stint> steps = entry.timings(m -> true).stream()
                .map(t -> new Outlook.Stint(t.work(), t.book(), t.setUp(), 0, 0, List.of(), List.of()))
                .toList();
        if (steps.isEmpty()) {
            return "";
        }
        Outlook outlook = Outlook.of(steps, pace::of, seed);
        return "Made again by " + maker + ": " + LogDesk.time(outlook.within(0.5))
                + " as likely as not, nine times in ten within " + LogDesk.time(outlook.within(0.9)) + ".";
    }

    /** The times that were learned of a maker where they were timed often enough; else those that hold now. */
    static List<WorkTime> learned(List<LogEntry> entries, Workshop workshop, String maker) {
        return Timings.own(Pace.of(makers(entries).getOrDefault(maker, List.of())), workshop.times());
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

    static Optional<WorkKind> kind(String work) {
        return WorkKind.all().stream().filter(k -> k.id().equals(work)).findFirst();
    }

    /** To the second where that is short: 48 s, 2 min 10. */
    private static String exactly(double seconds) {
        long whole = Math.round(seconds);
        return whole < 100
                ? whole + " s"
                : whole / 60 + " min" + (whole % 60 == 0 ? "" : String.format(Locale.ROOT, " %02d", whole % 60));
    }

    /** On a scale of logarithms from a quarter to four times, 0 to 100. */
    private static int place(double factor) {
        double share = (Math.log(factor) / Math.log(4) + 1) / 2;
        return (int) Math.round(100 * Math.max(0, Math.min(1, share)));
    }
}
