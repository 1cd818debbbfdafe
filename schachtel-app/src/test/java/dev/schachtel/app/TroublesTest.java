package dev.schachtel.app;

import java.sql.SQLException;
import java.util.EnumSet;
import java.util.Set;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.Mockito;
import org.springframework.dao.TransientDataAccessResourceException;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

import dev.schachtel.app.words.Wording;
import dev.schachtel.core.assembly.OrderRules;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.work.Caution;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;

/** The words for every rule, and what is said when the database is away. */
@ExtendWith(RunningApp.class)
class TroublesTest {
    private final RunningApp app;
    private final Wording wording = new Wording();

    TroublesTest(RunningApp app) {
        this.app = app;
    }

    @Test
    void everyRuleHasWords() {
        for (RuleId rule : RuleId.values()) {
            Set<String> ways = Set.of("mend", "watch", "works");
            assertThat(ways.stream().anyMatch(w -> wording.knows("finding." + low(rule) + "." + w)))
                    .as(rule.name())
                    .isTrue();
        }
        EnumSet.complementOf(EnumSet.of(Pull.NONE)).forEach(a -> assertThat(wording.knows("remedy." + low(a)))
                .as(a.name())
                .isTrue());
        OrderRules.all().forEach(r -> assertThat(wording.reason(r)).as(r.id()).isNotBlank());
        EnumSet.allOf(Caution.class)
                .forEach(c -> assertThat(wording.caution(c)).as(c.name()).isNotBlank());
    }

    private static String low(Enum<?> e) {
        return e.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }

    /** The same beans with a transaction manager that can't reach its database. */
    @Test
    void aMissingDatabaseIsAPlainPage() throws Exception {
        PlatformTransactionManager gone = Mockito.mock(PlatformTransactionManager.class);
        Mockito.when(gone.getTransaction(any())).thenThrow(new CannotCreateTransactionException("connection refused"));
        TransactionTemplate template = app.bean(TransactionTemplate.class);
        PlatformTransactionManager real = template.getTransactionManager();
        template.setTransactionManager(gone);
        try {
            assertThatThrownBy(() -> app.cards().all()).isInstanceOf(CannotCreateTransactionException.class);
            var page = app.get("/");
            assertThat(page.statusCode()).isEqualTo(HttpStatus.SERVICE_UNAVAILABLE.value());
            assertThat(page.body())
                    .contains("The card store does not answer")
                    .contains("data-again")
                    .doesNotContain("refused");
        } finally {
            template.setTransactionManager(real);
        }
        assertThat(app.get("/").statusCode()).isEqualTo(200);
    }

    /** By the number that MariaDB gives when a table can't grow: the page names the disk, and reading goes on. */
    @Test
    void aFullDiskIsNamed() throws Exception {
        PlatformTransactionManager full = Mockito.mock(PlatformTransactionManager.class);
        Mockito.when(full.getTransaction(any()))
                .thenThrow(new TransientDataAccessResourceException(
                        "could not insert", new SQLException("The table 'card' is full", "HY000", 1114)));
        TransactionTemplate template = app.bean(TransactionTemplate.class);
        PlatformTransactionManager real = template.getTransactionManager();
        template.setTransactionManager(full);
        try {
            var page = app.post("/new", java.util.Map.of("kind", "slim"));
            var made = app.get("/");
            assertThat(made.statusCode()).isEqualTo(HttpStatus.INSUFFICIENT_STORAGE.value());
            assertThat(made.body()).contains("The disk is full", "was not kept").doesNotContain("data-again");
            assertThat(page.statusCode()).isNotEqualTo(500);
        } finally {
            template.setTransactionManager(real);
        }
        assertThat(app.get("/").statusCode()).isEqualTo(200);
    }
}
