package dev.schachtel.app;

import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.app.log.Logbook;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.material.Workshop;

import static org.assertj.core.api.Assertions.assertThat;

/** What is sent twice is done once; what is sent by many at once is done for each. */
@ExtendWith(RunningApp.class)
class OnceTest {
    private static final int WINDOWS = 8;
    private final RunningApp app;

    OnceTest(RunningApp app) {
        this.app = app;
    }

    private List<HttpResponse<String>> pressed(String path, Map<String, String> fields) {
        return IntStream.range(0, WINDOWS)
                .parallel()
                .mapToObj(i -> app.post(path, fields))
                .toList();
    }

    private static void leadTo(List<HttpResponse<String>> answers, String place) {
        assertThat(answers).allMatch(a -> a.statusCode() == 302);
        assertThat(answers.stream()
                        .map(a -> a.headers().firstValue("Location").orElse(""))
                        .map(a -> a.replaceAll("^https?://[^/]+", ""))
                        .distinct())
                .singleElement()
                .asString()
                .startsWith(place);
    }

    private static String key(String page) {
        return page.replaceAll("(?s).*name=\"once\" value=\"([A-Za-z0-9]+)\".*", "$1");
    }

    /** The page gives each form a key; sheets leave the drawer once. */
    @Test
    void whatIsCutIsTakenOnce() {
        Workshops workshops = app.bean(Workshops.class);
        Workshop before = workshops.now();
        StoredCard card = app.cards().create(RunningApp.demo("luggage-label.json"), "test");
        try {
            String key = key(app.get("/cards/" + card.id() + "/cut").body());
            String done = "/cards/" + card.id() + "/cut/done";
            leadTo(pressed(done, Map.of("once", key)), "/stock?card=" + card.id());
            Workshop after = workshops.now();
            assertThat(after.sheets()).isNotEqualTo(before.sheets());
            leadTo(List.of(app.post(done, Map.of("once", key))), "/stock?card=" + card.id());
            assertThat(workshops.now()).isEqualTo(after);
            app.post(done, Map.of("once", key + "again"));
            assertThat(workshops.now().sheets()).isNotEqualTo(after.sheets());
        } finally {
            workshops.change(now -> before);
        }
    }

    @Test
    void oneRunMovesOver() {
        StoredCard card = app.cards().create(RunningApp.demo("luggage-label.json"), "test");
        String run = app.post("/cards/" + card.id() + "/bench", Map.of())
                .headers()
                .firstValue("Location")
                .orElseThrow()
                .replaceAll(".*/runs/", "");
        leadTo(pressed("/runs/" + run + "/over", Map.of("once", "movedOverOnce" + run)), "/runs/");
    }

    /** What was refused may be sent again under the same key. */
    @Test
    void aRefusalIsNoAct() {
        Map<String, String> wrong = Map.of("once", "refusedAtFirst1", "format", "none-such", "base", "flat-fold");
        assertThat(app.post("/cards", wrong).statusCode()).isEqualTo(422);
        assertThat(app.post("/cards", wrong).statusCode()).isEqualTo(422);
    }

    /** Eight people write down who got one, at the same time: none of it is lost. */
    @Test
    void allReceiversAreKept() {
        Logbook log = app.bean(Logbook.class);
        long build = Long.parseLong(app.post(
                        "/log/write",
                        Map.of(
                                "name",
                                "Handed out",
                                "day",
                                "2026-11-20",
                                "made",
                                "9",
                                "hours",
                                "1",
                                "minutes",
                                "0",
                                "who",
                                "",
                                "card",
                                ""))
                .headers()
                .firstValue("Location")
                .orElseThrow()
                .replaceAll(".*build=(\\d+).*", "$1"));
        assertThat(IntStream.range(0, WINDOWS)
                        .parallel()
                        .mapToObj(i -> app.post(
                                "/log/" + build + "/given",
                                Map.of("who", "Person " + i, "occasion", "", "day", "2026-11-21", "cards", "1")))
                        .map(HttpResponse::statusCode))
                .containsOnly(302);
        assertThat(log.load(build).orElseThrow().entry().given()).hasSize(WINDOWS);
    }

    /** Addresses and forms that nobody would write by hand: told, never a fault of the program. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "structure?select=%ff",
                "structure?select=%",
                "structure?select[0]=x",
                "structure?version=1e9&revision[x]=2",
                "decorate?on[0]=panel",
                "decorate?on=%00",
                "brief?view[0].x=1",
                "build?step=99999999999",
                "cut?stroke[0]=1"
            })
    void oddAddressesAreTold(String address) {
        StoredCard card = app.cards().create(RunningApp.demo("terraces.json"), "test");
        HttpResponse<String> answer =
                app.send(HttpRequest.newBuilder(URI.create(app.address() + "/cards/" + card.id() + "/"
                                + address.replace("[", "%5B")
                                        .replace("]", "%5D")
                                        .replace("=%&", "=%25&")
                                        .replaceAll("%$", "%25")))
                        .build());
        assertThat(answer.statusCode()).as(address).isLessThan(500);
        for (String form : List.of(
                "decorate/add", "decorate/move", "decorate/put", "structure/set", "build/batch", "cut/choose")) {
            assertThat(app.post(
                                    "/cards/" + card.id() + "/" + form,
                                    Map.of("on[0]", "x", "piece[1]", "y", "on", "panel"))
                            .statusCode())
                    .as(form)
                    .isLessThan(500);
        }
    }
}
