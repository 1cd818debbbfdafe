package dev.schachtel.app;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

/** Upper Station x 12 at the bench from first to last: a mishap, a second maker, server and database killed; on a server of their own. */
@ExtendWith(RunningApp.class)
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class RunBrowserTest {
    private ServerProcess server;
    private Browsing window;
    private Page page;
    private long seconds;

    @BeforeAll
    void start(@TempDir Path folder) throws Exception {
        server = new ServerProcess(folder, OwnDatabase.made(folder.resolve("database")));
        server.answers();
    }

    @BeforeEach
    void open() {
        window = Browsing.forgiving();
        page = window.page();
    }

    @AfterEach
    void close() {
        window.close();
    }

    @AfterAll
    void stop() throws InterruptedException {
        server.kill();
        server.database().kill();
    }

    private void later(long by) throws IOException {
        seconds += by;
        server.later(seconds);
    }

    private String address() {
        return server.address();
    }

    /** Keys are heard once the page is there with its scripts. */
    private void toTheBench() {
        page.getByText("Go to the bench").click();
        page.waitForURL("**/runs/*");
        page.waitForLoadState();
    }

    private Locator headline() {
        return page.locator(".stepnow h1");
    }

    private String key() {
        Locator step = page.locator(".answer input[name=step]");
        return step.count() == 0 ? "" : step.getAttribute("value");
    }

    private int done() {
        return Integer.parseInt(page.locator(".where b").first().textContent()) - 1;
    }

    private void space() {
        space(page);
    }

    /** One press of space, and the page that answers it: what is pressed on the page before would not count. */
    private static void space(Page at) {
        Locator events = at.locator("#again input[name=events]");
        String before = events.getAttribute("value");
        at.keyboard().press("Space");
        InBrowser.until(
                at,
                "before => (document.querySelector('#again input[name=events]') || {value: before}).value !== before",
                before);
    }

    private void waitUntilDry() throws IOException {
        later(600);
        assertThat(headline()).not().hasText("Nothing to do now");
    }

    private void workUntil(String word) throws IOException {
        for (int i = 0; i < 400 && !headline().textContent().contains(word); i++) {
            if (headline().textContent().equals("Nothing to do now")) {
                waitUntilDry();
            } else {
                later(120);
                space();
            }
        }
        assertThat(headline()).containsText(word);
    }

    /** Cards whose plans could once not be carried out, by space alone, to the last step; what was missing is met on the way. */
    @Test
    void fourCardsAreBuiltFromTheFirstStepToTheLast() throws Exception {
        Map<String, List<String>> expected = new LinkedHashMap<>();
        expected.put(
                "Carriage Windows",
                List.of(
                        "Wrap the panel in film",
                        "Fill the pouch",
                        "Shut the pouch",
                        "Close: lay the mat “panel” down"));
        expected.put("Platform Sign", List.of("Stick the stop bar", "Stick the frame"));
        expected.put("Luggage Label", List.of("Cut the foam", "Set the cut-out on"));
        expected.put("Viaduct", List.of("Hang the pieces", "bridge"));
        for (Map.Entry<String, List<String>> card : expected.entrySet()) {
            page.navigate(address() + "/");
            page.getByText(card.getKey(), new Page.GetByTextOptions().setExact(true))
                    .first()
                    .click();
            page.navigate(page.url().replaceAll("/cards/(\\d+)/.*", "/cards/$1/build"));
            toTheBench();
            List<String> met = workedThrough();
            assertThat(page.locator(".tiles")).not().containsText("aside");
            for (String word : card.getValue()) {
                org.assertj.core.api.Assertions.assertThat(met)
                        .as(card.getKey())
                        .anyMatch(headline -> headline.contains(word));
            }
        }
    }

    /** Everything in its order, to the end; the headlines that were met. */
    private List<String> workedThrough() throws IOException {
        List<String> met = new ArrayList<>();
        for (int i = 0; i < 400 && !headline().textContent().contains("All done"); i++) {
            careful(page);
            met.add(headline().textContent());
            if (headline().textContent().equals("Nothing to do now")) {
                later(600);
                page.reload();
            } else {
                later(120);
                space();
            }
        }
        assertThat(headline()).containsText("All done");
        return met;
    }

    @Test
    void upperStationIsBuiltWhateverHappens() throws Exception {
        page.navigate(address() + "/");
        page.getByText("Upper Station", new Page.GetByTextOptions().setExact(true))
                .first()
                .click();
        page.navigate(page.url().replaceAll("/cards/(\\d+)/.*", "/cards/$1/build"));
        toTheBench();
        assertThat(page.locator(".tiles li")).hasCount(12);
        Object size = headline().evaluate("h => parseFloat(getComputedStyle(h).fontSize)");
        assertThat(((Number) size).doubleValue()).isGreaterThanOrEqualTo(40);
        assertThat(new AxeBuilder(page)
                        .withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa"))
                        .analyze()
                        .getViolations())
                .isEmpty();
        twoMakers();
        workUntil("foam");
        killed();
        databaseKilled();
        mishap();
        workUntil("All done");
        assertThat(page.locator(".tiles")).not().containsText("aside");
        assertThat(page.locator(".run-foot")).containsText("1 mishap");
        printed();
    }

    /** The server dies before the answer: what was confirmed arrives when it is back, and counts once. */
    private void killed() throws Exception {
        if (page.locator(".answer button").textContent().contains("Begin")) {
            space();
        }
        int before = done();
        server.kill();
        page.keyboard().press("Space");
        assertThat(page.locator("#lost")).isVisible();
        server.begin();
        server.answers();
        assertThat(page.locator(".where b").first()).hasText(Integer.toString(before + 2));
        assertThat(page.locator("#lost")).isHidden();
        page.reload();
        assertThat(done()).isEqualTo(before + 1);
    }

    /** The same for the database: the server says that it could not keep the answer, and gets it again. */
    private void databaseKilled() throws Exception {
        if (page.locator(".answer button").textContent().contains("Begin")) {
            space();
        }
        int before = done();
        server.database().kill();
        page.keyboard().press("Space");
        assertThat(page.locator("#lost")).isVisible();
        server.database().start();
        assertThat(page.locator(".where b").first()).hasText(Integer.toString(before + 2));
        assertThat(page.locator("#lost")).isHidden();
        page.reload();
        assertThat(done()).isEqualTo(before + 1);
    }

    private void mishap() throws IOException {
        workUntil("Close");
        if (page.locator(".answer button").textContent().contains("Begin")) {
            space();
        }
        page.keyboard().press("x");
        page.locator(".went input[name=card]").fill("3");
        page.locator(".went label").first().click();
        page.locator(".causes button").first().click();
        assertThat(page.locator(".tiles li").nth(2)).containsText("aside");
        assertThat(headline()).containsText("Again:");
    }

    /** Cautions are ticked before the step's own answer is offered. */
    private static void careful(Page at) {
        for (int i = 0; i < 4 && at.locator(".ticks").count() > 0; i++) {
            space(at);
        }
    }

    /** A second device sees other work, and can't confirm what the first is at. */
    private void twoMakers() {
        careful(page);
        if (page.locator(".answer button").textContent().contains("Begin")) {
            space();
        }
        String mine = key();
        Page other = window.page().context().newPage();
        other.navigate(page.url().replaceAll("\\?.*", "") + "?maker=Bakery");
        assertThat(other.locator(".others")).containsText("Maker 1");
        careful(other);
        Locator step = other.locator(".answer input[name=step]");
        assertThat(step.getAttribute("value")).isNotEqualTo(mine);
        step.evaluate("(field, key) => { field.value = key; }", mine);
        other.keyboard().press("Space");
        assertThat(other.locator("#notice")).containsText("Maker 1 is at it.");
        space();
        step.evaluate("(field, key) => { field.value = key; }", mine);
        other.keyboard().press("Space");
        assertThat(other.locator("#notice")).containsText("Done already, by Maker 1.");
        other.close();
    }

    private void printed() throws Exception {
        String card = page.locator(".strip a").first().getAttribute("href").replaceAll("\\D", "");
        byte[] pdf = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(address() + "/cards/" + card + "/booklet.pdf"))
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray())
                .body();
        Path file = Files.createTempFile("booklet", ".pdf");
        Files.write(file, pdf);
        Process text = new ProcessBuilder("pdftotext", "-layout", file.toString(), "-").start();
        assertThat(new String(text.getInputStream().readAllBytes()))
                .contains("Upper Station", "12 cards", "Trim the straight pieces", "Into the envelope");
    }
}
