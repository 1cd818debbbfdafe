package dev.schachtel.app;

import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicReference;

import org.junit.jupiter.api.Test;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;

import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.card.Brief;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.material.Workshop;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

/** Surfaces and the build plan as a maker works on them: by mouse, by keys, with nonsense, and back. */
class BuildBrowserTest extends InBrowser {
    BuildBrowserTest(RunningApp app) {
        super(app);
    }

    private StoredCard card(String demo) {
        return app.cards().create(RunningApp.demo(demo), "test");
    }

    private void accessible() {
        assertThat(new AxeBuilder(page)
                        .withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa"))
                        .analyze()
                        .getViolations())
                .isEmpty();
    }

    private Locator step(String words) {
        return page.locator(".steps li").filter(new Locator.FilterOptions().setHasText(words));
    }

    private int number(String words) {
        return Integer.parseInt(step(words).locator(".n").textContent());
    }

    @Test
    void surfaceWorkIsAddedChangedAndTakenBack() {
        StoredCard card = card("upper-station.json");
        page.navigate(app.address() + "/cards/" + card.id() + "/decorate/surfaces");
        assertThat(page.locator(".de")).containsText("Nothing is inked");
        page.getByLabel("Technique").selectOption("emboss");
        page.getByLabel("What for").fill("stars");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Add").setExact(true))
                .click();
        assertThat(page.locator(".de .sheet")).containsText("heat embossing, stars");
        assertThat(page.locator("#strip")).containsText("1 piece of work");
        accessible();
        page.getByText("Change").click();
        page.getByLabel("Minutes to dry, 0: by the book").fill("-3");
        page.getByLabel("Minutes to dry, 0: by the book").press("Enter");
        assertThat(page.locator("#notice")).containsText("0");
        page.reload();
        page.locator(".de .stepchip").click();
        assertThat(page.locator(".one h2")).containsText("Take the cling off");
        assertThat(page.locator(".steps")).containsText("Melt the powder");
        page.goBack();
        page.locator("#undo button").click();
        assertThat(page.locator(".de")).containsText("Nothing is inked");
    }

    @Test
    void theTechniqueBookIsEditable() {
        Workshops workshops = app.bean(Workshops.class);
        Workshop before = workshops.now();
        StoredCard card = card("viaduct.json");
        page.navigate(app.address() + "/cards/" + card.id() + "/decorate/surfaces");
        page.getByText("Technique book").click();
        page.getByLabel("ink blending, dryMinutes").fill("25");
        page.getByLabel("ink blending, dryMinutes").press("Enter");
        assertThat(page.locator(".de .list .scroll")).containsText("dries 25 min");
        page.getByLabel("ink blending, each").fill("soon");
        page.getByLabel("ink blending, each").press("Enter");
        assertThat(page.locator("#notice")).containsText("must be a whole number");
        page.getByLabel("One of your own").fill("hot pen");
        page.getByLabel("is a kind of").selectOption("colour");
        page.getByText("Add to the book").click();
        assertThat(page.getByLabel("hot pen, hazard")).hasValue("none");
        page.getByLabel("What for").first().fill("rails");
        page.getByLabel("Technique").first().selectOption("hot-pen");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Add").setExact(true))
                .click();
        Locator rails = page.locator(".de .sheet").filter(new Locator.FilterOptions().setHasText("hot pen, rails"));
        assertThat(rails.locator("svg.fd")).hasCount(0);
        assertThat(rails).isVisible();
        page.getByText("Technique book").click();
        page.getByLabel("hot pen, hazard").selectOption("heat");
        assertThat(rails.locator("svg.fd")).hasCount(1);
        assertThat(page.getByLabel("Remove hot pen from the book")).hasCount(0);
        page.getByLabel("Remove splatter from the book").click();
        assertThat(page.getByLabel("splatter, hazard")).hasCount(0);
        workshops.change(w -> before);
    }

    /** Gel under a single weight, one card at a time: the films wait for it, and the plan takes longer. */
    @Test
    void fewerPlacesToPressTakeLonger() {
        Workshops workshops = app.bean(Workshops.class);
        Workshop before = workshops.now();
        StoredCard card = app.cards()
                .create(
                        CardEdit.of(CardEdit.of(CardEdit.of(RunningApp.demo("upper-station.json"))
                                                .set(new Id("shaker"), "filmFixing", "gel"))
                                        .set(new Id("brief"), "together", "1"))
                                .set(new Id("brief"), "makers", "6"),
                        "test");
        page.navigate(app.address() + "/cards/" + card.id() + "/build");
        String total = page.locator(".time .sum dd").first().textContent();
        page.getByLabel("Weights").fill("none");
        page.getByLabel("Weights").press("Enter");
        assertThat(page.locator("#notice")).containsText("from 1 to 200");
        page.getByLabel("Weights").fill("1");
        page.getByLabel("Weights").press("Enter");
        assertThat(page.locator(".time .sum dd").first()).not().hasText(total);
        assertThat(workshops.now().house().weights()).isEqualTo(1);
        workshops.change(w -> before);
    }

    /** The sentiment is stuck earlier by keys and later by mouse; what the rules bind stays. */
    @Test
    void stepsAreMovedWithinTheirWindow() {
        StoredCard card = card("upper-station.json");
        page.navigate(app.address() + "/cards/" + card.id() + "/build");
        calm();
        int at = number("Line the inside");
        page.navigate(app.address() + "/cards/" + card.id() + "/build?step=" + at);
        calm();
        page.keyboard().press("Alt+ArrowUp");
        assertThat(page.locator(".rules")).containsText("Your own order");
        calm();
        assertThat(number("Line the inside")).isLessThan(at);
        int film = number("Fix the film");
        int dam = number("Lay the foam dam");
        step("Lay the foam dam").dragTo(page.locator(".steps li").nth(film - 2));
        calm();
        assertThat(number("Lay the foam dam")).isEqualTo(dam);
        page.getByText("Go back to the rules’ order").click();
        assertThat(page.locator(".rules")).not().containsText("Your own order");
        accessible();
    }

    @Test
    void houseRulesSayWhatTheyCostAndAreTaken() {
        StoredCard card = card("upper-station.json");
        page.navigate(app.address() + "/cards/" + card.id() + "/build");
        Locator film = page.locator("fieldset").filter(new Locator.FilterOptions().setHasText("Film is held by"));
        assertThat(film.locator(".on")).containsText("double-sided tape");
        film.getByText("gel glue").click();
        assertThat(film.locator(".on")).containsText("gel glue");
        assertThat(page.locator(".time .sum")).containsText("1 h 10");
        page.locator("#undo button").click();
        assertThat(film.locator(".on")).containsText("double-sided tape");
        page.getByLabel("Makers").fill("2");
        page.getByLabel("Makers").press("Enter");
        assertThat(page.locator(".band")).containsText("Maker 2");
        page.getByLabel("Makers").fill("0");
        page.getByLabel("Makers").press("Enter");
        assertThat(page.locator("#notice")).containsText("1");
        assertThat(app.cards().load(card.id()).spec().brief().makers()).isEqualTo(2);
    }

    /** The Build page, whose first question for a better order waits for its answer. */
    private Route opened(StoredCard card) {
        AtomicReference<Route> held = new AtomicReference<>();
        page.route("**/build/better*", route -> {
            if (!held.compareAndSet(null, route)) {
                route.fulfill(new Route.FulfillOptions().setStatus(204));
            }
        });
        page.navigate(app.address() + "/cards/" + card.id() + "/build");
        page.waitForCondition(() -> held.get() != null);
        return held.get();
    }

    /** What the page asked for by itself before a change comes after it: it must not bring the old card back. */
    @Test
    void aLateAnswerDoesNotBringTheOldCardBack() {
        StoredCard card = card("upper-station.json");
        Route held = opened(card);
        String old = (String) page.evaluate("fetch(location.href).then((answer) => answer.text())");
        page.getByLabel("Makers").fill("2");
        page.getByLabel("Makers").press("Enter");
        assertThat(page.locator(".band")).containsText("Maker 2");
        page.waitForResponse("**/build/better*", () -> held.fulfill(new Route.FulfillOptions().setBody(old)));
        page.evaluate("new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)))");
        assertThat(page.locator(".band")).containsText("Maker 2");
    }

    /** A press whose button is drawn anew before the release would lead nowhere. */
    @Test
    void aClickIsNotLostWhileThePageLooksForBetter() {
        StoredCard card = card("upper-station.json");
        Route held = opened(card);
        String same = (String) page.evaluate("fetch(location.href).then((answer) => answer.text())");
        page.getByText("Go to the bench").hover();
        page.mouse().down();
        page.waitForResponse("**/build/better*", () -> held.fulfill(new Route.FulfillOptions().setBody(same)));
        page.evaluate("new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)))");
        page.mouse().up();
        page.waitForURL("**/runs/*");
    }

    /** Two windows on one card: the second is told, the page stays, and its change is taken with the other's. */
    @Test
    void aChangeFromAnotherWindowIsToldAndMineCanBeTaken() {
        StoredCard card = card("upper-station.json");
        page.navigate(app.address() + "/cards/" + card.id() + "/build");
        app.post(
                "/cards/" + card.id() + "/brief/set",
                Map.of(
                        "version", card.version() + "",
                        "revision", card.revision() + "",
                        "piece", "brief",
                        "component", "cards",
                        "value", "3"));
        page.getByLabel("Makers").fill("2");
        page.getByLabel("Makers").press("Enter");
        page.getByText("Take mine").click();
        page.waitForURL("**/structure**");
        Brief brief = app.cards().load(card.id()).spec().brief();
        assertThat(List.of(brief.makers(), brief.cards())).containsExactly(2, 3);
    }

    /** The card is changed during a run: the run keeps its card and offers to move over. */
    @Test
    void aRunKeepsItsCardAndMovesOverWhenAsked() {
        StoredCard card = card("terraces.json");
        page.navigate(app.address() + "/cards/" + card.id() + "/build");
        page.getByText("Go to the bench").click();
        assertThat(page.locator(".ans")).containsText("Begin");
        calm();
        page.keyboard().press("Space");
        assertThat(page.locator(".ans")).containsText("Done");
        page.keyboard().press("Space");
        assertThat(page.locator(".where b").first()).hasText("2");
        StoredCard now = app.cards().load(card.id());
        app.post(
                "/cards/" + card.id() + "/brief/set",
                Map.of(
                        "version", now.version() + "",
                        "revision", now.revision() + "",
                        "piece", "brief",
                        "component", "cards",
                        "value", "3"));
        assertThat(app.cards().load(card.id()).spec().brief().cards()).isEqualTo(3);
        page.reload();
        assertThat(page.locator(".tiles li")).hasCount(40);
        page.getByText("Move over to the changed card").click();
        assertThat(page.locator(".tiles li")).hasCount(3);
        assertThat(page.locator(".where b").first()).hasText("2");
    }

    @Test
    void withoutSurfacesNothingIsAskedAboutThem() {
        StoredCard card = app.cards()
                .create(CardEdit.of(RunningApp.demo("upper-station.json")).remove(new Id("liner")), "test");
        page.navigate(app.address() + "/cards/" + card.id() + "/build");
        assertThat(page.locator(".rules")).not().containsText("Colours go");
        assertThat(app.bytes("/cards/" + card.id() + "/build.ics").length).isGreaterThan(200);
        assertThat(app.bytes("/cards/" + card.id() + "/booklet.pdf").length).isGreaterThan(2_000);
    }
}
