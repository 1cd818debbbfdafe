package dev.schachtel.app;

import org.junit.jupiter.api.Test;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Colouring;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.colour.Light;
import dev.schachtel.core.edit.CardEdit;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

/** Colouring the pictures of a card by hand, from the page. */
class ColoursBrowserTest extends InBrowser {
    private static final String FEWER = "Fewer pens, where two nearly do the same";

    ColoursBrowserTest(RunningApp app) {
        super(app);
    }

    /** A card with pictures that nobody colours yet. */
    private long plain() {
        CardSpec spec = CardEdit.of(RunningApp.whole("cable-drum.json")).remove(new Id("colouring"));
        spec = CardEdit.of(spec).set(new Id("card"), "name", "Drum to colour");
        return app.cards().create(spec, "test").id();
    }

    private Colouring colouring(long card) {
        return app.cards().load(card).spec().elements().stream()
                .filter(Colouring.class::isInstance)
                .map(Colouring.class::cast)
                .findFirst()
                .orElseThrow();
    }

    private Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private Locator row(String title) {
        return page.locator(".rows li")
                .filter(new Locator.FilterOptions().setHasText(title))
                .first();
    }

    /** Begin, choose an area, turn the light, look with other eyes, go to the bench plan, come back; then all as printed again. */
    @Test
    void theWholeTaskByMouse() {
        long card = plain();
        page.navigate(app.address() + "/cards/" + card + "/decorate");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Colours"))
                .click();
        button("Colour the pictures by hand").click();
        assertThat(page.locator(".recipes header")).containsText("pens");
        row("Kestrel").locator("a").click();
        assertThat(page.locator(".map h2")).containsText("Kestrel");
        assertThat(page.locator(".strokes li").first()).containsText("1 ");
        button("left").click();
        assertThat(button("left")).hasAttribute("aria-current", "true");
        assertThat(colouring(card).light()).isEqualTo(Light.LEFT);
        page.getByText("no green").click();
        assertThat(page.locator(".map > .pic svg").first()).hasCSS("filter", "url(\"#sight-no-green\")");
        field("With").selectOption("pencil");
        assertThat(row("Kestrel")).containsText("plum");
        page.locator(".strip a", new Page.LocatorOptions().setHasText("Build")).click();
        assertThat(page.locator(".steps")).containsText("Colour the pictures with “plum”");
        page.goBack();
        assertThat(page.locator(".recipes")).containsText("light first");
        page.reload();
        assertThat(button("left")).hasAttribute("aria-current", "true");
        button("Take their colours as printed").click();
        assertThat(button("Colour the pictures by hand")).isVisible();
        button("Undo").click();
        assertThat(page.locator(".recipes header")).containsText("pens");
    }

    /** Tab, Enter, arrows: the same without a mouse. */
    @Test
    void theSameByKeys() {
        long card = plain();
        page.navigate(app.address() + "/cards/" + card + "/decorate/colours");
        button("Colour the pictures by hand").focus();
        page.keyboard().press("Enter");
        assertThat(page.locator(".recipes header")).containsText("pens");
        button("above").focus();
        page.keyboard().press("Space");
        assertThat(button("above")).hasAttribute("aria-current", "true");
        assertThat(colouring(card).light()).isEqualTo(Light.ABOVE);
        row("Bunting").locator("a").focus();
        page.keyboard().press("Enter");
        assertThat(page.locator(".map h2")).containsText("Bunting");
        page.locator("#pick-sight-all").focus();
        page.keyboard().press("ArrowRight");
        assertThat(page.locator("#pick-sight-no-red")).isChecked();
    }

    @Test
    void nonsenseIsRefusedAndACardWithoutPicturesSaysSo() {
        long none = app.cards().create(RunningApp.demo("viaduct.json"), "test").id();
        page.navigate(app.address() + "/cards/" + none + "/decorate/colours?area=banana");
        assertThat(page.locator(".lead")).containsText("There is no picture on this card yet");
        page.navigate(app.address() + "/cards/" + plain() + "/decorate/colours?area=9999");
        assertThat(button("Colour the pictures by hand")).isVisible();
        assertThat(page.locator("h1")).hasText("Colours");
    }

    /** An area looks like a paper, then like a colour of its own, then as printed; fewer pens do; the drawer is lower afterwards. */
    @Test
    void anAreaLooksLikeSomethingElse() {
        long card = plain();
        page.navigate(app.address() + "/cards/" + card + "/decorate/colours");
        button("Colour the pictures by hand").click();
        row("Kestrel").locator("a").click();
        assertThat(page.locator(".map h2")).containsText("Kestrel");
        calm();
        String before = row("Kestrel").locator(".tones").textContent();
        page.waitForResponse(r -> r.url().contains("/decorate/colours?area="), () -> field("Should look")
                .selectOption("paper:moss-270"));
        assertThat(row("Kestrel").locator(".tones")).not().hasText(before);
        page.reload();
        assertThat(field("Should look")).hasValue("paper:moss-270");
        button("Undo").click();
        assertThat(field("Should look")).hasValue("");
        assertThat(row("Kestrel").locator(".tones")).hasText(before);
        page.waitForResponse(
                r -> r.url().endsWith("/decorate/colours"), () -> field(FEWER).selectOption("true"));
        assertThat(field(FEWER)).hasValue("true");
        assertThat(colouring(card).few()).isTrue();
        button("The cards are made. Update pens and glue.").click();
        assertThat(page.locator("h1")).hasText("Colours");
        assertThat(page.locator("#wishes")).containsText("All your cards together");
    }
}
