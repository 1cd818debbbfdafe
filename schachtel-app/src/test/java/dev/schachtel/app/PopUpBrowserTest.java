package dev.schachtel.app;

import org.junit.jupiter.api.Test;

import com.microsoft.playwright.options.LoadState;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** A newcomer's pop-up card of three boxes, a cut-out on each: by mouse, and by keys alone. */
class PopUpBrowserTest extends InBrowser {
    PopUpBrowserTest(RunningApp app) {
        super(app);
    }

    @Override
    boolean looksInSpace() {
        return true;
    }

    private void add(String kind) {
        page.locator("#add > summary").click();
        page.locator("#add button:has(b:text-is('" + kind + "'))").click();
    }

    @Test
    void aPopUpCardIsMadeByMouse() {
        page.navigate(app.address() + "/new");
        page.locator("label:has(input[value='flat-fold.side'])").click();
        page.locator("label:has(input[value='five-seven'])").click();
        page.locator("button:has-text('Make the card')").click();
        page.locator("#add > summary").waitFor();
        for (int i = 1; i <= 3; i++) {
            String name = i == 1 ? "Pop up box" : "Pop up box " + i;
            add("Pop-up box");
            assertThat(page.locator(".sel h2")).containsText(name);
            add("Cut-out");
            assertThat(page.locator("#fields header p")).containsText("cut-out");
            assertThat(field("Lies on")).hasValue((i == 1 ? "pop-up-box" : "pop-up-box-" + i) + "-front");
        }
        assertThat(page.locator(".strip")).not().containsText("to mend");
        page.locator("[data-view=in-the-round]").click();
        page.locator(".in-round.is-live canvas").waitFor();
        assertThat(page.locator(".in-round .says")).containsText("Stands by itself");
        page.reload();
        page.locator(".in-round.is-live canvas").waitFor();
        page.goBack();
        assertThat(page.locator("#fields header p")).containsText("cut-out");
    }

    @Test
    void theSameByKeysAlone() {
        page.navigate(app.address() + "/new");
        page.locator("input[value='five-seven']").focus();
        page.keyboard().press("Space");
        page.locator("input[value='flat-fold.side']").focus();
        page.keyboard().press("Space");
        page.keyboard().press("Enter");
        page.locator("#add > summary").waitFor();
        for (int i = 1; i <= 3; i++) {
            byKeys("Pop-up box");
            assertThat(page.locator("#fields header p")).containsText("pop-up box");
            byKeys("Cut-out");
            assertThat(page.locator("#fields header p")).containsText("cut-out");
        }
        assertThat(field("Lies on")).hasValue("pop-up-box-3-front");
        page.locator("#drawing").focus();
        page.keyboard().press("2");
        page.locator(".in-round.is-live canvas").waitFor();
    }

    /** A step that fixes something shows what is in the hands after it, in Build and at the bench; one that cuts doesn't. */
    @Test
    void afterAStepTheCardIsSeenInSpace() {
        long card = app.cards()
                .create(RunningApp.demo("winding-house.json"), "test")
                .id();
        page.navigate(app.address() + "/cards/" + card + "/build");
        assertThat(page.locator(".after")).hasCount(0);
        // Better orders are looked for until there is none: until then numbers of steps change.
        page.waitForLoadState(LoadState.NETWORKIDLE);
        page.locator(".steps a.t:has-text('Set the station block')").first().click();
        assertThat(page.locator(".after figcaption")).containsText("After this step");
        assertThat(page.locator(".after svg path").first()).isAttached();
        page.locator("#show-me").focus();
        page.keyboard().press("Enter");
        assertThat(page.locator(".frames > svg")).hasCount(7);
        assertThat(page.locator(".frames > svg").last()).isVisible();
        assertThat(page.locator(".frames > svg").first()).isHidden();
        assertThat(page.locator("#show-me")).isFocused();
        assertThat(page.locator("#show-me")).hasText("Show me again");
        page.locator("button:has-text('Go to the bench')").click();
        assertThat(page.locator(".stepnow h1")).containsText("Trim");
        assertThat(page.locator(".after")).hasCount(0);
        for (int i = 0; i < 200 && page.locator(".after").count() == 0; i++) {
            String now = page.locator(".stepnow").innerHTML();
            page.locator(".ans .done").click();
            page.waitForCondition(() -> !page.locator(".stepnow").innerHTML().equals(now));
        }
        assertThat(page.locator(".after svg")).isVisible();
        page.locator("#show-me").click();
        assertThat(page.locator(".frames > svg").last()).isVisible();
        assertThat(page.locator(".after figcaption")).containsText("How it goes in");
    }

    /** The letter a opens what can be added; arrows would do as well as Tab. */
    private void byKeys(String kind) {
        calm();
        page.locator("#drawing").focus();
        page.keyboard().press("a");
        for (int i = 0; i < 60; i++) {
            Object at = page.evaluate("document.activeElement.querySelector('b')?.textContent ?? ''");
            if (kind.equals(at)) {
                page.keyboard().press("Enter");
                return;
            }
            page.keyboard().press("Tab");
        }
        throw new AssertionError(kind + " can't be reached by Tab");
    }
}
