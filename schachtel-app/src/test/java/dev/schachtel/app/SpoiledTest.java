package dev.schachtel.app;

import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;

import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.model.RefusedException;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** One stored document that nobody can read takes nothing else along: every list and every other card is still shown. */
@ExtendWith(RunningApp.class)
class SpoiledTest {
    private static final List<String> LISTS = List.of(
            "/",
            "/log",
            "/log/log.csv",
            "/log/log.json",
            "/log?sought=ticket",
            "/stock",
            "/stock/colours",
            "/practice",
            "/practice/size",
            "/log/measure",
            "/stock/short",
            "/log/person?who=Ms%20Oduya");

    private final RunningApp app;
    private final JdbcTemplate database;
    private StoredCard other;

    SpoiledTest(RunningApp app) {
        this.app = app;
        this.database = app.bean(JdbcTemplate.class);
    }

    @BeforeEach
    void fresh() {
        other = app.cards().create(RunningApp.demo("luggage-label.json"), "test");
        app.cards().create(RunningApp.demo("luggage-label.json"), "test");
    }

    /** Documents of our own forms: what names the program gives them is asked of the database. */
    private List<Map<String, Object>> documents() {
        return database.queryForList("select c.table_name as place, c.column_name as what, k.column_name as id"
                + " from information_schema.columns c join information_schema.key_column_usage k"
                + " on k.table_schema = c.table_schema and k.table_name = c.table_name and k.constraint_name = 'PRIMARY'"
                + " where c.table_schema = database() and c.data_type in ('mediumtext', 'longtext', 'mediumblob', 'longblob')"
                + " and c.column_name <> 'sought' order by c.table_name = 'workshop' desc");
    }

    @Test
    void oneUnreadableDocumentTakesNothingElseAlong() {
        List<Map<String, Object>> documents = documents();
        assertThat(documents).hasSizeGreaterThan(7);
        int spoiled = 0;
        for (Map<String, Object> document : documents) {
            String place = document.get("place") + " set " + document.get("what");
            List<Map<String, Object>> rows = database.queryForList("select " + document.get("id") + " as id, "
                    + document.get("what") + " as now from " + document.get("place") + " where "
                    + document.get("what") + " is not null order by 1 desc limit 1");
            for (Map<String, Object> row : rows) {
                for (String nonsense : List.of("{}", "{\"version\": 99}")) {
                    spoil(document, row, nonsense);
                    try {
                        everythingElseIsShown(place + " = " + nonsense);
                        assertThat(app.get("/stock").body().contains("Your stock can’t be read"))
                                .isEqualTo(document.get("place").equals("workshop"));
                        if (document.get("place").equals("workshop")) {
                            nothingIsWrittenOver(nonsense);
                        }
                    } finally {
                        spoil(document, row, row.get("now"));
                    }
                    spoiled++;
                }
            }
        }
        assertThat(spoiled).isGreaterThan(9);
    }

    private void nothingIsWrittenOver(String nonsense) {
        assertThatThrownBy(() -> app.bean(Workshops.class).change(w -> w.timed(List.of())))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("restore your last backup");
        assertThat(database.queryForObject("select document from workshop", String.class))
                .isEqualTo(nonsense);
    }

    private void spoil(Map<String, Object> document, Map<String, Object> row, Object content) {
        boolean counted = database.queryForObject(
                        "select count(*) from information_schema.columns where table_schema = database()"
                                + " and table_name = ? and column_name = 'version'",
                        Integer.class,
                        document.get("place"))
                > 0;
        // What was read before is remembered by its version.
        database.update(
                "update " + document.get("place") + " set " + (counted ? "version = version + 1, " : "")
                        + document.get("what") + " = ? where " + document.get("id") + " = ?",
                content,
                row.get("id"));
    }

    private void everythingElseIsShown(String after) {
        for (String list : LISTS) {
            shown(after, list);
        }
        for (String station : List.of("structure", "build")) {
            shown(after, "/cards/" + other.id() + "/" + station);
        }
    }

    private void shown(String after, String path) {
        HttpResponse<String> answer = app.get(path);
        assertThat(answer.statusCode())
                .as("%s: %s says %s", after, path, answer.body())
                .isLessThan(400);
    }
}
