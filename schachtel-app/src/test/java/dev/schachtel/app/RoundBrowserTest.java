package dev.schachtel.app;

import org.junit.jupiter.api.Test;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

/** The card in the round: by mouse, by keys alone, as a picture, and where the browser can't draw it. */
class RoundBrowserTest extends InBrowser {
    RoundBrowserTest(RunningApp app) {
        super(app);
    }

    private String own(String file) {
        return "/cards/" + app.cards().create(RunningApp.demo(file), "test").id() + "/structure?view=in-the-round";
    }

    private Locator live(String path) {
        page.navigate(app.address() + path);
        Locator round = page.locator(".in-round.is-live");
        round.waitFor();
        page.waitForFunction("document.querySelector('.in-round').dataset.ms");
        return round;
    }

    /** What the canvas shows, once drawn. */
    private String seen() {
        page.evaluate("new Promise(done => requestAnimationFrame(() => requestAnimationFrame(done)))");
        return String.valueOf(page.evaluate("document.querySelector('.in-round canvas').toDataURL()"));
    }

    @Test
    void aStepperIsTurnedOpenedAndTakenApart() {
        Locator round = live("/cards/7/structure");
        assertThat(page.locator("[data-view=in-the-round]")).hasAttribute("aria-current", "true");
        assertThat(round.locator(".says")).containsText("Stands by itself");
        assertThat(round.locator(".says")).containsText("tips only past");
        String corner = seen();
        page.locator("[data-side=behind]").click();
        assertThat(page.locator("[data-side=behind]")).hasAttribute("aria-pressed", "true");
        String behind = seen();
        assertThat(behind).isNotEqualTo(corner);
        page.locator("[data-side=corner]").click();
        assertThat(seen()).isEqualTo(corner);
        page.locator("[data-apart]").fill("60");
        assertThat(seen()).isNotEqualTo(corner);
        page.locator("[data-apart]").fill("0");
        assertThat(seen()).isEqualTo(corner);
        page.locator("[data-hidden-edges]").check();
        assertThat(seen()).isNotEqualTo(corner);
        page.locator("[data-hidden-edges]").uncheck();
        assertThat(seen()).isEqualTo(corner);
        page.locator("#scrub").fill("400");
        assertThat(seen()).isNotEqualTo(corner);
        int calls = Integer.parseInt(String.valueOf(round.getAttribute("data-calls")));
        int triangles = Integer.parseInt(String.valueOf(round.getAttribute("data-triangles")));
        assertThat(calls).isBetween(1, 150);
        assertThat(triangles).isBetween(100, 60_000);
    }

    @Test
    void theSameByKeysAlone() {
        live(own("upper-station.json") + "&select=car");
        String before = seen();
        page.locator("#drawing").focus();
        page.keyboard().press("ArrowLeft");
        String turned = seen();
        assertThat(turned).isNotEqualTo(before);
        page.keyboard().press("ArrowRight");
        assertThat(seen()).isEqualTo(before);
        page.keyboard().press("+");
        assertThat(seen()).isNotEqualTo(before);
        assertThat(page.locator("[data-side=corner]")).hasAttribute("aria-pressed", "false");
        page.keyboard().press("1");
        assertThat(page.locator("[data-view=front]")).hasAttribute("aria-current", "true");
        page.keyboard().press("2");
        assertThat(page.locator(".in-round.is-live canvas")).isVisible();
    }

    @Test
    void aChangeIsSeenAtOnceAndAClickSelects() {
        live(own("platform-sign.json") + "&select=base");
        String before = seen();
        field("Crease above the foot").fill("2 in");
        page.waitForFunction(
                "before => { const c = document.querySelector('.in-round canvas'); return c && c.toDataURL() !== before; }",
                before);
        page.locator(".in-round canvas").click();
        page.waitForURL("**select=**");
        assertThat(page.locator(".sel h2")).not().hasText("Easel card");
    }

    @Test
    void aPictureIsTaken() {
        live(own("viaduct.json"));
        Download one = page.waitForDownload(() -> page.locator("[data-picture]").click());
        assertThat(one.suggestedFilename()).isEqualTo("Viaduct.png");
        assertThat(one.path().toFile().length()).isGreaterThan(20_000);
        Download six =
                page.waitForDownload(() -> page.locator("[data-all-sides]").click());
        assertThat(six.suggestedFilename()).isEqualTo("Viaduct, all sides.png");
    }

    /** Without the script's drawing the server's stays, and its pieces can be chosen. */
    @Test
    void withoutItTheServersDrawingStays() {
        page.addInitScript("HTMLCanvasElement.prototype.getContext = () => null");
        page.navigate(app.address() + "/cards/7/structure");
        Locator still = page.locator(".in-round .still svg");
        assertThat(still).isVisible();
        assertThat(page.locator(".round-bar")).isHidden();
        still.locator("a[data-select=fifty]")
                .or(still.locator("a.ly"))
                .first()
                .click(new Locator.ClickOptions().setForce(true));
        page.waitForURL("**select=**");
        assertThat(page.locator(".in-round .still svg")).isVisible();
    }
}
