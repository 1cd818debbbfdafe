package dev.schachtel.app;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;

import dev.schachtel.core.card.Base;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.model.RecordType;

import static org.assertj.core.api.Assertions.assertThat;

/** The home page shows what is wrong with a card instead of dropping it; the page for a new card draws itself from the kinds. */
@ExtendWith(RunningApp.class)
class HomeTest {
    private final RunningApp app;

    HomeTest(RunningApp app) {
        this.app = app;
    }

    @Test
    void aCardThatCantBeReadIsShownWithItsReasonAndItsFile() throws Exception {
        CardSpec spec = CardEdit.of(RunningApp.demo("carriage-windows.json")).set(new Id("card"), "name", "Torn Pouch");
        long id = app.cards().create(spec, "new").id();
        JdbcTemplate jdbc = app.bean(JdbcTemplate.class);
        String whole = jdbc.queryForObject("select spec from revision where card_id = ?", String.class, id);
        jdbc.update("update revision set spec = replace(spec, '\"pouch\"', '\"pooch\"') where card_id = ?", id);
        try {
            String home = app.get("/").body();
            assertThat(home).contains("“Torn Pouch”").contains("pooch").contains("/cards/" + id + "/kept.json");
            assertThat(app.get("/cards/" + id + "/kept.json").body()).contains("pooch");
        } finally {
            jdbc.update("update revision set spec = ? where card_id = ?", whole, id);
        }
        assertThat(app.get("/").body()).doesNotContain("/cards/" + id + "/kept.json");
    }

    @Test
    void everyKindOfBaseIsOffered() throws Exception {
        String page = app.get("/new").body();
        List<String> words =
                RecordType.kinds(Base.class).stream().map(RecordType::word).toList();
        assertThat(words).hasSizeGreaterThanOrEqualTo(6).allSatisfy(word -> assertThat(page)
                .containsPattern("name=\"base\" value=\"" + word + "(\\.[a-z]+)?\""));
        assertThat(page).contains("value=\"flat-fold.side\"").contains("value=\"flat-fold.top\"");
    }
}
