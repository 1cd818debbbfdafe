package dev.schachtel.app;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

/** What moves, stands and folds, as a maker meets it: opened, played, added from scratch, dragged, lined up, copied. */
class StructuresBrowserTest extends InBrowser {
    StructuresBrowserTest(RunningApp app) {
        super(app);
    }

    private String open(CardSpec spec) {
        return app.address() + "/cards/" + app.cards().create(spec, "test").id() + "/structure";
    }

    static List<String> demoFiles() {
        return RunningApp.demoFiles();
    }

    /** Every demo card shows its views; whatever moves on it follows the scrubber. */
    @ParameterizedTest
    @MethodSource("demoFiles")
    void everyDemoCardOpensAndPlays(String file) {
        CardSpec spec = RunningApp.demo(file);
        String at = open(spec);
        page.navigate(at);
        assertThat(page.locator(".main-dwg")
                        .locator("svg:visible, canvas:visible")
                        .first())
                .isVisible();
        assertThat(page.locator("#strip a").filter(new Locator.FilterOptions().setHasText("Structure")))
                .not()
                .containsText("to mend");
        for (Locator view : page.locator(".views a").all()) {
            page.navigate(at + "?view=" + view.getAttribute("data-view"));
            assertThat(page.locator(".main-dwg svg path").first()).isAttached();
        }
        page.navigate(at + "?select=" + mover(spec) + "&view=front");
        if (page.locator("#scrub").count() > 0) {
            scrub("0");
            String first = state();
            scrub("400");
            assertThat(state()).isNotEqualTo(first);
        }
    }

    private static String mover(CardSpec spec) {
        return spec.features().isEmpty()
                ? "base"
                : spec.features().get(spec.features().size() - 1).id().value();
    }

    private void scrub(String to) {
        page.locator("#scrub")
                .evaluate("(s, v) => { s.value = v; s.dispatchEvent(new Event('input', {bubbles: true})); }", to);
    }

    /** Where everything that moves is drawn just now. */
    private String state() {
        return String.valueOf(page.evaluate(
                "[...document.querySelectorAll('.main-dwg .mv')].map(g => g.getAttribute('transform')).join()"
                        + " + [...document.querySelectorAll('.l-limb')].map(l => l.getAttribute('d')).join()"));
    }

    @Test
    void playingRunsByItselfAndKeysScrub() {
        page.navigate(open(RunningApp.demo("upper-station.json")) + "?select=car&view=front");
        String rest = state();
        page.keyboard().press("p");
        page.waitForCondition(() -> !state().equals(rest));
        page.keyboard().press("p");
        assertThat(page.locator(".play")).hasAttribute("aria-pressed", "false");
        page.locator("#scrub").focus();
        page.keyboard().press("Home");
        assertThat(page.locator("#scrub-at")).hasText("0 in");
        page.keyboard().press("End");
        assertThat(page.locator("#scrub-at")).hasText("3 1/2 in");
        assertThat(page.locator(".beside.round figcaption")).containsText("Tightest place: 1.0 mm");
        assertThat(page.locator(".reads")).containsText("Will not jam");
    }

    /** A newcomer: slim card, shaker window, rider on a slanted slot, in under ten actions. */
    @Test
    void aShakerAndARiderInUnderTenActions() {
        page.navigate(app.address());
        int actions = 0;
        page.locator(".bar a", new Page.LocatorOptions().setHasText("New card")).click();
        actions++;
        page.getByText("Make the card").click();
        actions++;
        actions += add("Shaker");
        actions += add("Slider");
        field("Rise").fill("1 1/2");
        actions++;
        field("Run across").fill("1");
        actions++;
        assertThat(page.locator("#draw")).containsText("slot");
        assertThat(page.locator(".finds .f.mend")).hasCount(0);
        assertThat(page.locator(".stackdwg a.ly[data-select=shaker]").first()).isAttached();
        assertThat(actions).isLessThan(10);
    }

    private int add(String title) {
        page.getByText("+ Add").click();
        page.locator("#add form button b")
                .getByText(title, new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.locator("#add")).not().hasAttribute("open", "");
        return 2;
    }

    /** Three demo cards, each with its own feature taken off and added anew. */
    @Test
    void featuresAreAddedFromScratch() {
        for (String[] each : new String[][] {
            {"turntable.json", "wheel", "Wheel"},
            {"upper-station.json", "car", "Slider"},
            {"guards-door.json", "door", "Door"}
        }) {
            page.navigate(open(RunningApp.demo(each[0])) + "?select=" + each[1] + "&view=front");
            page.getByText("Remove", new Page.GetByTextOptions().setExact(true)).click();
            assertThat(page.locator("a[data-select=" + each[1] + "]")).hasCount(0);
            add(each[2]);
            assertThat(page.locator(".sel h2")).containsText(each[2].equals("Slider") ? "Rider" : each[2]);
            assertThat(page.locator("#scrub")).isVisible();
            assertThat(page.locator(".finds > .f.mend")).hasCount(0);
        }
    }

    @Test
    void aPieceIsDraggedAndNudged() {
        page.navigate(open(RunningApp.demo("luggage-label.json")) + "?select=trunk&view=front");
        var box = page.locator(".main-dwg a[data-select=trunk] path").first().boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 3);
        page.mouse().down();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 3 + 30);
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 3 + 60);
        page.mouse().up();
        assertThat(page.locator("#undo button")).isEnabled();
        double dragged = Double.parseDouble(field("Middle, from the foot").inputValue());
        assertThat(dragged).isBetween(20.0, 48.0);
        page.locator(".bar").click();
        page.keyboard().press("ArrowUp");
        assertThat(page.locator("#undo button")).isEnabled();
        assertThat(field("Middle, from the foot"))
                .hasValue(String.valueOf(dragged).replaceAll("\\.0$", ""));
        page.locator("#drawing").focus();
        page.keyboard().press("ArrowUp");
        assertThat(field("Middle, from the foot")).not().hasValue(String.valueOf(dragged));
        page.keyboard().press("Shift+ArrowRight");
        assertThat(field("Middle, from the left")).hasValue("30.1");
        page.keyboard().press("Control+z");
        assertThat(field("Middle, from the left")).hasValue("30");
    }

    @Test
    void piecesAreLinedUpAndCopied() {
        CardSpec label = RunningApp.demo("luggage-label.json");
        var other = app.cards().create(RunningApp.demo("cable-drum.json"), "test");
        page.navigate(open(label) + "?select=trunk&view=front");
        field("Middle, from the left").fill("25");
        assertThat(page.locator("#undo button")).isEnabled();
        page.getByText("↔ middle").click();
        assertThat(field("Middle, from the left")).hasValue("30");
        page.getByText("Copy to").click();
        page.locator(".line-up .pop button", new Page.LocatorOptions().setHasText("Cable Drum"))
                .last()
                .click();
        assertThat(page.locator("#notice")).containsText("Copied to Cable Drum");
        assertThat(app.cards().load(other.id()).spec().piece(new Id("motif"))).isPresent();
    }

    @Test
    void nonsenseIsSaidAndThePageStaysUsable() {
        page.navigate(open(RunningApp.demo("upper-station.json")) + "?select=car&view=front");
        field("Run across").fill("0");
        field("Rise").fill("0");
        assertThat(page.locator(".finds > .f.mend").first()).containsText("nowhere to go");
        page.locator("select[id=f-car-path]").selectOption("legs");
        assertThat(field("Legs, across and up")).isVisible();
        field("Legs, across and up").fill("up the hill");
        assertThat(page.locator(".finds")).containsText("can’t be read");
        page.reload();
        assertThat(field("Legs, across and up")).hasValue("up the hill");
        page.getByLabel("Undo").click();
        assertThat(page.locator(".finds")).not().containsText("can’t be read");
    }
}
