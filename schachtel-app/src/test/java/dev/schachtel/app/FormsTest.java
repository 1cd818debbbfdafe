package dev.schachtel.app;

import java.lang.reflect.Method;
import java.lang.reflect.Parameter;
import java.lang.reflect.RecordComponent;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.material.Workshop;

import static org.assertj.core.api.Assertions.assertThat;

/** Every form of every page, filled in by somebody who means harm or has no idea: words, never a server's fault, and nothing is changed. */
@ExtendWith(RunningApp.class)
class FormsTest {
    private static final RunningApp APP = new RunningApp();

    private static final List<String> AWKWARD = List.of(
            "",
            " ",
            "no-such-thing",
            "{B}",
            "${7*7} #{x} *{y} ~{z} [[${1}]]",
            "-1",
            "999999999999999999999999",
            "NaN",
            "\u0000\u0007\t\r\n\u2028",
            "'\"><script>alert(1)</script>",
            "../../etc/passwd",
            "=cmd|' /C x'!A0",
            "x".repeat(200_000));

    /** What a form may well hold, so that the awkward field is the only one. */
    private static final List<String> USUAL =
            List.of("panel", "car", "window", "base", "1", "2 1/2", "yes", "#336699", "tools");

    /** Forms for which any text is a sound answer: a name, or nothing asked at all. */
    private static final Set<String> TAKES_ANYTHING = Set.of(
            "/cards/{id}/rename",
            "/cards/{id}/cut/done",
            "/cards/{id}/decorate/colours/used",
            "/cards/{id}/decorate/words");

    private static String shown(String value) {
        return value.length() > 60 ? value.length() + " letters" : value;
    }

    private record Form(String path, List<String> fields, boolean file) {
        @Override
        public String toString() {
            return path;
        }
    }

    static Stream<Form> forms() {
        new RunningApp().beforeAll(null);
        List<Form> forms = new ArrayList<>();
        APP.bean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
                .getHandlerMethods()
                .forEach((info, handler) -> {
                    boolean posts = info.getMethodsCondition().getMethods().contains(RequestMethod.POST);
                    boolean ours = handler.getBeanType().getPackageName().startsWith("dev.schachtel");
                    for (String path : info.getPatternValues()) {
                        if (posts && ours && !path.startsWith("/api")) {
                            forms.add(new Form(path, fields(handler.getMethod()), takesFile(handler.getMethod())));
                        }
                    }
                });
        return forms.stream().sorted(java.util.Comparator.comparing(Form::path));
    }

    private static boolean takesFile(Method method) {
        return Arrays.stream(method.getParameters()).anyMatch(p -> p.getType() == MultipartFile.class);
    }

    private static List<String> fields(Method method) {
        List<String> names = new ArrayList<>();
        for (Parameter p : method.getParameters()) {
            if (p.isAnnotationPresent(RequestParam.class) && p.getType() != MultipartFile.class) {
                names.add(p.getName());
            }
            if (p.getType().isRecord()) {
                Arrays.stream(p.getType().getRecordComponents())
                        .map(RecordComponent::getName)
                        .forEach(names::add);
            }
        }
        return names;
    }

    private static String filled(Form form, String card) {
        return form.path().replace("{id}", card).replace("{number}", card).replace("{aside}", "0");
    }

    private static void isAnsweredInWords(Form form, String card, Map<String, String> fields) {
        HttpResponse<String> answer = form.file()
                ? APP.upload(
                        filled(form, card),
                        fields.values().stream()
                                .findFirst()
                                .orElse("")
                                .getBytes(java.nio.charset.StandardCharsets.UTF_8))
                : APP.post(filled(form, card), fields);
        Map<String, String> shown = new LinkedHashMap<>(fields);
        shown.replaceAll((name, value) -> value.length() > 60 ? value.length() + " letters" : value);
        assertThat(answer.statusCode())
                .as("%s with %s", filled(form, card), shown)
                .isLessThan(500);
        assertThat(answer.body())
                .as("%s with %s", filled(form, card), shown)
                .doesNotContain("<script>alert")
                .doesNotContain("Exception")
                .doesNotContain("\tat ");
    }

    @ParameterizedTest
    @MethodSource("forms")
    void everyFormAnswersNonsenseInWords(Form form) {
        Workshops workshops = APP.bean(Workshops.class);
        Workshop before = workshops.now();
        StoredCard card = APP.cards().create(RunningApp.demo("luggage-label.json"), "test");
        String id = "" + card.id();
        try {
            isAnsweredInWords(form, id, Map.of());
            isAnsweredInWords(form, "999999", Map.of());
            isAnsweredInWords(form, "card", Map.of());
            Random random = new Random(form.path().hashCode());
            for (int i = random.nextInt(2); i < AWKWARD.size(); i += 2) {
                String awkward = AWKWARD.get(i);
                Map<String, String> all = new LinkedHashMap<>();
                form.fields().forEach(f -> all.put(f, awkward));
                isAnsweredInWords(form, id, all);
                if (!TAKES_ANYTHING.contains(form.path())) {
                    assertThat(APP.cards().load(card.id()).spec())
                            .as("%s with %s", form.path(), shown(awkward))
                            .isEqualTo(card.spec());
                    assertThat(workshops.now())
                            .as("%s with %s", form.path(), shown(awkward))
                            .isEqualTo(before);
                }
            }
            for (int i = 0; i < 4 && !form.fields().isEmpty(); i++) {
                Map<String, String> some = new LinkedHashMap<>();
                form.fields().forEach(f -> some.put(f, USUAL.get(random.nextInt(USUAL.size()))));
                some.put(
                        form.fields().get(random.nextInt(form.fields().size())),
                        AWKWARD.get(random.nextInt(AWKWARD.size())));
                isAnsweredInWords(form, id, some);
            }
            assertThat(APP.get("/cards/" + id + "/structure").statusCode()).isEqualTo(200);
            assertThat(APP.get("/stock").statusCode()).isEqualTo(200);
        } finally {
            workshops.change(now -> before);
        }
    }

    @Test
    void theAddressOfTroublesIsNoTroubleItself() {
        HttpResponse<String> page = APP.send(HttpRequest.newBuilder(URI.create(APP.address() + "/error"))
                .header("Accept", "text/html")
                .build());
        assertThat(page.statusCode()).isEqualTo(404);
        assertThat(page.body()).contains("There is nothing at this address");
        assertThat(APP.get("/error").statusCode()).isEqualTo(404);
    }

    /** What is stored can be read again, else it is not stored: one entry must not lock everybody out. */
    @Test
    void anEntryThatCouldNotBeReadAgainIsRefused() {
        Workshop before = APP.bean(Workshops.class).now();
        HttpResponse<String> answer = APP.post(
                "/stock/dies", Map.of("shape", "CIRCLE", "width", "50 mm", "height", "50 mm", "set", "nested\trings"));
        assertThat(answer.statusCode()).isEqualTo(422);
        String list = "sort,id,material,width mm,height mm,grain,directed,count,left mm,price,name,set\n"
                + "shop,odd,cream-300,0.000001,0.000001,none,no,9999999,,0,,\n";
        assertThat(APP.upload("/stock/import", list.getBytes(java.nio.charset.StandardCharsets.UTF_8))
                        .statusCode())
                .isEqualTo(422);
        assertThat(APP.bean(Workshops.class).now()).isEqualTo(before);
        assertThat(APP.get("/stock").statusCode()).isEqualTo(200);
    }

    /** What an older version stored and this one can't read is set aside and shown; all else works. */
    @Test
    void oneStoredEntryLocksNobodyOut() {
        Workshops workshops = APP.bean(Workshops.class);
        Workshop before = workshops.now();
        workshops.change(now -> before);
        String sheet = "\"count\" : " + before.sheets().get(1).count();
        try {
            JdbcTemplate database = APP.bean(JdbcTemplate.class);
            String stored = database.queryForObject("select document from workshop", String.class);
            int at = stored.indexOf(sheet, stored.indexOf("\"sheets\""));
            String wrong = stored.substring(0, at) + "\"count\" : 9999999" + stored.substring(at + sheet.length());
            database.update("update workshop set document = ?, version = version + 1", wrong);
            long until = System.nanoTime() + 10_000_000_000L;
            while (workshops.aside().isEmpty() && System.nanoTime() < until) {
                Thread.onSpinWait();
            }
            assertThat(workshops.now().sheets()).hasSize(before.sheets().size() - 1);
            assertThat(APP.get("/stock").body()).contains("Set aside").contains("&#39;9999999&#39; must be 0 to");
            assertThat(APP.get("/cards/1/structure").statusCode()).isEqualTo(200);
        } finally {
            workshops.change(now -> before);
        }
        assertThat(workshops.now()).isEqualTo(before);
        assertThat(APP.get("/stock").body()).doesNotContain("Set aside");
    }

    /** Eight windows press the button at once: one run. */
    @Test
    void whoeverGoesToTheBenchMeetsTheSameRun() {
        StoredCard card = APP.cards().create(RunningApp.demo("luggage-label.json"), "test");
        List<String> addresses = java.util.stream.IntStream.range(0, 8)
                .parallel()
                .mapToObj(i -> APP.post("/cards/" + card.id() + "/bench", Map.of())
                        .headers()
                        .firstValue("Location")
                        .orElse(""))
                .distinct()
                .toList();
        assertThat(addresses).hasSize(1).allMatch(a -> a.contains("/runs/"));
        String run = addresses.get(0).replaceAll(".*/runs/", "");
        HttpResponse<String> over = APP.post("/runs/" + run + "/over", Map.of("maker", "{B} ł ’"));
        assertThat(over.statusCode()).isEqualTo(302);
        String next = over.headers().firstValue("Location").orElseThrow();
        assertThat(next).contains("%7BB%7D");
        assertThat(APP.get(next.replaceAll("^https?://[^/]+", "")).body()).contains("{B} ł ’");
    }

    @Test
    void thereAreForms() {
        assertThat(forms().count()).isGreaterThan(35);
        assertThat(forms().map(Form::fields).flatMap(List::stream).count()).isGreaterThan(60);
        assertThat(Optional.of(forms().filter(Form::file).count())).hasValue(10L);
    }
}
