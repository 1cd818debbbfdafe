package dev.schachtel.app;

import java.util.List;

import org.junit.jupiter.api.Test;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

import dev.schachtel.app.run.DemoBuilds;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

/** The logbook: builds that were done are in it, and plans are made with what they took. */
class LogBrowserTest extends InBrowser {
    /** A database that was used before has the builds of before. */
    private static final String ANEW = " " + Long.toString(System.nanoTime(), 36);

    private static final String OFTEN = "Sign built often" + ANEW;
    private static final String FOUND = "Sign to be found" + ANEW;

    LogBrowserTest(RunningApp app) {
        super(app);
    }

    private StoredCard sign(String name) {
        return app.cards()
                .create(CardEdit.of(RunningApp.demo("platform-sign.json")).set(new Id("card"), "name", name), "test");
    }

    private String total(long card) {
        page.navigate(app.address() + "/cards/" + card + "/build");
        return page.locator(".strip a", new Page.LocatorOptions().setHasText("Build"))
                .textContent();
    }

    private void press(String name) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name))
                .click();
    }

    /** A card is built four times by the book; planned with the times of that maker it takes longer, by the book again as long as before. */
    @Test
    void plansAreMadeWithWhatWasLearned() {
        StoredCard card = sign(OFTEN);
        Workshops workshops = app.bean(Workshops.class);
        app.bean(DemoBuilds.class)
                .record(
                        List.of(
                                new DemoBuilds.Past(card, 9, ""),
                                new DemoBuilds.Past(card, 8, "Creased on the wrong side."),
                                new DemoBuilds.Past(card, 7, ""),
                                new DemoBuilds.Past(card, 6, "")),
                        workshops.now());
        String book = total(card.id());
        page.navigate(app.address() + "/log");
        assertThat(page.locator(".built", new Page.LocatorOptions().setHasText(OFTEN)))
                .hasCount(4);
        page.locator(".built", new Page.LocatorOptions().setHasText("1 mishap"))
                .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText(OFTEN))
                .locator("a")
                .click();
        assertThat(page.locator(".took-part")).containsText("Creased on the wrong side.");
        assertThat(page.locator(".took-part")).containsText("nine times in ten within");
        try {
            press("Plan with these times");
            assertThat(total(card.id())).isNotEqualTo(book);
            page.navigate(app.address() + "/log");
            press("Plan by the book again");
            assertThat(total(card.id())).isEqualTo(book);
        } finally {
            workshops.change(w -> w.timed(List.of()));
        }
    }

    private String range(long card) {
        page.navigate(app.address() + "/cards/" + card + "/build");
        return page.locator(".range").textContent();
    }

    /** The same card is built twice, in days gone by; after each build the forecast of the next is another. */
    @Test
    void theThirdForecastIsAnother() {
        StoredCard card = app.cards()
                .create(
                        CardEdit.of(RunningApp.demo("upper-station.json"))
                                .set(new Id("card"), "name", "Station built twice" + ANEW),
                        "test");
        Workshops workshops = app.bean(Workshops.class);
        String first = range(card.id());
        assertThat(first).contains("as likely as not, nine times in ten within");
        app.bean(DemoBuilds.class).record(List.of(new DemoBuilds.Past(card, 5, "")), workshops.now());
        String second = range(card.id());
        app.bean(DemoBuilds.class).record(List.of(new DemoBuilds.Past(card, 4, "")), workshops.now());
        String third = range(card.id());
        assertThat(third).as(second).isNotEqualTo(first);
    }

    /** Two read the same build; one takes it out, the other writes on. */
    @Test
    void aBuildIsTakenOutWhileItIsRead() {
        app.bean(DemoBuilds.class)
                .record(
                        List.of(new DemoBuilds.Past(sign("Sign taken out" + ANEW), 2, "")),
                        app.bean(Workshops.class).now());
        page.navigate(app.address() + "/log?sought=Sign taken out" + ANEW);
        String build = page.locator(".built a").first().getAttribute("href").replaceAll(".*build=(\\d+).*", "$1");
        assertThat(app.post("/log/" + build + "/remove", java.util.Map.of()).statusCode())
                .isEqualTo(302);
        var late = app.post("/log/" + build + "/words", java.util.Map.of("words", "Too late."));
        assertThat(late.statusCode()).isEqualTo(404);
        assertThat(late.body()).contains("This build is not in the log");
        page.navigate(app.address() + "/log?build=" + build);
        assertThat(page.locator("h1")).hasText("Logbook");
        for (String path : List.of("/front", "/build.pdf", "/photo/1")) {
            assertThat(app.get("/log/" + build + path).statusCode()).isEqualTo(404);
        }
    }

    @Test
    void nonsenseShowsTheNewestBuild() {
        app.bean(DemoBuilds.class)
                .record(
                        List.of(new DemoBuilds.Past(sign(FOUND), 3, "")),
                        app.bean(Workshops.class).now());
        page.navigate(app.address() + "/log?build=banana&maker=%3Cb%3E");
        assertThat(page.locator("h1")).hasText("Logbook");
        page.locator("#find").fill(FOUND);
        assertThat(page.locator(".built:visible")).hasCount(1);
        page.locator(".built:visible a").focus();
        page.keyboard().press("Enter");
        assertThat(page.locator(".took-part")).containsText(FOUND);
        page.goBack();
        page.reload();
        assertThat(page.locator("h1")).hasText("Logbook");
    }
}
