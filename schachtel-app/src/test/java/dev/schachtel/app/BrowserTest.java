package dev.schachtel.app;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

/** Tasks of makers, done in a real browser. */
class BrowserTest extends InBrowser {
    BrowserTest(RunningApp app) {
        super(app);
    }

    private String demo() {
        return app.address() + "/cards/"
                + app.cards().create(RunningApp.demo(), "test").id();
    }

    private Locator ledger(String name) {
        return page.locator(".ledger li")
                .filter(new Locator.FilterOptions().setHasText(name))
                .first();
    }

    /** A newcomer makes a slim card with a round shaker window and changes the window. */
    @Test
    void fromAnIdeaToAPlanByMouse() {
        page.navigate(app.address());
        page.locator("header")
                .getByRole(
                        AriaRole.LINK,
                        new Locator.GetByRoleOptions().setName("New card").setExact(true))
                .click();
        page.getByText("slim", new Page.GetByTextOptions().setExact(true)).click();
        page.getByLabel("Name of the card").fill("First try");
        page.getByText("Make the card").click();
        assertThat(page.locator(".card-name")).hasText("First try");
        add("Window");
        add("Shaker");
        assertThat(page.locator(".sel h2")).hasText("Shaker");
        assertThat(page.locator(".finds .f.mend")).hasCount(0);
        page.navigate(page.url().replaceAll("select=[a-z]+", "select=window"));
        field("Diameter").fill("2 1/2");
        assertThat(page.locator("#draw")).containsText("2 1⁄2");
        page.locator(".stackdwg a.ly[data-select=shaker] text").first().click();
        assertThat(ledger("Film")).containsText("31⁄8");
        assertThat(ledger("Film")).containsText("window 21⁄2 + 2 × overlap 5⁄16");
        page.locator(".strip a", new Page.LocatorOptions().setHasText("Cut")).click();
        assertThat(page.locator("tr", new Page.LocatorOptions().setHasText("Film")))
                .containsText("31⁄8 round");
        page.locator(".strip a", new Page.LocatorOptions().setHasText("Build")).click();
        assertThat(page.locator(".steps")).containsText("Trace the window on the base");
        page.locator(".steps a", new Page.LocatorOptions().setHasText("Trace the window"))
                .click();
        assertThat(page.locator(".here")).containsText("Trace before the film goes on");
        page.reload();
        assertThat(page.locator(".one h2")).hasText("Trace the window on the base");
    }

    private void add(String title) {
        page.getByText("+ Add").click();
        page.locator("#add form button b")
                .getByText(title, new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.locator(".sel h2")).containsText(title.equals("Window") ? "Window" : title);
    }

    @Test
    void theSameByKeysAlone() {
        page.navigate(demo() + "/structure?select=window&view=front");
        field("Diameter").focus();
        for (int i = 0; i < 2; i++) {
            page.keyboard().press("ArrowUp");
            assertThat(field("Diameter")).hasValue(i == 0 ? "2 7/16" : "2 1/2");
        }
        page.keyboard().press("Shift+ArrowDown");
        assertThat(field("Diameter")).hasValue("2 31/64");
        assertThat(field("Diameter")).isFocused();
        page.keyboard().press("Escape");
        page.keyboard().press("4");
        assertThat(page.locator("[data-view=taken-apart]")).hasAttribute("aria-current", "true");
        page.keyboard().press("1");
        assertThat(page.locator("[data-view=front]")).hasAttribute("aria-current", "true");
        int undone = pressUntil("Control+z", "2 3/8");
        assertThat(undone).as("steps that follow each other quickly are one").isBetween(1, 3);
        assertThat(pressUntil("Control+y", "2 31/64")).isEqualTo(undone);
        page.keyboard().press("/");
        page.keyboard().type("sentiment");
        page.keyboard().press("Enter");
        assertThat(page.locator(".sel h2")).hasText("Sentiment");
        calm();
        page.keyboard().press("?");
        assertThat(page.locator("#keys")).isVisible();
        page.keyboard().press("Escape");
        page.keyboard().press("]");
        assertThat(page.locator(".strip a[aria-current]")).containsText("Decorate");
    }

    /** Each press changes the diameter; how often it was pressed. */
    private int pressUntil(String key, String diameter) {
        int pressed = 0;
        while (!field("Diameter").inputValue().equals(diameter)) {
            String before = field("Diameter").inputValue();
            page.keyboard().press(key);
            assertThat(field("Diameter")).not().hasValue(before);
            pressed++;
        }
        return pressed;
    }

    @Test
    void nonsenseIsSaidAtTheFieldAndWhatWasTypedStays() {
        page.navigate(demo() + "/structure?select=window&view=front");
        field("Diameter").fill("3 1/");
        assertThat(page.locator("#say-f-window-shape-diameter")).hasText("'3 1/' ends after the stroke");
        assertThat(field("Diameter")).hasValue("3 1/");
        field("Diameter").fill("3 in");
        assertThat(page.locator("#say-f-window-shape-diameter")).hasText("");
        assertThat(page.locator(".finds .f.mend").first()).isVisible();
        page.reload();
        assertThat(field("Diameter")).hasValue("3");
    }

    @Test
    void aRemedyIsOneClickAndCanBeUndone() {
        page.navigate(demo() + "/structure?select=shaker&view=front");
        field("Filling").selectOption("sand");
        Locator mend = page.locator(".finds > .f.mend").first();
        assertThat(mend).containsText("The dam’s joints can open to 1.00 mm; fine sand 0.3 mm slip through 0.30 mm");
        mend.getByText("Show").click();
        assertThat(page.locator(".pin.pulse")).hasCount(1);
        page.locator(".finds > .f.mend button", new Page.LocatorOptions().setHasText("Make it one piece"))
                .click();
        assertThat(page.locator(".finds .f.mend")).hasCount(0);
        assertThat(field("Dam made as")).hasValue("one-piece");
        page.getByLabel("Undo").click();
        assertThat(page.locator(".finds > .f.mend").first()).isVisible();
    }

    @Test
    void focusMarksItsTermInEverySum() {
        page.navigate(demo() + "/structure?select=shaker&view=front");
        field("Film overlap").focus();
        assertThat(page.locator(".ledger .in.on[data-from='shaker:overlap']").first())
                .containsText("overlap");
        field("Dam set back").focus();
        assertThat(page.locator(".ledger .in.on").first()).containsText("set back");
    }

    @Test
    void twoWindowsLoseNothing() {
        String at = demo() + "/structure?select=window&view=front";
        page.navigate(at);
        Page second = window.another();
        second.navigate(at);
        field("Diameter").fill("2 in");
        assertThat(page.locator("#undo button")).isEnabled();
        second.getByLabel("Diameter", new Page.GetByLabelOptions().setExact(true))
                .fill("2 1/2");
        assertThat(second.locator("#notice")).containsText("Changed elsewhere");
        second.getByText("Take mine").click();
        assertThat(second.locator("h1")).hasText("Changed in both windows");
        second.getByText("Mine:").click();
        second.getByText("Put it together").click();
        second.waitForURL("**/structure");
        second.navigate(at);
        assertThat(second.getByLabel("Diameter", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("2 1/2");
        second.getByLabel("Undo").click();
        assertThat(second.getByLabel("Diameter", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("2");
    }

    /** Somebody types and goes on at once: what was typed is kept. */
    @Test
    void typingAndLeavingAtOnceKeepsWhatWasTyped() {
        page.navigate(demo() + "/structure?select=window&view=front");
        field("Diameter").fill("2 1/8");
        page.locator(".stackdwg a.ly[data-select=liner] text").first().click();
        assertThat(page.locator(".sel h2")).hasText("Liner");
        page.locator(".stackdwg a.ly[data-select=panel] text").first().click();
        assertThat(page.locator(".sel h2")).hasText("Panel");
        page.goBack();
        assertThat(page.locator(".sel h2")).hasText("Liner");
        page.goBack();
        assertThat(field("Diameter")).hasValue("2 1/8");
        field("Diameter").fill("2 1/16");
        page.locator(".strip a", new Page.LocatorOptions().setHasText("Cut")).click();
        assertThat(page.locator("tr", new Page.LocatorOptions().setHasText("Film")))
                .containsText("211⁄16 round");
    }

    @Test
    void unitsSwitchForTheWholeCard() {
        page.navigate(demo() + "/structure?select=window&view=front");
        page.locator(".bar .seg button", new Page.LocatorOptions().setHasText("mm"))
                .click();
        assertThat(field("Diameter")).hasValue("60.325");
        assertThat(page.locator("#draw")).containsText("88.9");
        field("Diameter").fill("2 1/2 in");
        assertThat(page.locator("#draw")).containsText("63.5 round");
    }

    @Test
    void backGoesToThePieceBefore() {
        page.navigate(demo() + "/structure?select=window&view=front");
        page.locator(".stackdwg a.ly[data-select=liner] text").first().click();
        assertThat(page.locator(".sel h2")).hasText("Liner");
        page.goBack();
        assertThat(page.locator(".sel h2")).hasText("Window");
    }

    @ParameterizedTest
    @ValueSource(strings = {"/structure", "/cut", "/build", "/brief"})
    void nothingScrolls(String station) {
        page.navigate(demo() + station);
        assertThat((int) (Integer) page.evaluate("document.documentElement.scrollHeight"))
                .isLessThanOrEqualTo(800);
        assertThat((int) (Integer) page.evaluate("document.documentElement.scrollWidth"))
                .isLessThanOrEqualTo(1280);
    }

    @Test
    void usableOnANarrowScreen() {
        page.setViewportSize(390, 800);
        page.navigate(demo() + "/structure?select=window&view=front");
        assertThat((int) (Integer) page.evaluate("document.documentElement.scrollWidth"))
                .isLessThanOrEqualTo(390);
        field("Diameter").fill("2");
        assertThat(page.locator("#draw")).containsText("2 round");
    }
}
