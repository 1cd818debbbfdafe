package dev.schachtel.app;

import java.io.ByteArrayInputStream;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.edit.StockEdit;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.print.StockCsv;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** What a browser gets, header by header; bad input answers in plain words and changes nothing. */
@ExtendWith(RunningApp.class)
class HttpTest {
    private final RunningApp app;

    HttpTest(RunningApp app) {
        this.app = app;
    }

    private StoredCard card() {
        return app.cards().create(RunningApp.demo(), "test");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/",
                "/new",
                "/cards/1/structure",
                "/cards/1/brief",
                "/cards/1/decorate",
                "/cards/1/cut",
                "/cards/1/build",
                "/stock"
            })
    void pagesAnswerWithAStrictPolicy(String path) {
        HttpResponse<String> page = app.get(path);
        assertThat(page.statusCode()).isEqualTo(200);
        String policy = page.headers().firstValue("Content-Security-Policy").orElseThrow();
        assertThat(policy).contains("script-src 'self'").doesNotContain("unsafe");
        assertThat(page.headers().firstValue("X-Content-Type-Options")).contains("nosniff");
        assertThat(page.headers().firstValue("X-Frame-Options")).contains("DENY");
        assertThat(page.body())
                .doesNotContain(" style=\"")
                .doesNotContain("<script>")
                .doesNotContain(" onclick");
    }

    /** A file whose name says what is in it never changes: browsers keep it for a year. */
    @Test
    void hashedFilesAreKeptForAYear() {
        java.util.regex.Matcher files = java.util.regex.Pattern.compile(
                        "(?:href|src)=\"(/files/[a-z]+-[0-9a-f]{32}\\.(?:css|js|svg))\"")
                .matcher(app.get("/").body());
        int found = 0;
        while (files.find()) {
            HttpResponse<String> file = app.get(files.group(1));
            assertThat(file.statusCode()).isEqualTo(200);
            assertThat(file.headers().firstValue("Cache-Control")).contains("max-age=31536000");
            found++;
        }
        assertThat(found).isGreaterThan(1);
    }

    @Test
    void unknownAddressesGetAFriendlyPage() {
        for (String path :
                new String[] {"/nowhere", "/cards/999999/structure", "/cards/x/structure", "/cards/1/parts/ZZ.svg"}) {
            HttpResponse<String> page = app.send(HttpRequest.newBuilder(URI.create(app.address() + path))
                    .header("Accept", "text/html")
                    .build());
            assertThat(page.statusCode()).as(path).isEqualTo(404);
            assertThat(page.body()).doesNotContain("Exception").doesNotContain("Whitelabel");
        }
        assertThat(app.get("/cards/999999/structure").body()).contains("There is no such card here");
    }

    @Test
    void changesWithoutATokenAreRefused() {
        HttpResponse<String> page = app.send(HttpRequest.newBuilder(URI.create(app.address() + "/cards"))
                .header("Accept", "text/html")
                .POST(HttpRequest.BodyPublishers.ofString("name=x"))
                .build());
        assertThat(page.statusCode()).isEqualTo(403);
    }

    @Test
    void aBadLengthIsSaidAtTheField() {
        StoredCard card = card();
        HttpResponse<String> answer = set(card, "window", "shape.diameter", "3 1/");
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("&#39;3 1/&#39; ends after the stroke");
        assertThat(set(card, "window", "shape.diameter", "4 m").body()).contains("too large");
        assertThat(set(card, "door", "x", "4 m").statusCode()).isEqualTo(422);
        assertThat(set(card, "<b>", "x", "4 m").statusCode()).isEqualTo(422);
        assertThat(app.cards().load(card.id()).version()).isEqualTo(card.version());
    }

    private HttpResponse<String> set(StoredCard card, String piece, String component, String value) {
        Map<String, String> fields = new HashMap<>(Map.of("piece", piece, "component", component, "value", value));
        fields.put("version", "" + card.version());
        fields.put("revision", "" + card.revision());
        fields.put("select", "window");
        fields.put("view", "front");
        return app.post("/cards/" + card.id() + "/structure/set", fields);
    }

    @Test
    void aChangeAnswersEveryRegionItTouches() {
        StoredCard card = card();
        HttpResponse<String> answer = set(card, "window", "shape.diameter", "2 1/2");
        assertThat(answer.statusCode()).isEqualTo(200);
        for (String region : new String[] {"bar", "strip", "seen", "stacked", "draw", "why", "finds"}) {
            assertThat(answer.body()).contains("id=\"" + region + "\"");
        }
        assertThat(answer.body()).doesNotContain("id=\"fields\"");
        assertThat(answer.body()).as("what can be added stays").doesNotContain("id=\"add\"");
        HttpResponse<String> page = app.get("/cards/" + card.id() + "/structure?select=shaker&view=front");
        assertThat(page.body()).contains("<b>3</b><sup>1</sup><i>⁄</i><sub>8</sub>");
        assertThat(set(card, "window", "shape.diameter", "2").statusCode()).isEqualTo(409);
    }

    @Test
    void brokenFilesAreRefusedWithPathAndReason() {
        int before = app.cards().all().size();
        String demo = CardFile.write(RunningApp.demo());
        assertRefused(
                demo.replace("\"2 3/8 in\"", "\"NaN in\"").getBytes(StandardCharsets.UTF_8),
                "$.features[0].shape.diameter");
        assertRefused("[".repeat(100_000).getBytes(StandardCharsets.UTF_8), "goes beyond");
        assertRefused(new byte[] {(byte) 0xff, (byte) 0xfe, 0}, "is not UTF-8 text");
        assertRefused("{".getBytes(StandardCharsets.UTF_8), "is not well-formed");
        assertThat(app.cards().all()).hasSize(before);
    }

    private void assertRefused(byte[] file, String reason) {
        HttpResponse<String> page = app.upload("/cards/import", file);
        assertThat(page.statusCode()).isEqualTo(422);
        assertThat(page.body())
                .contains("This card file can’t be taken")
                .contains(reason)
                .doesNotContain("Exception");
    }

    @Test
    void filesOverTenMegabytesAreRefused() {
        byte[] large = new byte[10 * 1024 * 1024 + 1000];
        java.util.Arrays.fill(large, (byte) ' ');
        assertThat(app.upload("/cards/import", large).statusCode()).isIn(413, 422);
    }

    @Test
    void aCardGoesOutAndComesBack() {
        StoredCard card = card();
        HttpResponse<String> file = app.get("/cards/" + card.id() + "/card.json");
        assertThat(file.headers().firstValue("Content-Disposition").orElseThrow())
                .contains("Upper-Station.json");
        assertThat(CardFile.read(file.body(), WorkshopFile.standard())).isEqualTo(card.spec());
        HttpResponse<String> back = app.upload("/cards/import", file.body().getBytes(StandardCharsets.UTF_8));
        assertThat(back.statusCode()).isEqualTo(302);
        assertThat(app.get("/cards/" + card.id() + "/cut-list.csv").body()).startsWith("letter,part");
        assertThat(app.get("/cards/" + card.id() + "/parts.pdf").body()).startsWith("%PDF");
        assertThat(app.get("/cards/" + card.id() + "/parts/B.svg").body()).contains("82.55mm");
        assertThat(app.get("/cards/" + card.id() + "/sheets/1.svg").body()).contains("<svg");
        assertThat(app.get("/schema/card.json").body()).contains("$defs");
    }

    @Test
    void backLeadsOnlyIntoTheCard() {
        StoredCard card = card();
        HttpResponse<String> answer = app.post("/cards/" + card.id() + "/undo", Map.of("back", "https://example.org/"));
        assertThat(answer.headers().firstValue("Location").orElseThrow())
                .endsWith("/cards/" + card.id() + "/structure");
    }

    @Test
    void jumpsByLetterNameAndStep() {
        StoredCard card = card();
        String at = "/cards/" + card.id() + "/";
        assertThat(location(at + "jump?to=cut")).endsWith(at + "cut");
        assertThat(location(at + "jump?to=D+film")).endsWith(at + "structure?select=shaker");
        assertThat(location(at + "jump?to=trace")).contains(at + "build?step=");
        assertThat(location(at + "jump?to=nonsense")).endsWith(at + "structure");
    }

    private String location(String path) {
        return app.get(path).headers().firstValue("Location").orElseThrow();
    }

    /** Programs get the plan of every demo card, bad examples too; nothing is stored. */
    @Test
    void programsGetThePlanOfEveryDemoCard() {
        int before = app.cards().all().size();
        for (String file : RunningApp.demoFiles()) {
            HttpResponse<String> answer = app.api(RunningApp.demoText(file));
            assertThat(answer.statusCode()).as(file).isEqualTo(200);
            assertThat(answer.body()).contains("\"parts\"", "\"findings\"", "\"steps\"");
        }
        HttpResponse<String> bad = app.api(RunningApp.demoText("bad/locked-pull-strip.json"));
        assertThat(bad.body()).contains("\"locks\"", "\"mend\"");
        assertThat(app.cards().all()).hasSize(before);
    }

    @Test
    void programsAreToldWhatIsWrong() {
        HttpResponse<String> answer = app.api("{\"schachtel\": 1, \"name\": 3}");
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("$.name", "must be a text in quotes");
        assertThat(app.api("[".repeat(100_000)).statusCode()).isEqualTo(422);
        assertThat(app.api("x".repeat(11 * 1024 * 1024)).statusCode()).isEqualTo(422);
        assertThat(app.get("/api/openapi").body())
                .contains("/api/plan", "Plan a card", "\"title\":\"Schachtel\"", "requestBody", "\"415\"", "\"421\"")
                .contains("/schema/plan.json", "/schema/card.json", "#/components/schemas/Refusal")
                .doesNotContain("OpenAPI definition", "Generated server", "\"409\"");
        for (String schema : List.of("/schema/plan.json", "/schema/card.json")) {
            assertThat(app.get(schema).body()).contains("\"$schema\"", "additionalProperties");
        }
    }

    /** The drawer goes out as a list and comes back the same; a list with a fault changes nothing. */
    @Test
    void theDrawerGoesOutAndComesBack() {
        Workshops workshops = app.bean(Workshops.class);
        Workshop before = workshops.now();
        String csv = app.get("/stock/stock.csv").body();
        assertThat(csv.lines().count())
                .isEqualTo(1
                        + before.sheets().size()
                        + before.rolls().size()
                        + before.dies().size());
        assertThat(StockCsv.read(csv, before)).isEqualTo(before);
        String broken = csv.replaceFirst("304\\.8", "wide");
        assertThatThrownBy(() -> StockCsv.read(broken, before))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("line 2");
        assertThatThrownBy(() -> StockCsv.read("sort,id\nshop,x\n", before)).hasMessageContaining("columns");
    }

    /** A list is read up to what the workshop's document may hold, so that what was kept is read again. */
    @Test
    void aLongDrawerIsReadAsFarAsItCanBeKept() {
        Workshop before = app.bean(Workshops.class).now();
        List<String> csv = app.get("/stock/stock.csv").body().lines().toList();
        String sheet = csv.get(1);
        String id = sheet.split(",")[1];
        StringBuilder list = new StringBuilder(csv.get(0)).append("\r\n");
        for (int i = 1; i <= 1000; i++) {
            list.append(sheet.replace("," + id + ",", "," + id + "-" + i + ",")).append("\r\n");
        }
        Workshop kept = StockCsv.read(list.toString(), before);
        assertThat(kept.sheets()).hasSize(1000);
        assertThat(WorkshopFile.read(WorkshopFile.write(kept)).sheets()).isEqualTo(kept.sheets());
        String more = list + sheet + "\r\n";
        assertThatThrownBy(() -> StockCsv.read(more, before))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("line 1002", "1000 are kept");
    }

    /** However often better plans were looked for: the deadline is said once, of the plan that is shown. */
    @Test
    void aBetterPlanSaysItsDeadlineOnce() {
        Plans plans = app.bean(Plans.class);
        CardSpec due = CardEdit.of(RunningApp.demo()).set(new Id("brief"), "due", "2030-05-31");
        plans.built(due);
        plans.improve(due, Duration.ofMillis(50));
        plans.built(due);
        assertThat(plans.of(due).findings().of(RuleId.DEADLINE).all()).hasSize(1);
    }

    /** Two windows change the drawer at once; neither change is lost. */
    @Test
    void changesOfTheDrawerQueueUp() throws Exception {
        Workshops workshops = app.bean(Workshops.class);
        Workshop before = workshops.now();
        MaterialId sheet = before.sheets().get(0).id();
        int count = before.sheets().get(0).count();
        List<Thread> threads = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            Thread thread = new Thread(() -> workshops.change(w -> StockEdit.of(w, Units.MM)
                    .set(sheet, "count", "" + (w.sheets().get(0).count() + 1))));
            threads.add(thread);
            thread.start();
        }
        for (Thread thread : threads) {
            thread.join();
        }
        assertThat(workshops.now().sheets().get(0).count()).isEqualTo(count + 8);
        workshops.change(w -> before);
    }

    /** One file holds the lists, the program and every part and sheet in three formats. */
    @Test
    void everythingForCuttingComesInOneZip() throws Exception {
        StoredCard card = app.cards().create(RunningApp.demo("ticket.json"), "test");
        byte[] zip = app.bytes("/cards/" + card.id() + "/cutting.zip");
        Map<String, Integer> sizes = new HashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
                sizes.put(e.getName(), in.readAllBytes().length);
            }
        }
        assertThat(sizes.keySet())
                .contains("card.json", "cut-list.csv", "trimmer-program.pdf", "parts.pdf")
                .contains("parts/A.svg", "parts/A.dxf", "parts/A.plt", "sheets/sheet-1.dxf", "mats/mat-1.svg");
        assertThat(sizes.values()).allMatch(n -> n > 20);
        for (String format : List.of("svg", "dxf", "plt")) {
            assertThat(app.get("/cards/" + card.id() + "/mats/1." + format).statusCode())
                    .isEqualTo(200);
        }
        assertThat(app.get("/cards/" + card.id() + "/mats/99.dxf").statusCode()).isEqualTo(404);
    }

    /** A small file can ask for endless work; it is told so, by the program's door and by the page's, and nothing is kept. */
    @Test
    void endlessWorkIsRefused() {
        String card = RunningApp.demoText("upper-station.json");
        StringBuilder much = new StringBuilder(card.substring(0, card.indexOf("\"elements\"")) + "\"elements\": [");
        for (int i = 0; i < 900; i++) {
            much.append(i == 0 ? "" : ",")
                    .append("{\"kind\": \"sentiment\", \"id\": \"s")
                    .append(i)
                    .append(
                            "\", \"on\": \"panel\", \"text\": \"x\", \"width\": \"9 mm\", \"height\": \"5 mm\", \"across\": \"")
                    .append(12 + i % 60)
                    .append(" mm\", \"up\": \"")
                    .append(10 + i % 190)
                    .append(
                            " mm\", \"card\": \"cream-300\", \"shadows\": 1, \"shadowReveal\": \"1/16 in\", \"shadowCard\": \"damson-300\", \"fixing\": \"glue\"}");
        }
        String file = much.append("]}").toString();
        HttpResponse<String> plan = app.api(file);
        assertThat(plan.statusCode()).isEqualTo(422);
        assertThat(plan.body()).contains("\"path\":\"$\"").contains("steps of work to plan");
        int before = app.cards().all().size();
        HttpResponse<String> read = app.upload("/cards/import", file.getBytes(java.nio.charset.StandardCharsets.UTF_8));
        assertThat(read.statusCode()).isEqualTo(422);
        assertThat(read.body()).contains("steps of work to plan");
        assertThat(app.cards().all()).hasSize(before);
    }

    /** Plain letters for every program, the name as it is for those that know RFC 5987. */
    @Test
    void filesHaveNamesThatEveryProgramTakes() {
        CardSpec named = CardEdit.of(RunningApp.demo()).set(new Id("card"), "name", "Łódź’s “first” / card");
        long id = app.cards().create(named, "test").id();
        String header = app.get("/cards/" + id + "/cut-list.csv")
                .headers()
                .firstValue("Content-Disposition")
                .orElseThrow();
        assertThat(header)
                .startsWith(
                        "attachment; filename=\"Lodz-s-first-card-cut-list.csv\"; filename*=UTF-8''%C5%81%C3%B3d%C5%BA")
                .endsWith("cut%20list.csv");
        assertThat(app.get("/cards/" + id + "/parts.pdf")
                        .headers()
                        .firstValue("Content-Disposition")
                        .orElseThrow())
                .matches("[ -~]+");
    }
}
