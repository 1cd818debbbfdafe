package dev.schachtel.app.log;

import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Optional;

import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

import dev.schachtel.app.frame.Download;
import dev.schachtel.app.frame.Uploaded;
import dev.schachtel.app.store.CardService;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.files.LogFile;
import dev.schachtel.core.files.LogSchema;
import dev.schachtel.core.log.Acquaintance;
import dev.schachtel.core.log.LogEntry;
import dev.schachtel.core.log.Person;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.print.LogCsv;

/** The log as files, taken away and brought back; builds written in afterwards; those of a person. */
@Controller
@RequestMapping
class LogFilesController {
    private static final long LARGEST = 8L * 1024 * 1024;
    private final Logbook log;
    private final CardService cards;
    private final DrawnBuilds drawn;

    LogFilesController(Logbook log, CardService cards, DrawnBuilds drawn) {
        this.log = log;
        this.cards = cards;
        this.drawn = drawn;
    }

    @GetMapping("/log/log.json")
    ResponseEntity<byte[]> json() {
        return Download.of("log.json", MediaType.APPLICATION_JSON, LogFile.export(log.everything()));
    }

    @GetMapping("/schema/log.json")
    ResponseEntity<String> schema() {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/schema+json"))
                .body(LogSchema.write());
    }

    @GetMapping("/log/log.csv")
    ResponseEntity<byte[]> csv() {
        return Download.of(
                "log.csv",
                MediaType.parseMediaType("text/csv;charset=UTF-8"),
                LogCsv.write(
                        log.everything().stream().map(Acquaintance.Built::entry).toList()));
    }

    /** Builds from a file: all of it, or nothing and why. */
    @PostMapping("/log/import")
    String read(@RequestParam MultipartFile file) throws IOException {
        if (file.getSize() > LARGEST) {
            throw new RefusedException("log", "is larger than 8 MB");
        }
        String text = Uploaded.text(file.getBytes(), "log");
        String start = text.replace("\uFEFF", "").stripLeading();
        List<Acquaintance.Built> builds = start.startsWith("{")
                ? LogFile.readAll(start)
                : LogCsv.read(start).stream()
                        .map(e -> new Acquaintance.Built(e, Optional.empty()))
                        .toList();
        if (builds.isEmpty()) {
            throw new RefusedException("log", "has no builds in it");
        }
        return "redirect:/log?build=" + log.add(builds, null);
    }

    /** A build that was made without bench mode. */
    record Afterwards(String card, String name, String day, String made, String hours, String minutes, String who) {}

    @PostMapping("/log/write")
    String write(@ModelAttribute Afterwards typed) {
        Long id = typed.card() == null || typed.card().isBlank()
                ? null
                : Long.valueOf(Typed.whole("card", typed.card(), 1, Integer.MAX_VALUE));
        Optional<CardSpec> card =
                id == null ? Optional.empty() : Optional.of(cards.load(id).spec());
        String name = card.map(CardSpec::name).orElseGet(() -> Typed.needed("name", typed.name(), 200));
        int made = Typed.whole("made", typed.made(), 1, 10_000);
        int minutes = 60 * whole("hours", typed.hours(), 1_000) + whole("minutes", typed.minutes(), 59);
        String who = Typed.text("who", typed.who(), 100);
        LogEntry entry = new LogEntry(
                name,
                Typed.day("day", typed.day()).orElse(log.today()),
                made,
                0,
                0,
                60 * minutes,
                List.of(),
                List.of(),
                who.isEmpty() ? List.of() : List.of(new LogEntry.Given(who, "", Optional.empty(), made, false)),
                "",
                List.of());
        return "redirect:/log?build=" + log.add(List.of(new Acquaintance.Built(entry, card)), id);
    }

    private static int whole(String field, @Nullable String typed, int most) {
        return typed == null || typed.isBlank() ? 0 : Typed.whole(field, typed, 0, most);
    }

    /** The front as it was built, to be put into a page; a build never changes, so the browser may keep it. */
    @GetMapping("/log/{id}/front")
    ResponseEntity<String> front(@PathVariable long id) {
        return drawn.front(there(id))
                .map(svg -> ResponseEntity.ok()
                        .contentType(MediaType.TEXT_HTML)
                        .cacheControl(CacheControl.maxAge(Duration.ofHours(12)).cachePrivate())
                        .body(svg))
                .orElseGet(() -> ResponseEntity.noContent().build());
    }

    @GetMapping("/log/{id}/build.pdf")
    ResponseEntity<byte[]> pdf(@PathVariable long id) {
        Logbook.Kept kept = there(id);
        return Download.of(kept.entry().name() + " build.pdf", MediaType.APPLICATION_PDF, drawn.page(kept));
    }

    private Logbook.Kept there(long id) {
        return log.load(id).orElseThrow(() -> new NoSuchBuildException(id));
    }

    /** The builds of which somebody got one. */
    @GetMapping("/log/person.json")
    ResponseEntity<byte[]> person(@RequestParam String who) {
        Person person = Person.of(Typed.needed("who", who, 100));
        return Download.of(
                "person.json",
                MediaType.APPLICATION_JSON,
                LogFile.export(log.everything().stream()
                        .filter(b -> b.entry().given().stream().anyMatch(g -> person.isCalled(g.who())))
                        .toList()));
    }
}
