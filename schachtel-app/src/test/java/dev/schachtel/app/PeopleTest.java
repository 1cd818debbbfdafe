package dev.schachtel.app;

import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javax.sql.DataSource;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;

import dev.schachtel.app.lessons.Lessons;
import dev.schachtel.app.occasions.Occasions;
import dev.schachtel.app.store.Change;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.files.LogFile;
import dev.schachtel.core.log.Acquaintance;
import dev.schachtel.core.log.LogEntry;

import static org.assertj.core.api.Assertions.assertThat;

/** A person is in all that a maker can write a name into; erased, in no column of no table any more. */
@ExtendWith(RunningApp.class)
class PeopleTest {
    private static final String NAME = "Mrs Quillfeather";
    private static final String OTHER = "Quillfeatherstone";
    private final RunningApp app;
    private final JdbcTemplate database;

    PeopleTest(RunningApp app) {
        this.app = app;
        this.database = new JdbcTemplate(app.bean(DataSource.class));
    }

    /** Every column of every table that holds text, read by itself: where these letters stand. */
    private List<String> columnsWith(String letters) {
        List<Map<String, Object>> columns = database.queryForList(
                "select table_name t, column_name c from information_schema.columns where table_schema = database() "
                        + "and data_type in ('varchar', 'char', 'text', 'mediumtext', 'longtext')");
        List<String> found = new ArrayList<>();
        for (Map<String, Object> column : columns) {
            Integer times = database.queryForObject(
                    "select count(*) from `" + column.get("t") + "` where lower(convert(`" + column.get("c")
                            + "` using utf8mb4)) like ?",
                    Integer.class,
                    "%" + letters.toLowerCase(Locale.ROOT) + "%");
            if (times != null && times > 0) {
                found.add(column.get("t") + "." + column.get("c"));
            }
        }
        return found;
    }

    private CardSpec named(CardSpec card) {
        CardSpec with = card.with(card.brief().madeFor("MRS  QUILLFEATHER", "her jubilee"));
        String file = CardFile.write(with).replace("\"" + card.name() + "\"", "\"For Mrs. Quillfeather\"");
        return CardFile.read(file);
    }

    private StoredCard change(StoredCard card, String about, UnaryOperator<CardSpec> change) {
        return app.cards()
                .change(new Change(card.id(), card.version(), card.revision(), new Change.By(about, "w"), change));
    }

    private String path(HttpResponse<String> answer) {
        return answer.headers().firstValue("Location").orElseThrow().replaceAll("^https?://[^/]+", "");
    }

    /** A card that was hers and is nobody's now, one that she made at the bench, builds, lessons, days, answers; and her namesake's. */
    private long everywhere() {
        StoredCard card = app.cards().create(named(RunningApp.demo("luggage-label.json")), "Made for " + NAME);
        card = change(card, "Renamed to 'For " + NAME + "'", c -> named(c));
        String bench = path(app.post("/cards/" + card.id() + "/bench", Map.of()));
        long run = Long.parseLong(bench.replaceAll("\\D+", ""));
        database.update(
                "insert into run_event (run_id, said_id, said_at, maker, kind, step, card, note) "
                        + "values (?, 'q1', now(), ?, 'PAUSED', '', 0, ?)",
                run,
                NAME,
                "Asked mrs Quillfeather about it.");
        LogEntry entry = new LogEntry(
                "Label for " + NAME,
                LocalDate.of(2026, 11, 3),
                2,
                0,
                600,
                700,
                List.of(new LogEntry.Done("cut", NAME, 100, 100, 120, 10)),
                List.of(new LogEntry.Wrong(1, 0, "cut", NAME + " sneezed.", "Tissue of Mrs Quillfeather.")),
                List.of(
                        new LogEntry.Given(NAME, "Jubilee", Optional.empty(), 1, false),
                        new LogEntry.Given("The mill of " + NAME, "harvest", Optional.empty(), 1, false)),
                "It pleased Mrs Quillfeather. " + "Long words. ".repeat(100) + NAME,
                List.of());
        app.upload(
                "/log/import",
                LogFile.export(List.of(
                                new Acquaintance.Built(entry, Optional.of(named(RunningApp.demo("ticket.json"))))))
                        .getBytes(StandardCharsets.UTF_8));
        app.bean(Lessons.class).add(Lessons.Topic.WORK, "cut", NAME + " says: a new blade.", null);
        Occasions days = app.bean(Occasions.class);
        days.add(new Occasions.Wanted(NAME, "birthday", LocalDate.of(2027, 3, 1), true, null));
        days.add(new Occasions.Wanted("The club", "fete of " + NAME, LocalDate.of(2027, 4, 1), true, null));
        days.add(new Occasions.Wanted(OTHER, "wedding", LocalDate.of(2027, 5, 1), false, null));
        database.update(
                "insert into practice_look (maker, exercise, mistake, seen, at) values (?, 64, 'x', true, ?)",
                NAME,
                Instant.now());
        database.update(
                "insert into practice_guess (maker, exercise, size, said, at) values (?, 64, 1, 1, ?)",
                NAME,
                Instant.now());
        return card.id();
    }

    @Test
    void nothingIsLeft() {
        long card = everywhere();
        List<String> before = columnsWith("quillfeather");
        assertThat(before)
                .contains(
                        "card.name",
                        "revision.spec",
                        "revision.about",
                        "run.spec",
                        "run_event.maker",
                        "run_event.note",
                        "logged_build.name",
                        "logged_build.about",
                        "logged_build.sought",
                        "logged_build.document",
                        "logged_build.card",
                        "lesson.words",
                        "occasion.who",
                        "occasion.what",
                        "practice_look.maker",
                        "practice_guess.maker");
        String page = app.get("/log/person?who=mrs%20quillfeather").body();
        assertThat(page)
                .contains(
                        "A card, or an earlier state of one",
                        "Who did a step",
                        "Asked mrs Quillfeather about it.",
                        "Asked somebody about it.",
                        "Tissue of somebody.",
                        "somebody says: a new blade.",
                        "All answers of somebody in practice");
        assertThat(columnsWith("quillfeather")).isEqualTo(before);
        assertThat(app.get("/log/person/found.json?who=mrs%20quillfeather").body())
                .contains("Asked mrs Quillfeather about it.");
        String erased =
                app.post("/log/person/erase", Map.of("who", "mrs quillfeather")).body();
        assertThat(erased).contains("The name is erased");
        assertThat(columnsWith("quillfeather")).containsExactly("occasion.who");
        assertThat(database.queryForList("select who from occasion where who like '%quill%'", String.class))
                .containsOnly(OTHER);
        assertThat(database.queryForList(
                        "select document from logged_build where document like '%The mill of%'", String.class))
                .isNotEmpty()
                .allMatch(d -> d.contains("The mill of somebody") && d.contains("harvest") && !d.contains("Jubilee"));
        assertThat(app.cards().load(card).spec().brief().occasion()).isEmpty();
        assertThat(app.get("/cards/" + card + "/structure").statusCode()).isEqualTo(200);
        assertThat(app.get("/log?sought=somebody").body()).contains("Label for somebody");
        for (String path : List.of("/", "/log", "/practice", "/cards/" + card + "/brief")) {
            assertThat(app.get(path).statusCode()).as(path).isEqualTo(200);
        }
        assertThat(app.get("/log/person?who=mrs%20quillfeather").body()).contains("Nothing is kept about");
    }

    /** A card with very many states: the newest are shown, all are erased. */
    @Test
    void veryManyStates() {
        StoredCard card = app.cards().create(named(RunningApp.demo("luggage-label.json")), "test");
        database.update(
                "insert into revision (card_id, about, spec, aside, created_at, made_in) select card_id, about, spec, aside,"
                        + " created_at, made_in from revision, information_schema.collations where card_id = ? limit 299",
                card.id());
        assertThat(app.get("/log/person?who=mrs%20quillfeather").body()).contains("It is in 100 more texts");
        app.post("/log/person/erase", Map.of("who", "mrs quillfeather"));
        assertThat(database.queryForObject(
                        "select count(*) from revision where card_id = ? and spec like '%Quill%'",
                        Integer.class, card.id()))
                .isZero();
    }

    @Test
    void whatIsLeftStays() {
        Occasions days = app.bean(Occasions.class);
        days.add(new Occasions.Wanted("The society", "Rose evening", LocalDate.of(2027, 4, 2), false, null));
        days.add(new Occasions.Wanted("Rose", "birthday", LocalDate.of(2027, 4, 3), false, null));
        app.post("/log/person/erase", Map.of("who", "rose", "leave", "Rose evening"));
        assertThat(days.from(LocalDate.of(2027, 4, 1)).stream()
                        .map(o -> o.wanted().what()))
                .contains("Rose evening");
        assertThat(days.from(LocalDate.of(2027, 4, 1)).stream()
                        .map(o -> o.wanted().who()))
                .doesNotContain("Rose");
        for (String nobody : List.of("?!", "", "x".repeat(101))) {
            assertThat(app.post("/log/person/erase", Map.of("who", nobody)).statusCode())
                    .isBetween(400, 499);
            assertThat(app.get("/log/person?who=" + nobody.replace("?", "%3F")).statusCode())
                    .isBetween(400, 499);
        }
    }
}
