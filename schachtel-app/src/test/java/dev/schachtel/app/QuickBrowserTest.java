package dev.schachtel.app;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;

import com.microsoft.playwright.Locator;

import dev.schachtel.app.store.Change;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Treatment;
import dev.schachtel.core.edit.CardEdit;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

/** Changes faster than their answers. */
class QuickBrowserTest extends InBrowser {
    private static final String SET =
            """
            changes => changes.forEach(([name, value]) => {
              const form = [...document.querySelectorAll(".de form.par")].find(f => f.elements.component.value === name);
              form.elements.value.value = value;
              form.elements.value.dispatchEvent(new Event("change", { bubbles: true }));
            })""";

    QuickBrowserTest(RunningApp app) {
        super(app);
    }

    private StoredCard card() {
        return app.cards().create(RunningApp.whole("viaduct.json"), "test");
    }

    /** The work that dries so many minutes by now. */
    private Optional<Treatment> drying(StoredCard card, int minutes) {
        return app.cards().load(card.id()).spec().elements().stream()
                .filter(Treatment.class::isInstance)
                .map(Treatment.class::cast)
                .filter(t -> t.drying() == minutes)
                .findFirst();
    }

    /** One window never gets in its own way: three changes before the first is answered are three changes. */
    @Test
    void threeChangesAtOnceAreAllKept() {
        StoredCard card = card();
        page.navigate(app.address() + "/cards/" + card.id() + "/decorate/surfaces");
        calm();
        page.evaluate(SET, List.of(List.of("words", "one"), List.of("seconds", "71"), List.of("drying", "17")));
        page.waitForCondition(() -> drying(card, 17).isPresent());
        assertThat(drying(card, 17).orElseThrow().words()).isEqualTo("one");
        assertThat(drying(card, 17).orElseThrow().seconds()).isEqualTo(71);
        assertThat(page.locator("#notice")).isEmpty();
    }

    /** What was refused is read although what was typed after it is taken. */
    @Test
    void aRefusalStaysUntilItIsRead() {
        StoredCard card = card();
        page.navigate(app.address() + "/cards/" + card.id() + "/decorate/surfaces");
        calm();
        page.evaluate(SET, List.of(List.of("seconds", "-5"), List.of("drying", "18")));
        page.waitForCondition(() -> drying(card, 18).isPresent());
        calm();
        assertThat(page.locator("#notice")).containsText("0");
        page.evaluate(SET, List.of(List.of("drying", "19")));
        page.waitForCondition(() -> drying(card, 19).isPresent());
        assertThat(page.locator("#notice")).isEmpty();
    }

    /** Another window's change is told at the foot of the page; the drawing stays in sight. */
    @Test
    void whatIsChangedElsewhereCoversNothing() {
        StoredCard card = card();
        page.navigate(app.address() + "/cards/" + card.id() + "/decorate/surfaces");
        app.cards()
                .change(new Change(
                        card.id(),
                        card.version(),
                        card.revision(),
                        new Change.By("elsewhere", "another"),
                        s -> CardEdit.of(s).set(new Id("brief"), "cards", "3")));
        page.evaluate(SET, List.of(List.of("drying", "20")));
        Locator strip = page.locator("#notice.notice");
        assertThat(strip).containsText("Changed elsewhere");
        assertThat(strip.boundingBox().y).isGreaterThan(700);
        assertThat(drying(card, 20)).isEmpty();
    }

    /** Enter in a field is one change: else the second answer would go over what is typed into the field by then. */
    @Test
    void enterIsOneChange() {
        List<String> posts = new ArrayList<>();
        page.navigate(app.address() + "/stock/colours");
        page.locator("#shade-plum").click();
        Locator colour = page.locator("#s-colour");
        String before = colour.inputValue();
        page.onRequest(r -> {
            if (r.method().equals("POST")) {
                posts.add(r.url());
            }
        });
        colour.fill("#7a4664");
        colour.press("Enter");
        assertThat(colour).hasValue("#7a4664");
        calm();
        assertThat(posts).hasSize(1);
        colour.fill(before);
        colour.press("Enter");
        assertThat(colour).hasValue(before);
        calm();
        assertThat(posts).hasSize(2);
    }

    /** What is drawn anew by itself waits until the menu is shut that somebody opened there. */
    @Test
    void anOpenMenuStaysOpen() {
        page.navigate(app.address() + "/");
        calm();
        page.getByText("Add an occasion").click();
        assertThat(page.locator(".occasion-in [name=who]")).isVisible();
        page.evaluate(
                """
                () => {
                  const main = document.getElementById("main");
                  main.dataset.old = "true";
                  const later = document.createElement("i");
                  later.id = "looks-again";
                  for (const [name, value] of Object.entries({ "data-later": "", "hx-get": "/", "hx-trigger": "load, again",
                    "hx-target": "#main", "hx-select": "#main", "hx-swap": "outerHTML" })) later.setAttribute(name, value);
                  main.append(later);
                  htmx.process(later);
                }""");
        page.waitForResponse(
                r -> r.url().endsWith("/"), () -> page.evaluate("() => htmx.trigger('#looks-again', 'again')"));
        calm();
        assertThat(page.locator("#main[data-old]")).hasCount(1);
        assertThat(page.locator(".occasion-in [name=who]")).isVisible();
        page.getByText("Add an occasion").click();
        assertThat(page.locator("#main[data-old]")).hasCount(0);
    }
}
