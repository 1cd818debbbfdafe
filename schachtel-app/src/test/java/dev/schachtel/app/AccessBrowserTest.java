package dev.schachtel.app;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Locator;

import dev.schachtel.app.store.Place;
import dev.schachtel.app.store.StoredCard;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

/** Every page for every hand: rules of access and no sideways scrolling at three widths, and focus that stays. */
class AccessBrowserTest extends InBrowser {
    private static final List<int[]> SIZES = List.of(new int[] {1280, 800}, new int[] {900, 800}, new int[] {390, 800});

    AccessBrowserTest(RunningApp app) {
        super(app);
    }

    @Override
    boolean looksInSpace() {
        return true;
    }

    static Stream<String> pages() {
        return Stream.of(
                "/",
                "/?sought=nothing+of+this+name",
                "/new",
                "/stock?pick=slate-300",
                "/stock?part=dies&pick=new",
                "/stock?part=tools",
                "/log",
                "/log/measure",
                "/practice/8?piece=panel",
                "/practice/15?piece=shaker&outcome=leaks&said=true",
                "/practice/size/4",
                "/log/6/again?cards=3&format=a6",
                "/cards/11/rescue?across=0.2&up=2",
                "/cards/11/brief",
                "/cards/11/structure",
                "/cards/11/decorate",
                "/cards/11/decorate?select=tall-tree-1&pick=goat",
                "/cards/11/decorate/surfaces",
                "/cards/1/decorate/colours",
                "/stock/colours?pick=plum",
                "/cards/11/decorate?on=liner&select=inside-bench",
                "/cards/11/cut",
                "/cards/11/build");
    }

    @ParameterizedTest
    @MethodSource("pages")
    void keepsToTheRulesAtEveryWidth(String path) {
        page.navigate(app.address() + path);
        for (int[] size : SIZES) {
            page.setViewportSize(size[0], size[1]);
            keepsToTheRules(path + " at " + size[0]);
            Object wide = page.evaluate("document.documentElement.scrollWidth");
            assertTrue(((Number) wide).intValue() <= size[0], path + " is " + wide + " wide at " + size[0]);
        }
    }

    /**
     * Only what breaks a rule comes back: a page's every node, passed or not, takes longer to hand over than to check. What is inside a
     * picture is nothing to those who can't see it; its name is checked. Contrast takes longer than all other rules together, and no colour
     * depends on the width: once is enough.
     */
    private void keepsToTheRules(String what) {
        if (Boolean.FALSE.equals(page.evaluate("'axe' in window"))) {
            page.evaluate(AxeBuilder.getAxeScript());
        }
        Object broken = page.evaluate(
                """
                async tags => {
                  const told = await axe.run({exclude: ['svg[role=img] > *']}, {
                    runOnly: {type: 'tag', values: tags},
                    resultTypes: ['violations'],
                    rules: {'color-contrast': {enabled: innerWidth >= WIDEST}}});
                  return told.violations.map(v => v.id + ': ' + v.nodes.slice(0, 3).map(n => n.target));
                }"""
                        .replace("WIDEST", "" + SIZES.get(0)[0]),
                List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa"));
        assertEquals(List.of(), broken, what);
    }

    /** Also where the set has so many cards that the menu is longer than the page. */
    @Test
    void menusAndDialogsKeepToTheRules() {
        List<Long> crowd = IntStream.range(0, 20)
                .mapToObj(i -> app.cards()
                        .create(RunningApp.demo("luggage-label.json"), "test")
                        .id())
                .toList();
        for (int[] size : SIZES) {
            String at = " at " + size[0];
            page.setViewportSize(size[0], size[1]);
            page.navigate(app.address() + "/cards/11/structure");
            page.locator(".which summary").click();
            keepsToTheRules("menu of the card" + at);
            page.locator("[data-keys]").click();
            assertThat(page.locator("#keys")).isVisible();
            keepsToTheRules("keys" + at);
            page.keyboard().press("Escape");
            page.getByText("+ Add").click();
            keepsToTheRules("what can be added" + at);
        }
        crowd.forEach(id -> app.cards().put(id, Place.ARCHIVED));
        for (int[] size : SIZES) {
            page.setViewportSize(size[0], size[1]);
            page.navigate(app.address() + "/");
            page.locator(".card-tile summary").first().click();
            keepsToTheRules("menu of a tile at " + size[0]);
        }
    }

    private void holdsFocus(Locator on) {
        Locator version = page.locator("#seen [name=version]");
        String before = version.getAttribute("value");
        on.focus();
        page.keyboard().press("Enter");
        assertThat(version).not().hasAttribute("value", before);
        onSomething();
    }

    /** Whatever was pressed has the focus in the page that answers, or the heading of its region where it is gone. */
    @Test
    void focusStaysWhereTheHandIs() {
        StoredCard card = app.cards().create(RunningApp.demo("upper-station.json"), "test");
        page.navigate(app.address() + "/cards/" + card.id() + "/structure?select=car");
        holdsFocus(page.locator("button[aria-label^='more: Run']").first());
        assertThat(page.locator("button[aria-label^='more: Run']").first()).isFocused();
        holdsFocus(page.locator("#undo button"));
        page.navigate(app.address() + "/cards/" + card.id() + "/structure?select=car");
        page.getByText("Remove", new com.microsoft.playwright.Page.GetByTextOptions().setExact(true))
                .first()
                .focus();
        page.keyboard().press("Enter");
        assertThat(page.locator(".sel h2")).not().hasText("Car");
        page.waitForCondition(() -> Boolean.TRUE.equals(page.evaluate("document.activeElement !== document.body")));
        assertThat(page.locator("#told")).not().isEmpty();
    }

    /** Letters act on the page and its drawings, not on whatever has the focus; and they can be switched off. */
    @Test
    void singleKeysActWhereTheyShould() {
        page.navigate(app.address() + "/cards/11/structure?select=car");
        page.keyboard().press("4");
        assertThat(page.locator("[data-view=taken-apart]")).hasAttribute("aria-current", "true");
        page.locator("#undo + form button, .button").first().focus();
        page.locator(".sel button").first().focus();
        page.keyboard().press("1");
        assertThat(page.locator("[data-view=taken-apart]")).hasAttribute("aria-current", "true");
        page.locator("#drawing").focus();
        page.keyboard().press("1");
        assertThat(page.locator("[data-view=front]")).hasAttribute("aria-current", "true");
        page.locator(".which summary").click();
        page.locator("[data-keys]").click();
        page.locator("#letters").uncheck();
        page.keyboard().press("Escape");
        page.reload();
        page.locator("#drawing").focus();
        page.keyboard().press("4");
        assertThat(page.locator("[data-view=front]")).hasAttribute("aria-current", "true");
        page.keyboard().press("Tab");
        page.locator(".which summary").click();
        page.locator("[data-keys]").click();
        assertThat(page.locator("#letters")).not().isChecked();
        page.locator("#letters").check();
    }

    /** From the first page to the plan with real keys only: where a change is answered, focus is never left on nothing. */
    @Test
    void aCardIsMadeByKeysAlone() {
        page.navigate(app.address());
        reach("a", "New card");
        page.keyboard().press("Enter");
        page.waitForURL("**/new");
        reach("input[name=name]", "");
        page.keyboard().type("By keys");
        page.keyboard().press("Enter");
        page.waitForURL("**/structure**");
        assertThat(page.locator(".card-name")).hasText("By keys");
        for (String kind : List.of("Window", "Shaker")) {
            reach("summary", "+ Add");
            page.keyboard().press("Enter");
            reach("#add button", kind);
            page.keyboard().press("Enter");
            assertThat(page.locator(".sel h2")).hasText(kind);
            onSomething();
        }
        page.keyboard().press("Control+z");
        assertThat(page.locator(".stackdwg")).not().containsText("Film");
        onSomething();
        page.keyboard().press("Control+y");
        assertThat(page.locator(".stackdwg")).containsText("Film");
        onSomething();
        reach(".strip a", "Build");
        page.keyboard().press("Enter");
        page.waitForURL("**/build**");
        assertThat(page.locator(".steps")).containsText("Fix the film");
        page.keyboard().press("Escape");
        reach("button", "Go to the bench");
        page.keyboard().press("Enter");
        page.waitForURL("**/runs/*");
        page.keyboard().press("Space");
        assertThat(page.locator("#again input[name=events]")).hasValue("1");
    }

    /** Presses Tab until that has the focus; fails if the way round the page doesn't lead there. */
    private void reach(String what, String words) {
        for (int i = 0; i < 200; i++) {
            Object there = page.evaluate(
                    "([q, w]) => { const e = document.activeElement; return e.matches(q) && e.textContent.includes(w); }",
                    List.of(what, words));
            if (Boolean.TRUE.equals(there)) {
                return;
            }
            page.keyboard().press("Tab");
        }
        throw new AssertionError("no way by Tab to " + what + " " + words);
    }

    private void onSomething() {
        page.waitForCondition(() -> Boolean.TRUE.equals(page.evaluate("document.activeElement !== document.body")));
    }

    @Test
    void theContentIsOneKeyAway() {
        page.navigate(app.address() + "/cards/11/cut");
        page.keyboard().press("Tab");
        assertThat(page.locator(".skip")).isFocused();
        page.keyboard().press("Enter");
        assertThat(page.locator("main")).isFocused();
    }
}
