package dev.schachtel.app;

import java.nio.charset.StandardCharsets;
import java.util.List;

import org.junit.jupiter.api.Test;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;

import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.material.Workshop;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

/** Cutting as a maker meets it: the program followed stroke by stroke, choices, the drawer, outlines from elsewhere. */
class CuttingBrowserTest extends InBrowser {
    CuttingBrowserTest(RunningApp app) {
        super(app);
    }

    private StoredCard open(String demo) {
        return open(RunningApp.demo(demo));
    }

    private StoredCard open(CardSpec spec) {
        StoredCard card = app.cards().create(spec, "test");
        page.navigate(app.address() + "/cards/" + card.id() + "/cut");
        return card;
    }

    /** Four Terraces: first by mouse, then by keys, with a reload in between, to the last stroke. */
    @Test
    void theTrimmerProgramIsFollowedStrokeByStroke() {
        open(CardEdit.of(RunningApp.demo("terraces.json")).set(new Id("brief"), "cards", "4"));
        assertThat(page.locator("#seek")).containsText("Proved");
        assertThat(page.locator(".stuff header").first()).containsText("none can do with fewer");
        page.getByText("Follow it stroke by stroke").click();
        assertThat(page.locator(".now-stroke")).containsText("Stroke 1 of");
        page.getByText("Cut, next").click();
        assertThat(page.locator(".now-stroke")).containsText("Stroke 2 of");
        page.reload();
        assertThat(page.locator(".now-stroke")).containsText("Stroke 2 of");
        page.keyboard().press("Space");
        assertThat(page.locator(".now-stroke")).containsText("Stroke 3 of");
        page.keyboard().press("k");
        assertThat(page.locator(".now-stroke")).containsText("Stroke 2 of");
        page.goBack();
        assertThat(page.locator(".now-stroke")).containsText("Stroke 3 of");
        String of = page.locator(".now-stroke p").first().textContent();
        int strokes = Integer.parseInt(of.substring(of.lastIndexOf(' ') + 1));
        follow(3, strokes, strokes);
        page.keyboard().press("Space");
        assertThat(page.locator(".now-stroke")).hasCount(0);
        accessible();
    }

    private void accessible() {
        assertThat(new AxeBuilder(page)
                        .withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa"))
                        .analyze()
                        .getViolations())
                .isEmpty();
    }

    private void follow(int from, int to, int of) {
        for (int n = from; n < to; n++) {
            page.keyboard().press("Space");
            assertThat(page.locator(".now-stroke p").first()).hasText("Stroke " + (n + 1) + " of " + of);
            assertThat(page.locator(".program a[aria-current]")).hasCount(1);
            assertThat(page.locator(".now-stroke .l-stroke")).hasCount(1);
        }
    }

    @Test
    void aPartIsCutAnotherWayAndFromAnotherSheet() {
        open("upper-station.json");
        Locator how = page.getByLabel("How Base is cut").or(page.getByLabel("How Card base is cut"));
        Locator from = page.getByLabel("Sheet for Card base");
        from.selectOption(new com.microsoft.playwright.options.SelectOption().setLabel("8 1/2 × 11"));
        assertThat(page.locator("#sheets .stuff").first()).containsText("12 sheets");
        assertThat(page.locator("#sheets .stuff").first().locator("figure")).hasCount(1);
        how.selectOption("electronic");
        assertThat(page.locator("#sheets")).containsText("electronic cutter");
        page.locator("#undo button").click();
        assertThat(page.locator("#sheets")).not().containsText("electronic cutter");
    }

    @Test
    void waysAreComparedAndFilesAreThere() {
        StoredCard card = open("upper-station.json");
        page.locator("summary")
                .filter(new Locator.FilterOptions().setHasText("Other ways"))
                .click();
        page.getByText("Compare with other ways of cutting").click();
        assertThat(page.locator("table").filter(new Locator.FilterOptions().setHasText("as planned")))
                .containsText("without the offcut box");
        for (String file : List.of("cutting.zip", "program.pdf", "parts.pdf", "cut-list.csv", "sheets/1.dxf")) {
            assertThat(app.bytes("/cards/" + card.id() + "/" + file).length).isGreaterThan(100);
        }
    }

    /** A strip on a shadow layer of the same card as another: the covered middle is offered, taken, and taken back. */
    @Test
    void aCoveredMiddleIsUsedOnOneClick() {
        StoredCard card = open("upper-station.json");
        page.navigate(app.address() + "/cards/" + card.id() + "/cut?compare=true");
        Locator ways = page.locator("table").filter(new Locator.FilterOptions().setHasText("as planned"));
        assertThat(ways).not().containsText("covered middles");
        page.navigate(app.address() + "/cards/" + card.id() + "/structure?select=sentiment");
        page.waitForResponse("**/set", () -> field("Strip width").fill("2 in"));
        page.waitForResponse("**/set", () -> field("Strip height").fill("1 3/4 in"));
        page.navigate(app.address() + "/cards/" + card.id() + "/cut?compare=true");
        ways.getByText("Cut it so").click();
        Locator middle = page.getByText("cut out its covered middle").locator("input");
        assertThat(middle.first()).isChecked();
        middle.first().uncheck();
        assertThat(page.getByText("cut out its covered middle").locator("input").first())
                .not()
                .isChecked();
    }

    @Test
    void aWindowTakesItsDieFromTheRegister() {
        StoredCard card = open("upper-station.json");
        assertThat(page.locator("details").filter(new Locator.FilterOptions().setHasText("Roller machine")))
                .containsText("die circle 2 3/8 in");
        page.navigate(app.address() + "/cards/" + card.id() + "/structure?select=window");
        page.getByLabel("take a die from the register").selectOption("oval-1");
        assertThat(field("Window width")).hasValue("60 mm");
        page.locator("#undo button").click();
        assertThat(field("Diameter")).hasValue("2 3/8");
    }

    /** The drawer is changed, checked, refused nonsense, and drawn from when the card is cut. */
    @Test
    void theDrawerIsLookedAfter() {
        Workshops workshops = app.bean(Workshops.class);
        Workshop before = workshops.now();
        StoredCard card = open("terraces.json");
        page.navigate(app.address() + "/stock?pick=slate-300&card=" + card.id());
        assertThat(page.locator("#shopping")).containsText("double-sided tape");
        Locator count = page.locator("#f-slate-300-12in-count");
        count.fill("many");
        count.press("Enter");
        assertThat(page.locator("#say-f-slate-300-12in-count")).containsText("must be a whole number");
        count.fill("0");
        count.press("Enter");
        assertThat(page.locator("#shopping")).containsText("slate card");
        count.fill("30");
        count.press("Enter");
        assertThat(page.locator("#shopping")).not().containsText("slate card");
        page.locator("#f-slate-300-12in-count-more").click();
        assertThat(count).hasValue("31");
        assertThat(page.locator("#f-slate-300-12in-count-more")).isFocused();
        page.getByText("+ Add").click();
        page.getByLabel("Sheet of").selectOption("moss-270");
        page.getByLabel("Sheet wide").fill("12 in");
        page.getByLabel("Sheet high").fill("nonsense");
        page.locator("form", new Page.LocatorOptions().setHas(page.getByLabel("Sheet wide")))
                .getByRole(AriaRole.BUTTON)
                .click();
        assertThat(page.locator("body")).containsText("nonsense");
        page.goBack();
        String offcuts = page.locator(".box").textContent();
        page.navigate(app.address() + "/cards/" + card.id() + "/cut");
        page.getByText("I have cut this. Update the stock.").click();
        assertThat(page.locator("h1")).hasText("Stock");
        assertThat(page.locator(".box")).not().hasText(offcuts);
        accessible();
        workshops.change(w -> before);
    }

    @Test
    void anOutlineComesFromADrawing() {
        StoredCard card = app.cards().create(RunningApp.demo("platform-sign.json"), "test");
        page.navigate(app.address() + "/cards/" + card.id() + "/structure?select=arrow");
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' width='40mm' height='30mm' viewBox='0 0 40 30'>"
                + "<path d='M0 30L20 0L40 30Z'/></svg>";
        drop("hill.svg", svg);
        assertThat(field("Window width").or(field("Width"))).hasValue("40 mm");
        drop("bad.svg", "<!DOCTYPE x [<!ENTITY a 'b'>]><svg xmlns='http://www.w3.org/2000/svg'>&a;</svg>");
        assertThat(page.locator("body")).containsText("entities");
        page.goBack();
        assertThat(page.locator(".sel h2")).hasText("Arrow");
    }

    private void drop(String name, String content) {
        calm();
        page.locator(".outline-in input[type=file]")
                .setInputFiles(new FilePayload(name, "image/svg+xml", content.getBytes(StandardCharsets.UTF_8)));
    }
}
