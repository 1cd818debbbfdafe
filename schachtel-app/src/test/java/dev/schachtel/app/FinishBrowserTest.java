package dev.schachtel.app;

import org.junit.jupiter.api.Test;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

import dev.schachtel.core.card.Gems;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** Small finish: gems are stuck on, counted and kept; a mask keeps a moon free of ink. */
class FinishBrowserTest extends InBrowser {
    FinishBrowserTest(RunningApp app) {
        super(app);
    }

    private long card() {
        return app.cards()
                .create(
                        CardEdit.of(RunningApp.demo("viaduct.json")).set(new Id("card"), "name", "Viaduct to finish"),
                        "test")
                .id();
    }

    private void add(String what) {
        page.locator("summary", new Page.LocatorOptions().setHasText("Add"))
                .first()
                .click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(what))
                .first()
                .click();
    }

    /** Add gems, ask for more than there are, take the remedy, say how many are left in the stock, and come back. */
    @Test
    void gemsAreCounted() {
        long card = card();
        page.navigate(app.address() + "/cards/" + card + "/structure");
        add("Gems and pearls");
        field("How many").fill("13");
        field("How many").press("Enter");
        assertThat(page.locator("body")).containsText("The cards take 52 of");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Stick on 12"))
                .first()
                .click();
        assertThat(field("How many")).hasValue("12");
        field("How many").fill("a lot");
        field("How many").press("Enter");
        assertThat(page.locator("body")).containsText("whole number");
        page.reload();
        Gems gems = (Gems) app.cards().load(card).spec().piece(new Id("gems")).orElseThrow();
        org.assertj.core.api.Assertions.assertThat(gems.count()).isEqualTo(12);
        page.navigate(app.address() + "/stock?part=sheets&pick=gems-4");
        assertThat(page.locator(".picked").first()).containsText("stand");
        page.goBack();
        assertThat(page.locator("h1")).containsText("Viaduct to finish");
    }

    /** The mask of the demo card is a part with a letter; it is laid on and peeled off in the plan. */
    @Test
    void aMaskIsLaidOnAndPeeledOff() {
        long card = card();
        page.navigate(app.address() + "/cards/" + card + "/build");
        assertThat(page.locator(".steps")).containsText("Lay the mask on the mat");
        assertThat(page.locator(".steps")).containsText("Peel the mask off the mat");
        page.navigate(app.address() + "/cards/" + card + "/cut");
        assertThat(page.locator("body")).containsText("masking paper");
    }
}
