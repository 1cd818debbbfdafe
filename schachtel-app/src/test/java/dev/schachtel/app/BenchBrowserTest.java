package dev.schachtel.app;

import java.util.concurrent.atomic.AtomicReference;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** The bench under odd circumstances: late answers, no scripts. */
class BenchBrowserTest extends InBrowser {
    BenchBrowserTest(RunningApp app) {
        super(app);
    }

    @BeforeEach
    void atTheBench() {
        long card = app.cards()
                .create(RunningApp.demo("luggage-label.json"), "test")
                .id();
        page.navigate(app.address() + "/cards/" + card + "/build");
        page.getByText("Go to the bench").click();
        page.waitForURL("**/runs/*");
        page.waitForLoadState();
    }

    /** The page asks for news all the time; what was said just before must not be lost over it. */
    @Test
    void anAnswerIsShownThoughThePageWasDrawnAnewMeanwhile() {
        page.route("**/now*", route -> route.fulfill(new Route.FulfillOptions().setStatus(204)));
        AtomicReference<Route> held = new AtomicReference<>();
        page.route("**/say", held::set);
        Locator events = page.locator("#again input[name=events]");
        assertThat(events).hasValue("0");
        page.keyboard().press("Space");
        page.waitForCondition(() -> held.get() != null);
        page.evaluate("htmx.ajax('GET', location.href, {target: '#page', select: '#page', swap: 'outerHTML'})");
        held.get().resume();
        assertThat(events).hasValue("1");
    }

    @Test
    void theBenchWorksWithoutScripts() {
        try (BrowserContext plain =
                page.context().browser().newContext(new Browser.NewContextOptions().setJavaScriptEnabled(false))) {
            Page bare = plain.newPage();
            bare.navigate(page.url());
            Locator events = bare.locator("#again input[name=events]");
            for (int i = 1; i <= 4; i++) {
                String before = events.getAttribute("value");
                bare.locator("footer button.done").first().click();
                assertThat(events).not().hasValue(before);
                assertThat(bare).hasURL(java.util.regex.Pattern.compile(".*/runs/\\d+\\?maker=Maker.*"));
            }
        }
    }
}
