package dev.schachtel.app.once;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;

import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Which acts were begun, and where those that are done led. */
@Component
class Acted {
    private static final Duration KEPT = Duration.ofDays(2);
    private final JdbcTemplate database;
    private final Clock clock;

    Acted(JdbcTemplate database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** Whether this is the first time; whoever comes second must not do it. */
    boolean begin(String key) {
        LocalDateTime now = LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
        try {
            database.update("insert into acted (id, location, at) values (?, '', ?)", key, now);
        } catch (DuplicateKeyException second) {
            return false;
        }
        database.update("delete from acted where at < ?", now.minus(KEPT));
        return true;
    }

    void done(String key, String location) {
        database.update("update acted set location = ? where id = ?", location, key);
    }

    /** It was refused or failed: it may be tried again. */
    void failed(String key) {
        database.update("delete from acted where id = ?", key);
    }

    /** Where it led; an empty place while it is being done; nothing if it failed meanwhile. */
    Optional<String> led(String key) {
        List<String> found = database.queryForList("select location from acted where id = ?", String.class, key);
        return found.stream().findFirst();
    }
}
