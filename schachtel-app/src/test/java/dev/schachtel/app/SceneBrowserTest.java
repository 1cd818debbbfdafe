package dev.schachtel.app;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Element;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Motif;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.measure.Length;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

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
        Locator version = page.locator("#seen [name=version]");
        String before = version.getAttribute("value");
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        page.mouse().move(box.x + box.width / 2 - 30, box.y + box.height / 2 - 20, new Mouse.MoveOptions().setSteps(4));
        assertThat(page.locator("[data-held]")).containsText("Stands out 0.");
        page.waitForResponse("**/decorate/move*", () -> page.mouse().up());
        assertThat(version).not().hasAttribute("value", before);
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

    /** Dropped a millimetre beside the middle its box lies in the middle; with Alt held it lies where it was dropped. */
    @Test
    void whatIsDraggedSnapsUnlessItIsHeldOff() {
        tile("Moon").click();
        assertThat(page.locator(".acts h2")).hasText("Moon");
        double middle = 4.25 * 25.4 / 2;
        dragToTheMiddle(1, true);
        assertThat(across()).isCloseTo(middle + 1, within(0.4));
        dragToTheMiddle(-1, false);
        assertThat(across()).isCloseTo(middle, within(0.1));
    }

    private double across() {
        return pictures().get(0).across().nanometres() / 1e6;
    }

    /** To so many millimetres right of the face's middle. */
    private void dragToTheMiddle(double beside, boolean held) {
        Locator svg = page.locator("#drawing svg");
        double scale = Double.parseDouble(svg.getAttribute("data-scale"))
                * ((Number) svg.evaluate("s => s.getScreenCTM().a")).doubleValue();
        double by = (4.25 * 25.4 / 2 + beside - across()) * scale;
        BoundingBox box = page.locator(
                        "#drawing a[data-select=" + pictures().get(0).id() + "]")
                .first()
                .boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        if (held) {
            page.keyboard().down("Alt");
        }
        page.mouse().move(box.x + box.width / 2 + by, box.y + box.height / 2, new Mouse.MoveOptions().setSteps(4));
        assertThat(page.locator(".snap-line")).hasCount(held ? 0 : 1);
        page.waitForResponse("**/decorate/move*", () -> page.mouse().up());
        page.keyboard().up("Alt");
        calm();
        assertThat(page.locator(".snap-line")).hasCount(0);
    }

    @Test
    void wordsAreThereLast() {
        for (String name : List.of("Goat", "Cloud")) {
            tile(name).click();
            assertThat(tile(name)).containsText("1 placed");
        }
        int before = app.cards().load(card).spec().elements().size();
        page.getByText("Put words where there is room").click();
        page.waitForCondition(() -> app.cards().load(card).spec().elements().size() == before + 1);
        assertThat(page.locator("#drawing a[data-select=sentiment]").first()).isAttached();
        assertThat(page.locator(".told .mend")).hasCount(0);
    }

    /** A piece goes under the edge of another, which is drawn and can be undone. */
    @Test
    void aPieceIsTuckedIn() {
        long whole =
                app.cards().create(RunningApp.whole("turntable.json"), "test").id();
        page.navigate(app.address() + "/cards/" + whole + "/decorate?select=goat-1");
        Locator grass = page.locator(".tucks [name=under]");
        assertThat(grass).hasText("Grass strip");
        assertThat(grass).hasAttribute("aria-pressed", "false");
        grass.click();
        assertThat(grass).hasAttribute("aria-pressed", "true");
        assertThat(app.cards().load(whole).spec().isTucked(new Id("goat-1"), new Id("grass-strip-1")))
                .isTrue();
        page.locator("#undo button").click();
        assertThat(grass).hasAttribute("aria-pressed", "false");
        page.navigate(app.address() + "/cards/" + whole + "/build");
        assertThat(page.locator("main")).containsText("Slip the tall tree under the edge of the grass strip");
    }

    /** The inside has a scene of its own, and room to write. */
    @Test
    void theInsideHasAScene() {
        page.locator(".faces").getByText("Liner").click();
        tile("Goat").click();
        assertThat(tile("Goat")).containsText("1 placed");
        assertThat(fact("Room to write")).isVisible();
        assertThat(page.locator(".faces [aria-current]")).hasText("Liner");
        assertThat(pictures().get(0).on().value()).isEqualTo("liner");
    }

    private static int wide(Locator photo) {
        return ((Number) photo.evaluate("image => image.naturalWidth")).intValue();
    }

    @Test
    void aPhotoOfTheLayoutIsKept() throws IOException {
        tile("Goat").click();
        assertThat(tile("Goat")).containsText("1 placed");
        BufferedImage image = new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB);
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(image, "png", png);
        Locator photo = page.locator(".photo img");
        page.locator(".keeps [data-send]").setInputFiles(new FilePayload("layout.png", "image/png", png.toByteArray()));
        assertThat(photo).isVisible();
        page.waitForCondition(() -> wide(photo) == 60);
        String before = photo.getAttribute("src");
        page.getByText("Turn the photo").click();
        assertThat(photo).not().hasAttribute("src", before);
        page.waitForCondition(() -> wide(photo) == 40);
        page.locator(".keeps [data-send]")
                .setInputFiles(new FilePayload("layout.png", "image/png", "no photo".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.locator("body")).containsText("must be a JPEG or PNG file");
        page.navigate(app.address() + "/cards/" + card + "/decorate");
        assertThat(photo).isVisible();
        page.getByText("Remove it").click();
        assertThat(photo).hasCount(0);
    }

    private void read(String inside) {
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' width='20mm' height='10mm' viewBox='0 0 20 10'>" + inside
                + "</svg>";
        calm();
        page.locator(".pbox [data-send]")
                .setInputFiles(new FilePayload("hut.svg", "image/svg+xml", svg.getBytes(StandardCharsets.UTF_8)));
        page.waitForLoadState();
    }
}
