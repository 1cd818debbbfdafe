package dev.schachtel.app;

import org.junit.jupiter.api.Test;

import com.microsoft.playwright.Locator;

import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.material.Method;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

/** Practice as makers do it: point, say, see it played out, meet it again; and sizes guessed. */
class PracticeBrowserTest extends InBrowser {
    private static final String WHO = "Trainee " + Long.toString(System.nanoTime(), 36);
    /** A rider that comes too near a piece beside its slot, by its number. */
    private static final String JAMS = "/practice/1";

    PracticeBrowserTest(RunningApp app) {
        super(app);
    }

    private void open(String path, String who) {
        page.navigate(app.address() + path + (path.contains("?") ? "&" : "?") + "maker=" + who.replace(" ", "+"));
    }

    private Locator answer() {
        return page.locator(".answer");
    }

    private void say(String outcome) {
        page.getByText(outcome).click();
        page.locator(".answer button").click();
        page.waitForURL("**said=true*");
    }

    /** With the mouse in the drawing; told what it was, with the movement; sent again or reloaded it counts once; missed, it comes back. */
    @Test
    void oneMistakeIsLookedFor() {
        String who = WHO + " one";
        open(JAMS, who);
        assertThat(page.locator("#say-t")).hasText("Where is it, and what will happen?");
        assertThat(page.locator("#drawing .pin")).hasCount(0);
        page.locator("#drawing a[href$='piece=shaker']").first().dispatchEvent("click");
        page.waitForURL("**piece=shaker*");
        assertThat(page.locator(".facts")).containsText("Shaker, as it is planned");
        say("It leaks");
        assertThat(page.locator(".verdict")).containsText("It jams. Look at “car”.");
        assertThat(page.locator(".reason")).containsText("comes within");
        assertThat(answer())
                .containsText("On the sound card “First stop, up” of “car” is 1 1/8 in; here it is 1 5/16 in.");
        assertThat(answer()).containsText("This kind comes back in this round.");
        assertThat(page.locator("#scrub")).isVisible();
        page.reload();
        assertThat(page.locator(".far")).containsText("You have met 1 of 21 kinds of mistake.");
        page.goBack();
        page.locator(".pieces a")
                .getByText("car", new Locator.GetByTextOptions().setExact(true))
                .click();
        say("It jams");
        assertThat(page.locator(".verdict")).containsText("Seen. It jams.");
        assertThat(page.locator(".far [role=img]")).hasAttribute("aria-label", "seen 0 times running");
    }

    /** By keys alone: what is seen comes back another day, and the next card is of another kind. */
    @Test
    void byKeysAlone() {
        open(JAMS, WHO + " two");
        Locator car = page.locator(".pieces a").getByText("car", new Locator.GetByTextOptions().setExact(true));
        car.focus();
        page.keyboard().press("Enter");
        page.waitForURL("**piece=car*");
        page.locator(".outcomes input").first().focus();
        page.keyboard().press("ArrowDown");
        page.keyboard().press("Tab");
        page.keyboard().press("Enter");
        page.waitForURL("**said=true*");
        assertThat(page.locator(".verdict")).containsText("Seen. It jams.");
        assertThat(answer()).containsText("This kind comes back tomorrow.");
        page.locator("#next").focus();
        page.keyboard().press("Enter");
        page.waitForURL(u -> u.matches(".*/practice/\\d+\\?maker=.*two"));
        assertThat(page.locator("#say-t")).hasText("Where is it, and what will happen?");
        assertThat(page.url().contains(JAMS + "?")).isFalse();
    }

    /** Numbers that are none, pieces that aren't there, nothing said. */
    @Test
    void nonsenseIsRefused() {
        for (String path :
                new String[] {"/practice/63", "/practice/-5", "/practice/size/-1", "/practice/size/2000000"}) {
            assertThat(page.request().get(app.address() + path).status())
                    .as(path)
                    .isEqualTo(422);
        }
        open(JAMS + "?piece=nobody&view=round&outcome=flies", WHO);
        assertThat(page.locator(".pieces .is-chosen")).hasCount(0);
        page.locator(".outcomes input").first().check();
        page.locator(".answer button").click();
        assertThat(page.locator("body")).containsText("point at the one that is wrong");
    }

    /** Guesses show the maker's bias; small ones count as laid by eye, once. */
    @Test
    void sizesAreGuessed() {
        String who = WHO + " three";
        int before = byEye();
        for (int i = 0; i < 4; i++) {
            open("/practice/size", who);
            page.locator("#said").fill("nothing");
            page.locator(".guess button").click();
            assertThat(page.locator("body")).containsText("can’t be done");
            open("/practice/size", who);
            page.locator("#said").fill("30 mm");
            page.locator(".guess button").click();
            page.waitForURL("**said=30mm*");
            assertThat(answer()).containsText("You said");
        }
        assertThat(answer()).containsText("4 guesses count.");
        page.reload();
        assertThat(answer()).containsText("4 guesses count.");
        assertThat(byEye()).isBetween(before, before + 4);
        page.locator("#next").click();
        page.waitForURL("**/practice/size/4?*");
        assertThat(page.locator("#drawing, .main-dwg")).containsText("?");
    }

    private int byEye() {
        return (int) app.bean(Workshops.class).now().measured().stream()
                .filter(m -> m.way() == Method.EYE)
                .count();
    }
}
