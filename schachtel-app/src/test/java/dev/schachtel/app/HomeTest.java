package dev.schachtel.app;

import java.util.List;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;

import dev.schachtel.app.store.Place;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.card.Base;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.model.RecordType;

import static org.assertj.core.api.Assertions.assertThat;

/** The home page shows what is wrong with a card instead of dropping it; the page for a new card draws itself from the kinds. */
@ExtendWith(RunningApp.class)
class HomeTest {
    private final RunningApp app;

    HomeTest(RunningApp app) {
        this.app = app;
    }

    /** What other tests made is put away: each look at the page after a change to the stock plans every card on the bench. */
    @BeforeEach
    void demoCardsAlone() {
        app.cards().heads(Place.BENCH).stream().filter(h -> h.id() > 18).forEach(h -> app.cards()
                .put(h.id(), Place.ARCHIVED));
    }

    @Test
    void aCardThatCantBeReadIsShownWithItsReasonAndItsFile() throws Exception {
        CardSpec spec = CardEdit.of(RunningApp.demo("carriage-windows.json")).set(new Id("card"), "name", "Torn Pouch");
        long id = app.cards().create(spec, "new").id();
        JdbcTemplate jdbc = app.bean(JdbcTemplate.class);
        String whole = jdbc.queryForObject("select spec from revision where card_id = ?", String.class, id);
        jdbc.update("update revision set spec = replace(spec, '\"pouch\"', '\"pooch\"') where card_id = ?", id);
        jdbc.update("update card set version = version + 1 where id = ?", id);
        try {
            String home = settled("/");
            assertThat(home).contains("“Torn Pouch”").contains("pooch").contains("/cards/" + id + "/kept.json");
            assertThat(app.get("/cards/" + id + "/kept.json").body()).contains("pooch");
        } finally {
            jdbc.update("update revision set spec = ? where card_id = ?", whole, id);
            jdbc.update("update card set version = version + 1 where id = ?", id);
        }
        assertThat(settled("/")).doesNotContain("/cards/" + id + "/kept.json");
    }

    /** Names and occasions are looked through; what is put away is found elsewhere and comes back. */
    @Test
    void cardsAreFoundPutAwayAndPutBack() {
        CardSpec spec =
                CardEdit.of(RunningApp.demo("luggage-label.json")).set(new Id("card"), "name", "Zebra Crossing");
        long id = app.cards().create(spec, "new").id();
        String tile = "/cards/" + id + "/structure";
        assertThat(app.get("/?sought=zEBRa").body()).contains(tile).doesNotContain("Cable Drum</a>");
        assertThat(app.get("/?sought=no+such+words").body()).contains("No card has “<b>no such words</b>”");
        for (String order : List.of("set", "changed", "due", "state", "name", "nonsense")) {
            assertThat(app.get("/?order=" + order).body()).contains(tile).contains("Cable Drum");
        }
        assertThat(names("/?order=changed")).containsSubsequence("Zebra Crossing", "Cable Drum");
        assertThat(names("/?order=name")).containsSubsequence("Cable Drum", "Zebra Crossing");
        for (String place : List.of("archived", "deleted")) {
            String gone = app.post("/cards/" + id + "/put", Map.of("to", place))
                    .headers()
                    .firstValue("Location")
                    .orElseThrow();
            String after = app.get(gone.replaceAll("^https?://[^/]+", "")).body();
            assertThat(after)
                    .contains("“Zebra Crossing”")
                    .contains("Put it back")
                    .doesNotContain(tile);
            assertThat(app.get("/?sought=zebra&place=" + place).body())
                    .contains(tile)
                    .doesNotContain("Cable Drum</a>");
            app.post("/cards/" + id + "/put", Map.of("to", "bench"));
            assertThat(app.get("/").body()).contains(tile);
        }
        app.post("/cards/" + id + "/rename", Map.of("name", "Łódź’s zebra"));
        assertThat(app.get("/").body()).contains("Łódź’s zebra").doesNotContain("Zebra Crossing");
        app.post("/cards/" + id + "/put", Map.of("to", "deleted"));
    }

    /** However many there are, a page has 48, and leads to the others. */
    @Test
    void veryManyCardsComeByThePage() {
        CardSpec spec = CardEdit.of(RunningApp.demo("luggage-label.json")).set(new Id("card"), "name", "Okapi");
        List<Long> ids = IntStream.range(0, 50)
                .mapToObj(i -> app.cards().create(spec, "new").id())
                .toList();
        ids.forEach(id -> app.cards().put(id, Place.ARCHIVED));
        String first = app.get("/?place=archived&sought=okapi").body();
        assertThat(first)
                .contains("Cards 1 to 48 of 50")
                .contains("The next ones")
                .doesNotContain("The 48 before");
        assertThat(first.length()).isLessThan(150_000);
        String second = app.get("/?place=archived&sought=okapi&from=48").body();
        assertThat(second).contains("Cards 49 to 50 of 50").contains("The 48 before");
        assertThat(ids)
                .allMatch(id -> first.contains("/cards/" + id + "/structure")
                        != second.contains("/cards/" + id + "/structure"));
        assertThat(app.get("/?place=archived&sought=okapi&from=9999").body()).contains("Cards 49 to 50 of 50");
        ids.forEach(id -> app.cards().put(id, Place.DELETED));
    }

    /** The cards of a page, as they follow each other. */
    private List<String> names(String path) {
        return Pattern.compile("Zebra Crossing|Cable Drum")
                .matcher(settled(path))
                .results()
                .map(MatchResult::group)
                .distinct()
                .toList();
    }

    /** The picture and the state of a card change with it, with the stock and with the day, though they are remembered. */
    @Test
    void whatIsShownFollowsTheCardAndTheStock() {
        CardSpec spec = CardEdit.of(RunningApp.demo("terraces.json")).set(new Id("card"), "name", "Follows");
        long id = app.cards().create(spec, "new").id();
        Workshops workshops = app.bean(Workshops.class);
        Workshop before = workshops.now();
        String state = state(id);
        try {
            workshops.change(w -> w.with(List.of(), List.of(), w.tools()));
            String without = state(id);
            assertThat(without).isNotEqualTo(state);
            workshops.change(w -> before);
            assertThat(state(id)).isEqualTo(state);
            app.post("/cards/" + id + "/rename", Map.of("name", "Followed"));
            assertThat(settled("/?sought=followed")).contains("/cards/" + id + "/structure");
        } finally {
            workshops.change(w -> before);
            app.post("/cards/" + id + "/put", Map.of("to", "deleted"));
        }
    }

    /** The page once nothing on it is being worked out any more. */
    private String settled(String path) {
        for (int i = 0; i < 600; i++) {
            String home = app.get(path).body();
            if (!home.contains("looking …")) {
                return home;
            }
        }
        throw new AssertionError("still looking");
    }

    private String state(long id) {
        String home = settled("/?sought=follow");
        return home.substring(home.indexOf("/cards/" + id + "/structure"))
                .replaceAll("(?s).*?class=\"state\">(.*?)</p>.*", "$1");
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
