package dev.schachtel.app.log;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.ToIntFunction;
import java.util.stream.IntStream;

import org.springframework.stereotype.Component;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;

import dev.schachtel.app.lessons.Lessons;
import dev.schachtel.app.store.CardService;
import dev.schachtel.app.words.Wording;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.check.Checked;
import dev.schachtel.core.log.LogEntry;
import dev.schachtel.core.log.Rescue;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.model.RecordType;

/** One build as its page shows it. */
@Component
class ChosenDesk {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);
    private final Lessons lessons;
    private final LogPhotoRepository photos;
    private final CardService cards;
    private final Wording words;
    private final Workshops workshops;
    private static final int SHORT = 60;
    private static final int KEPT = 60;
    /** What was found about builds that were looked at lately. */
    private final Cache<String, Map<String, String>> found =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    ChosenDesk(Lessons lessons, LogPhotoRepository photos, CardService cards, Wording words, Workshops workshops) {
        this.workshops = workshops;
        this.lessons = lessons;
        this.photos = photos;
        this.cards = cards;
        this.words = words;
    }

    LogView.Chosen of(Logbook.Kept kept, String again) {
        LogEntry e = kept.entry();
        double longer = Math.max(1, Math.max(e.planned(), e.taken()));
        Map<String, String> about = about(kept);
        return new LogView.Chosen(
                kept.id(),
                e.name() + ", " + LogDesk.day(kept.ended()),
                bars(e, LogEntry.Done::planned, longer),
                bars(e, LogEntry.Done::taken, longer),
                IntStream.range(0, e.mishaps().size())
                        .mapToObj(i -> mishap(e, e.mishaps().get(i), longer))
                        .toList(),
                whole(e),
                again,
                new LogView.People(given(e), e.given().isEmpty() ? "" : kept(e), e.made(), e.spoiled()),
                new LogView.Stock(TakenDesk.summary(e), TakenDesk.of(e)),
                e.words(),
                photos.idsOf(kept.id()),
                lessons.ofBuild(kept.id()).stream()
                        .map(l -> new LogView.Lesson(
                                l.id(), about.getOrDefault(l.topic() + " " + l.about(), l.about()), l.words()))
                        .toList(),
                about.entrySet().stream()
                        .map(a -> new LogView.About(a.getKey(), a.getValue()))
                        .toList(),
                kept.card().isPresent(),
                open(kept));
    }

    private String open(Logbook.Kept kept) {
        Long id = kept.cardId();
        boolean there = id != null && cards.isThere(id);
        return there ? "/cards/" + id + "/structure" : "";
    }

    private static String kept(LogEntry e) {
        return e.kept() == 0 ? "None is kept." : e.kept() == 1 ? "1 card is kept." : e.kept() + " cards are kept.";
    }

    private static String whole(LogEntry e) {
        if (e.steps().isEmpty()) {
            return e.taken() == 0
                    ? "Written in afterwards; how long it took was not said."
                    : "Written in afterwards: " + LogDesk.time(e.taken()) + " of handwork.";
        }
        return e.steps().size() + " steps were timed: " + LogDesk.time(e.taken()) + " of handwork, "
                + LogDesk.time(e.planned()) + " planned.";
    }

    private static List<LogView.Given> given(LogEntry e) {
        return e.given().stream()
                .map(g -> new LogView.Given(
                        g.who(),
                        (g.cards() == 1 ? "1 card" : g.cards() + " cards")
                                + (g.occasion().isBlank() ? "" : ", " + g.occasion())
                                + g.day().map(d -> ", " + DAY.format(d)).orElse("")
                                + (g.posted() ? ", posted" : "")))
                .toList();
    }

    private LogView.Mishap mishap(LogEntry e, LogEntry.Wrong m, double longer) {
        String card = m.card() == 0 ? "" : "Card " + m.card() + ", ";
        String work = PaceDesk.kind(m.work()).map(words::name).orElse("");
        String said = m.words().isBlank() ? "nothing was said about it." : "“" + m.words() + "”";
        double before = e.steps().stream()
                .limit(Math.max(0, m.step()))
                .mapToInt(LogEntry.Done::taken)
                .sum();
        double own = m.step() < 0
                ? 0
                : e.steps().get(Math.min(m.step(), e.steps().size() - 1)).taken();
        return new LogView.Mishap(
                m.step() < 0 ? -1 : (int) Math.round(1000 * (before + own / 2) / longer),
                card + (work.isEmpty() ? "" : work.toLowerCase(Locale.ROOT) + ": ") + said,
                m.rescue(),
                Rescue.of(m.work()).stream()
                        .map(r -> words.named("rescue." + r.word()))
                        .toList());
    }

    private List<LogView.Bar> bars(LogEntry e, ToIntFunction<LogEntry.Done> seconds, double longer) {
        List<LogView.Bar> bars = new ArrayList<>();
        double from = 0;
        for (int i = 0; i < e.steps().size(); i++) {
            LogEntry.Done done = e.steps().get(i);
            int step = i;
            double own = seconds.applyAsInt(done);
            int at = (int) Math.round(1000 * from / longer);
            int to = (int) Math.round(1000 * (from + own) / longer);
            String name = PaceDesk.kind(done.work()).map(words::shortly).orElse(done.work());
            bars.add(new LogView.Bar(
                    at,
                    Math.max(1, to - at),
                    name + ", " + LogDesk.time(own),
                    e.mishaps().stream().anyMatch(m -> m.step() == step)));
            from += own;
        }
        return bars;
    }

    private List<Picture> pictures(CardSpec card) {
        return card.pieces()
                .flatMap(p -> Lessons.pictures(p).stream())
                .distinct()
                .flatMap(id -> workshops.now().picture(new MaterialId(id)).stream())
                .toList();
    }

    /** The rules that have something to say about the card, besides that it works. */
    private Map<String, String> found(CardSpec card) {
        Map<String, String> rules = new LinkedHashMap<>();
        Checked.of(card, workshops.now()).findings().all().stream()
                .filter(f -> f.severity() != Severity.WORKS)
                .forEach(f -> rules.putIfAbsent(
                        f.rule().name(), shortly(words.found(f, card.units()).replaceAll("<[^>]*>", ""))));
        return rules;
    }

    private static String shortly(String words) {
        return words.length() <= SHORT ? words : words.substring(0, SHORT).strip() + "…";
    }

    /** What a lesson of this build may be about: its pieces, its work, its materials. */
    private Map<String, String> about(Logbook.Kept kept) {
        Map<String, String> all = new LinkedHashMap<>();
        kept.card().map(CardSpec::pieces).ifPresent(pieces -> pieces.map(Object::getClass)
                .distinct()
                .forEach(k -> all.put(
                        Lessons.Topic.PIECE + " " + RecordType.word(k),
                        "every " + RecordType.title(k).toLowerCase(Locale.ROOT))));
        kept.entry().steps().stream()
                .map(LogEntry.Done::work)
                .distinct()
                .flatMap(w -> PaceDesk.kind(w).stream())
                .forEach(k -> all.put(
                        Lessons.Topic.WORK + " " + k.id(),
                        "whenever: " + words.name(k).toLowerCase(Locale.ROOT)));
        kept.card().map(Sought::materials).orElse(Set.of()).stream()
                .flatMap(m -> workshops.now().material(m).stream())
                .forEach(m -> all.put(Lessons.Topic.MATERIAL + " " + m.id().value(), "whatever is of " + m.name()));
        kept.card().ifPresent(card -> {
            pictures(card)
                    .forEach(p -> all.put(
                            Lessons.Topic.PICTURE + " " + p.id().value(), "wherever “" + p.name() + "” is shown"));
            found.get(kept.id() + " " + kept.version(), k -> found(card))
                    .forEach((rule, words) ->
                            all.put(Lessons.Topic.RULE + " " + rule, "when this is found: “" + words + "”"));
        });
        return all;
    }
}
