package dev.schachtel.app;

import java.util.List;

import org.junit.jupiter.api.Test;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;

import dev.schachtel.app.run.DemoBuilds;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** A spoiled sheet is pointed at, and what may save it is worked out: from the card, and from a build in the log. */
class RescueBrowserTest extends InBrowser {
    private static final String ANEW = Long.toString(System.nanoTime(), 36);

    RescueBrowserTest(RunningApp app) {
        super(app);
    }

    private StoredCard card(String name) {
        return app.cards()
                .create(
                        CardEdit.of(RunningApp.demo("upper-station.json"))
                                .set(new Id("card"), "name", name + " " + ANEW),
                        "test");
    }

    @Test
    void aSpotAtTheEdgeIsTrimmedAway() {
        page.navigate(app.address() + "/cards/" + card("Rescued").id() + "/rescue");
        Locator svg = page.locator("[data-spot] svg");
        BoundingBox box = svg.boundingBox();
        double wide = number(svg, "width");
        double drawn = Math.min(box.width / wide, box.height / number(svg, "height"));
        double left = box.x + (box.width - wide * drawn) / 2 + number(svg, "data-left") * drawn;
        page.mouse().click(left + 6 * number(svg, "data-scale") * drawn, box.y + box.height / 2);
        page.waitForURL(u -> u.contains("across="));
        double across = Double.parseDouble(page.url().replaceAll(".*across=([\\d.]+).*", "$1"));
        assertThat(across).isCloseTo(6, within(0.3));
        assertThat(page.locator(".answer")).containsText("Front panel");
        assertThat(page.locator(".answer")).containsText("off each side");
        page.getByLabel("Spot, across").fill("9 in");
        page.keyboard().press("Enter");
        assertThat(page.locator(".notice")).containsText("on no sheet of that piece");
        page.getByLabel("Spot, across").fill("somewhere");
        page.keyboard().press("Enter");
        assertThat(page.locator("body")).containsText("can’t be done");
    }

    private static double number(Locator svg, String attribute) {
        return Double.parseDouble(svg.getAttribute(attribute));
    }

    @Test
    void aBuildOfTheLogIsHelpedToo() {
        app.bean(DemoBuilds.class)
                .record(
                        List.of(new DemoBuilds.Past(card("Spoiled"), 1, "It tore.")),
                        app.bean(Workshops.class).now());
        page.navigate(app.address() + "/log?sought=spoiled+" + ANEW);
        page.getByText("What may help").click();
        page.locator("a", new Page.LocatorOptions().setHasText("Work out what covers the spot"))
                .click();
        page.waitForURL("**/rescue");
        assertThat(page.locator("h1")).containsText("Save a spoiled “Spoiled " + ANEW + "”");
        page.getByLabel("How large it is").fill("4 mm");
        page.getByLabel("Spot, up").fill("2 in");
        page.keyboard().press("Enter");
        page.waitForURL("**size=4*");
        assertThat(page.locator(".answer .ways-out li").count()).isPositive();
    }
}
