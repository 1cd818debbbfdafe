package dev.schachtel.app;

import java.net.http.HttpResponse;
import java.util.List;
import java.util.Random;

import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

import dev.schachtel.app.store.CardService;
import dev.schachtel.app.store.Place;
import dev.schachtel.core.EdgeCards;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Piece;

import static org.assertj.core.api.Assertions.assertThat;

/** Cards at the ends of what can be typed: every page of theirs is there; more of them with {@code -Dedges=300}. */
@ExtendWith(RunningApp.class)
class EdgePagesTest {
    private static final int CARDS = Integer.getInteger("edges", 44);
    private static final List<String> PAGES = List.of(
            "brief",
            "decorate",
            "decorate/surfaces",
            "decorate/colours",
            "cut",
            "structure?view=from-the-side",
            "build",
            "structure",
            "structure?view=in-the-round",
            "decorate?on=inside",
            "build");

    private final RunningApp app;

    EdgePagesTest(RunningApp app) {
        this.app = app;
    }

    @Test
    void everyPageIsThere() {
        List<EdgeCards.Edge> edges = EdgeCards.edges();
        CardService cards = app.cards();
        SoftAssertions all = new SoftAssertions();
        for (int seed = 0; seed < CARDS; seed++) {
            Random random = new Random(seed + 100_000L);
            CardSpec spec = EdgeCards.card(edges, random);
            long id = cards.create(spec, "edges").id();
            List<Piece> pieces = spec.pieces().toList();
            String page = PAGES.get(seed % PAGES.size());
            String address = "/cards/" + id + "/" + page + (page.contains("?") ? "&" : "?") + "select="
                    + pieces.get(random.nextInt(pieces.size())).id();
            HttpResponse<String> answer = app.get(address);
            all.assertThat(answer.statusCode()).as("card %s at %s", seed, page).isEqualTo(200);
            if (seed % 50 != 0) {
                cards.put(id, Place.DELETED);
            }
        }
        all.assertAll();
        assertThat(app.get("/").statusCode()).isEqualTo(200);
        assertThat(app.get("/stock").statusCode()).isEqualTo(200);
    }
}
