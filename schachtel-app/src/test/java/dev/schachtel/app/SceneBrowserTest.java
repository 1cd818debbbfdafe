package dev.schachtel.app;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Element;
import dev.schachtel.core.card.Motif;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.measure.Length;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

/** A scene made with real tasks: by mouse, by keys, from files, and laid out anew. */
class SceneBrowserTest extends InBrowser {
    private long card;

    SceneBrowserTest(RunningApp app) {
        super(app);
    }

    @BeforeEach
    void open() {
        card = app.cards().create(RunningApp.demo("turntable.json"), "test").id();
        page.navigate(app.address() + "/cards/" + card + "/decorate");
    }

    private List<Motif> pictures() {
        CardSpec spec = app.cards().load(card).spec();
        return spec.elements().stream()
                .filter(e -> e instanceof Motif m && m.shape() instanceof Opening.Pictured)
                .map((Element e) -> (Motif) e)
                .toList();
    }

    private Locator tile(String name) {
        return page.locator("[data-pick]").filter(new Locator.FilterOptions().setHasText(name));
    }

    private Locator fact(String words) {
        return page.locator(".told li").filter(new Locator.FilterOptions().setHasText(words));
    }

    private void act(String name) {
        Locator version = page.locator("#seen [name=version]");
        String before = version.getAttribute("value");
        page.locator(".acts").getByText(name).click();
        assertThat(version).not().hasAttribute("value", before);
    }

    /** Two trees, and what is said of two; a third where there is room; one dragged, mirrored, raised, taken away. */
    @Test
    void byMouse() {
        tile("Small tree").click();
        assertThat(tile("Small tree")).containsText("1 placed");
        tile("Small tree").click();
        assertThat(fact("2 of “Small tree”")).containsText("Odd numbers read as a group.");
        fact("2 of “Small tree”").getByText("Add one").click();
        assertThat(tile("Small tree")).containsText("3 placed");
        assertThat(fact("2 of “Small tree”")).hasCount(0);
        Motif last = pictures().get(2);
        page.navigate(app.address() + "/cards/" + card + "/decorate?select=" + last.id());
        Locator drawn =
                page.locator("#drawing a[data-select=" + last.id() + "]").first();
        BoundingBox box = drawn.boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        page.mouse()
                .move(
                        box.x + box.width / 2 - 30,
                        box.y + box.height / 2 - 20,
                        new com.microsoft.playwright.Mouse.MoveOptions().setSteps(4));
        page.waitForResponse("**/decorate/move*", () -> page.mouse().up());
        assertThat(page.locator("#undo button")).isEnabled();
        Motif moved = pictures().get(2);
        assertThat(moved.across()).isLessThan(last.across());
        assertThat(moved.up()).isGreaterThan(last.up());
        act("Turn round");
        act("Raise on foam");
        assertThat(page.locator(".under")).containsText("Small tree");
        assertThat(pictures().get(2).mirrored()).isTrue();
        act("Remove");
        assertThat(tile("Small tree")).containsText("2 placed");
        page.locator("#undo button").click();
        assertThat(tile("Small tree")).containsText("3 placed");
        page.reload();
        assertThat(tile("Small tree")).containsText("3 placed");
    }

    /** What is sought stays sought after a change; the rest is hidden, not gone. */
    @Test
    void aPictureIsFoundInTheBox() {
        assertThat(tile("Goat")).isVisible();
        page.getByLabel("Find a picture in the box").fill("tree");
        assertThat(tile("Goat")).isHidden();
        assertThat(page.locator(".pics li:visible")).hasCount(2);
        tile("Tall tree").click();
        assertThat(tile("Tall tree")).containsText("1 placed");
        assertThat(tile("Goat")).isHidden();
        page.getByLabel("Find a picture in the box").fill("");
        assertThat(tile("Goat")).isVisible();
    }

    /** What is typed about a picture is kept for all cards. */
    @Test
    void aPictureIsChanged() {
        page.navigate(app.address() + "/cards/" + card + "/decorate?pick=bench");
        Locator name = page.locator(".about input[name=value]").first();
        name.fill("Long bench");
        name.press("Enter");
        assertThat(tile("Long bench")).isVisible();
        page.locator(".about").getByLabel("Looks to the").selectOption("left");
        assertThat(page.locator(".about").getByLabel("Looks to the")).hasValue("left");
        page.reload();
        assertThat(tile("Long bench")).isVisible();
        assertThat(page.locator(".about input[name=value]").first()).hasValue("Long bench");
    }

    @Test
    void aPictureIsDraggedOntoTheCard() {
        Locator to = page.locator("#drawing svg");
        tile("Moon")
                .dragTo(
                        to,
                        new Locator.DragToOptions()
                                .setTargetPosition(to.boundingBox().width / 2, to.boundingBox().height * 0.8));
        assertThat(tile("Moon")).containsText("1 placed");
        Motif moon = pictures().get(0);
        assertThat(moon.up().compareTo(Length.ofMillimetres(50))).isNegative();
        assertThat(moon.across().minus(Length.ofMillimetres(54)).abs()).isLessThan(Length.ofMillimetres(2));
    }

    /** From the scene to the piece in numbers, and back to the scene with it chosen. */
    @Test
    void structureAndSceneLeadToEachOther() {
        tile("Goat").click();
        assertThat(page.locator(".acts h2")).hasText("Goat");
        page.getByText("Card, size and place in numbers").click();
        page.waitForURL("**/structure**");
        assertThat(field("Picture")).hasValue("goat");
        page.getByText("Lay it out in the scene").click();
        page.waitForURL("**/decorate**");
        assertThat(page.locator(".acts h2")).hasText("Goat");
    }

    @Test
    void byKeys() {
        tile("Goat").focus();
        page.keyboard().press("Enter");
        assertThat(tile("Goat")).containsText("1 placed");
        Motif before = pictures().get(0);
        page.locator("#drawing").focus();
        page.waitForResponse("**/decorate/move*", () -> page.keyboard().press("ArrowLeft"));
        assertThat(page.locator("#drawing")).isFocused();
        page.waitForResponse("**/decorate/move*", () -> page.keyboard().press("ArrowUp"));
        Motif after = pictures().get(0);
        assertThat(after.across()).isLessThan(before.across());
        assertThat(after.up()).isGreaterThan(before.up());
        page.locator(".acts").getByText("Larger").focus();
        page.keyboard().press("Enter");
        page.waitForCondition(
                () -> pictures().get(0).shape().width().isAbove(after.shape().width()));
        assertThat(page.locator(".acts").getByText("Larger")).isFocused();
    }

    @Test
    void anotherLayoutIsTakenWithOneClickAndGivenBack() {
        for (String name : List.of("Goat", "Cloud", "Kestrel", "Milk churn")) {
            tile(name).click();
            assertThat(tile(name)).containsText("1 placed");
        }
        List<Motif> before = pictures();
        Locator others = page.locator(".layouts button");
        assertThat(others.first()).isVisible();
        assertThat(others.count()).isGreaterThan(1);
        others.last().click();
        assertThat(page.locator("#undo button")).hasAttribute("title", "Undo (Ctrl Z)");
        page.waitForCondition(() -> !pictures().equals(before));
        page.locator("#undo button").click();
        page.waitForCondition(() -> pictures().equals(before));
        Page.WaitForDownloadOptions soon = new Page.WaitForDownloadOptions();
        String name = page.waitForDownload(
                        soon, () -> page.getByText("Placement sheet, PDF").click())
                .suggestedFilename();
        assertThat(name).endsWith(".pdf");
    }

    @Test
    void aPictureComesFromAFileOrIsRefusedInWords() {
        read("<path id='roof' fill='#7b3f5e' d='M0 10L10 0 20 10Z'/>");
        assertThat(tile("hut")).isVisible();
        assertThat(page.locator(".is-picked")).containsText("hut");
        tile("hut").click();
        assertThat(tile("hut")).containsText("1 placed");
        read("<script>alert(1)</script>");
        assertThat(page.locator("body")).containsText("scripts, pictures and references are not read");
        assertThat(app.post("/cards/" + card + "/decorate/put", Map.of("pick", "nothing-of-this"))
                        .statusCode())
                .isEqualTo(422);
    }

    private void read(String inside) {
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' width='20mm' height='10mm' viewBox='0 0 20 10'>" + inside
                + "</svg>";
        page.locator("[data-send]")
                .setInputFiles(new FilePayload("hut.svg", "image/svg+xml", svg.getBytes(StandardCharsets.UTF_8)));
        page.waitForLoadState();
    }
}
