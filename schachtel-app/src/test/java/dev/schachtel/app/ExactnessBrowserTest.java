package dev.schachtel.app;

import java.util.List;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.house.HouseRules.Placing;
import dev.schachtel.core.material.Method;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

/** Pieces are measured, and what follows from it; how many cards come out well, and what helps. */
class ExactnessBrowserTest extends InBrowser {
    private static final String ANEW = " " + Long.toString(System.nanoTime(), 36);

    ExactnessBrowserTest(RunningApp app) {
        super(app);
    }

    @AfterEach
    void byTheBook() {
        app.bean(Workshops.class).change(w -> w.measuring(List.of())
                .with(w.techniques(), w.house().with(Placing.BY_EYE))
                .with(w.sheets(), w.rolls(), w.tools().offset(false)));
    }

    private StoredCard card(String file, String name) {
        return app.cards().create(CardEdit.of(RunningApp.demo(file)).set(new Id("card"), "name", name + ANEW), "test");
    }

    private void press(String name) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name))
                .first()
                .click();
    }

    /** By keys alone, then by the big digits; inches are asked back; the stop is set by what was learned. */
    @Test
    void tenPiecesAreMeasured() {
        page.navigate(app.address() + "/log/measure");
        for (int i = 0; i < 7; i++) {
            page.keyboard().type("100.4");
            page.keyboard().press("Enter");
            assertThat(page.locator("#piece-t")).containsText("Piece " + (i + 2));
        }
        for (String digit : List.of("3", ".", "9", "4")) {
            press(digit);
        }
        press("Put it down");
        assertThat(page.locator(".doubt")).containsText("“3.94” is 96.06 mm less than the 100 asked for");
        press("I meant 3.94 in");
        assertThat(page.locator("#piece-t")).hasText("Piece 9 of 10");
        assertThat(page.locator(".doubt")).hasCount(0);
        assertThat(page.locator(".bias")).containsText("Your trimmer cuts");
        press("Set the stop so in every program");
        assertThat(page.locator(".bias")).containsText("shorter than the piece");
        StoredCard sign = card("platform-sign.json", "Sign cut exactly");
        page.navigate(app.address() + "/cards/" + sign.id() + "/cut?stroke=1");
        assertThat(page.locator("#program .stop").first()).containsText("set it at");
        page.navigate(app.address() + "/log");
        assertThat(page.locator(".learned")).containsText("too long");
        assertThat(app.bean(Workshops.class).now().accuracy(Method.TRIMMER).count())
                .isEqualTo(8);
        page.navigate(app.address() + "/log/measure");
        press("Take the last piece back");
        assertThat(page.locator("#piece-t")).hasText("Piece 8 of 10");
        press("Forget them all");
        assertThat(page.locator("#piece-t")).hasText("Piece 1 of 10");
        assertThat(page.getByText("Take the last piece back")).hasCount(0);
    }

    /** The structure says how many cards come out well; what helps is taken, and then it is so. */
    @Test
    void whatHelpsIsTaken() {
        StoredCard card = card("turntable.json", "Turntable made surely");
        page.navigate(app.address() + "/cards/" + card.id() + "/structure?select=panel");
        assertThat(page.locator("#surely")).containsText("laid by eye");
        assertThat(page.locator("#surely .fits")).hasCount(2);
        int before = shareOf("looks even");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Lay pieces against strips"))
                .click();
        assertThat(page.locator("#surely")).containsText("laid against strips");
        assertThat(shareOf("looks even")).isGreaterThan(before + 40);
        page.reload();
        assertThat(page.locator("#surely")).containsText("laid against strips");
    }

    /** What a piece is stuck with is chosen among what holds; the other pieces and the steps follow. */
    @Test
    void anotherGlueIsTaken() {
        StoredCard card = card("turntable.json", "Turntable stuck well");
        page.navigate(app.address() + "/cards/" + card.id() + "/structure?select=liner");
        assertThat(page.locator("#held .is-now")).containsText("double-sided tape");
        assertThat(page.locator("#held")).containsText("cockles thin paper");
        for (String what : List.of("land", "glue")) {
            assertThat((Boolean) page.locator("#held svg")
                            .evaluate(
                                    "(svg, what) => { const v = svg.viewBox.baseVal, b = svg.querySelector('.' + what).getBBox();"
                                            + " return b.width > 0 && b.x >= 0 && b.y >= 0 && b.x + b.width <= v.width && b.y + b.height <= v.height; }",
                                    what))
                    .as("drawn whole: " + what)
                    .isTrue();
        }
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take gel glue"))
                .click();
        assertThat(page.locator("#held .is-now")).containsText("gel glue");
        assertThat(app.cards().load(card.id()).spec().layers().toString()).contains("gel");
        page.navigate(app.address() + "/cards/" + card.id() + "/structure?select=window");
        assertThat(page.locator("#held li")).hasCount(0);
    }

    private int shareOf(String fit) {
        return Integer.parseInt(page.locator("#surely .fits li", new Page.LocatorOptions().setHasText(fit))
                .first()
                .locator(".of-100 b")
                .textContent());
    }
}
