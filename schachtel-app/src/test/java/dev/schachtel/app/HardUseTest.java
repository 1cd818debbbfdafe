package dev.schachtel.app;

import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import javax.sql.DataSource;

import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

import dev.schachtel.app.lessons.Lessons;
import dev.schachtel.app.occasions.Occasions;
import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.store.Change;
import dev.schachtel.app.store.Place;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.files.LogFile;
import dev.schachtel.core.files.RunFile;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.log.Acquaintance;
import dev.schachtel.core.log.LogEntry;
import dev.schachtel.core.model.Texts;

import static org.assertj.core.api.Assertions.assertThat;

/** What others did to it, kept: nothing is lost, nothing runs, nothing grows. */
@ExtendWith(RunningApp.class)
class HardUseTest {
    private static final String MARKUP = "<img src=x onerror=alert(1)>\"'><svg/onload=alert(2)>";
    private static final Pattern LINK = Pattern.compile("(?:href|hx-get)=\"(/[^\"#]*)\"");
    private final RunningApp app;
    private final JdbcTemplate database;

    HardUseTest(RunningApp app) {
        this.app = app;
        this.database = new JdbcTemplate(app.bean(DataSource.class));
    }

    private static LogEntry entry(String name, String words) {
        return new LogEntry(
                name,
                LocalDate.of(2026, 10, 9),
                2,
                0,
                60,
                60,
                List.of(),
                List.of(new LogEntry.Wrong(1, -1, "cut", words, words)),
                List.of(new LogEntry.Given(words, words, Optional.empty(), 1, false)),
                words,
                List.of());
    }

    /** Every text that can be typed is markup; every page that links lead to from there shows it as text. */
    @Test
    void markupIsText() {
        CardSpec card = Texts.changed(
                RunningApp.whole("upper-station.json"), (text, most) -> MARKUP.length() > most ? text : MARKUP);
        StoredCard stored = app.cards().create(card, MARKUP);
        app.upload(
                "/log/import",
                LogFile.export(List.of(new Acquaintance.Built(entry(MARKUP, MARKUP), Optional.of(card))))
                        .getBytes(StandardCharsets.UTF_8));
        app.bean(Lessons.class).add(Lessons.Topic.PIECE, "shaker", MARKUP, null);
        app.bean(Occasions.class)
                .add(new Occasions.Wanted(MARKUP, MARKUP, LocalDate.of(2027, 1, 2), false, stored.id()));
        try {
            Set<String> seen = new LinkedHashSet<>(List.of("/", "/log?sought=onerror", "/log/person?who=onerror"));
            List<String> next = new ArrayList<>(seen);
            String own = "/cards/" + stored.id();
            int shown = 0;
            while (!next.isEmpty() && seen.size() < 400) {
                String path = next.remove(0);
                HttpResponse<String> page = app.get(path);
                assertThat(page.statusCode()).as(path).isLessThan(500);
                boolean read =
                        page.headers().firstValue("Content-Type").orElse("").startsWith("text/html");
                if (!read) {
                    continue;
                }
                assertThat(page.body()).as(path).doesNotContain("<img src=x").doesNotContain("<svg/onload");
                shown += page.body().contains("onerror=alert(1)") ? 1 : 0;
                Matcher link = LINK.matcher(page.body());
                while (link.find()) {
                    String to = link.group(1).replace("&amp;", "&");
                    boolean about = to.startsWith(own) || to.startsWith("/log") || to.startsWith("/stock");
                    if (about
                            && !to.matches(".*(pdf|svg|csv|json|dxf|zip|ics)$")
                            && seen.size() < 120
                            && seen.add(to)) {
                        next.add(to);
                    }
                }
            }
            assertThat(seen).hasSizeGreaterThan(61);
            assertThat(shown).as("pages that show it").isGreaterThan(10);
        } finally {
            app.cards().put(stored.id(), Place.DELETED);
            database.update("delete from lesson where words like '%onerror%'");
            database.update("delete from occasion where who like '%onerror%'");
        }
    }

    /** Eight windows change one card from the same state: one is first, the others are told, and what each typed is kept. */
    @Test
    void eightChangesAtOnce() {
        StoredCard card = app.cards().create(RunningApp.demo("luggage-label.json"), "test");
        List<Integer> answers = IntStream.rangeClosed(1, 8)
                .parallel()
                .mapToObj(i -> app.post(
                                "/cards/" + card.id() + "/brief/set",
                                Map.of(
                                        "version",
                                        "" + card.version(),
                                        "revision",
                                        "" + card.revision(),
                                        "select",
                                        "brief",
                                        "piece",
                                        "brief",
                                        "component",
                                        "cards",
                                        "value",
                                        "" + (100 + i),
                                        "window",
                                        "w" + i,
                                        "view",
                                        "front"))
                        .statusCode())
                .toList();
        assertThat(answers).allMatch(a -> a < 500).contains(409);
        List<String> kept =
                database.queryForList("select spec from revision where card_id = ?", String.class, card.id());
        for (int i = 1; i <= 8; i++) {
            int cards = 100 + i;
            assertThat(kept)
                    .as("%s cards", cards)
                    .anyMatch(s -> CardFile.read(s).brief().cards() == cards);
        }
    }

    /** What was planned is forgotten again: eight hundred changes hold no more than two hundred. */
    @Test
    void changesLeaveNothingBehind() {
        Plans plans = app.bean(Plans.class);
        StoredCard card = app.cards().create(RunningApp.demo("luggage-label.json"), "test");
        long after200 = 0;
        for (int i = 0; i < 800; i++) {
            int cards = 1 + i % 40;
            card = app.cards()
                    .change(new Change(
                            card.id(),
                            card.version(),
                            card.revision(),
                            new Change.By("change " + i, "w"),
                            c -> CardEdit.of(c).set(new Id("brief"), "cards", "" + cards)));
            plans.of(card.spec());
            if (i == 199) {
                after200 = held();
            }
        }
        assertThat(held() - after200).as("bytes").isLessThan(40_000_000);
    }

    private static long held() {
        for (int i = 0; i < 3; i++) {
            System.gc();
        }
        return Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory();
    }

    /** Ten thousand builds are looked through, found and counted. */
    @Test
    void tenThousandBuilds() {
        app.upload(
                "/log/import",
                LogFile.export(List.of(new Acquaintance.Built(entry("Plenty", "manifold"), Optional.empty())))
                        .getBytes(StandardCharsets.UTF_8));
        String columns =
                "run_id, card_id, name, about, ended_at, planned, taken, mishaps, sought, document, card, version";
        try {
            for (int many = 1; many < 10_000; many *= 2) {
                database.update("insert into logged_build (" + columns + ") select " + columns
                        + " from logged_build where name = 'Plenty' limit " + Math.min(many, 10_000 - many));
            }
            HttpResponse<String> list = app.get("/log");
            assertThat(list.statusCode()).isEqualTo(200);
            assertThat(list.body().length()).isLessThan(200_000);
            assertThat(app.get("/log?sought=manifold&page=249").body()).contains("Plenty");
            assertThat(app.get("/log?sought=manifold&page=250").body()).doesNotContain(">Plenty<");
            assertThat(app.get("/log/log.csv").body().lines().filter(l -> l.contains("Plenty")))
                    .hasSize(10_000);
            assertThat(app.get("/").statusCode()).isEqualTo(200);
        } finally {
            database.update("delete from logged_build where name = 'Plenty'");
        }
    }

    /** A database as the first release made it, with documents as they were first written, is brought up and read. */
    @Test
    void dataOfTheFirstReleaseIsRead() throws Exception {
        String server = System.getenv("SCHACHTEL_DB_URL") + "_old_" + System.getProperty("process", "0");
        DriverManagerDataSource source = new DriverManagerDataSource(
                server + "?createDatabaseIfNotExist=true",
                System.getenv("SCHACHTEL_DB_USER"),
                System.getenv("SCHACHTEL_DB_PASSWORD"));
        JdbcTemplate old = new JdbcTemplate(source);
        Flyway.configure().dataSource(source).cleanDisabled(false).load().clean();
        Flyway.configure().dataSource(source).target("3").load().migrate();
        Path released = Path.of("..", "schachtel-core", "src", "test", "resources", "released");
        String card = Files.readString(released.resolve("card-1.json"));
        String workshop = Files.readString(released.resolve("workshop-1.json"));
        old.update("insert into card (id, name, set_name, current_revision, created_at, changed_at, version) "
                + "values (1, 'Old', '', 1, now(), now(), 0)");
        old.update(
                "insert into revision (id, card_id, parent_id, about, spec, aside, created_at) values (1, 1, null, 'a', ?, 0, now())",
                card);
        old.update("insert into workshop (id, document, changed_at, version) values (1, ?, now(), 0)", workshop);
        old.update(
                "insert into run (id, card_id, revision, spec, workshop, plan, begun_at) values (1, 1, 1, ?, ?, ?, now())",
                card,
                workshop,
                Files.readString(released.resolve("run-1.json")));
        Flyway.configure().dataSource(source).load().migrate();
        assertThat(old.queryForObject("select place from card", String.class)).isEqualTo("BENCH");
        assertThat(CardFile.read(text(old, "spec from revision")).name()).isNotBlank();
        assertThat(WorkshopFile.read(text(old, "document from workshop")).sheets())
                .isNotEmpty();
        assertThat(RunFile.read(text(old, "plan from run")).steps()).isNotEmpty();
        Flyway.configure().dataSource(source).cleanDisabled(false).load().clean();
    }

    private static String text(JdbcTemplate database, String what) {
        return java.util.Objects.requireNonNull(database.queryForObject("select " + what, String.class));
    }
}
