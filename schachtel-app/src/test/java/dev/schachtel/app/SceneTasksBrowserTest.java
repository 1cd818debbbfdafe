package dev.schachtel.app;

import java.util.List;

import org.junit.jupiter.api.Test;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Element;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Motif;
import dev.schachtel.core.card.Sentiment;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.scene.Room;
import dev.schachtel.core.shape.Point;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

/** Whole tasks on the scene: a first scene by somebody new, pieces lined up and locked, more layouts, a face that is gone. */
class SceneTasksBrowserTest extends InBrowser {
    private static final Workshop WORKSHOP = WorkshopFile.standard();

    SceneTasksBrowserTest(RunningApp app) {
        super(app);
    }

    private static CardSpec put(CardSpec spec, String on, String picture, double x, double y) {
        return Room.placed(
                spec,
                new Id(on),
                WORKSHOP.picture(new MaterialId(picture)).orElseThrow(),
                new Room.Put(new Point(x, y), 0.5, Room.card(WORKSHOP)));
    }

    private long create(CardSpec spec) {
        return app.cards().create(spec, "test").id();
    }

    private List<Motif> pieces(long card) {
        return app.cards().load(card).spec().elements().stream()
                .filter(Motif.class::isInstance)
                .map((Element e) -> (Motif) e)
                .toList();
    }

    private Locator button(String name) {
        return page.locator(".acts button", new Page.LocatorOptions().setHasText(name));
    }

    /** Clicks, and waits until the page shows the card after it. */
    private void does(Locator button) {
        Locator version = page.locator("#seen [name=version]");
        String before = version.getAttribute("value");
        button.click();
        assertThat(version).not().hasAttribute("value", before);
    }

    /** From the home page by what is written on it: a card with a panel, nine pictures, words, and nothing to mend. */
    @Test
    void somebodyNewMakesASceneOfNine() {
        page.navigate(app.address());
        page.locator(".bar a", new Page.LocatorOptions().setHasText("New card")).click();
        page.getByText("Make the card").click();
        int actions = 2;
        page.getByText("+ Add").click();
        page.locator("#add form button b")
                .getByText("Panel", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.locator(".sel h2")).containsText("Mat");
        page.locator(".strip a", new Page.LocatorOptions().setHasText("Decorate"))
                .click();
        assertThat(page.locator(".pics")).isVisible();
        actions += 3;
        for (String name : List.of(
                "Near hill",
                "Tall tree",
                "Small tree",
                "Tall tree",
                "Goat",
                "Cloud",
                "Kestrel",
                "Kestrel",
                "Kestrel")) {
            does(page.locator("[data-pick]").filter(new Locator.FilterOptions().setHasText(name)));
            actions++;
        }
        page.getByText("Put words where there is room").click();
        assertThat(page.locator(".told")).containsText("Room for the words");
        actions++;
        long card = Long.parseLong(page.url().replaceAll(".*/cards/(\\d+)/.*", "$1"));
        assertThat(pieces(card)).hasSize(9);
        assertThat(page.locator(".told li.mend")).hasCount(0);
        assertThat(actions).as("at half a minute each, eight minutes").isLessThan(16);
    }

    /** A picture for the back of the card: it is chosen there, lies flat, and has a step of its own. */
    @Test
    void theBackHasItsPictureToo() {
        long card = create(RunningApp.demo("timetable.json"));
        page.navigate(app.address() + "/cards/" + card + "/decorate?on=outside-back");
        does(page.locator("[data-pick]").filter(new Locator.FilterOptions().setHasText("Goat")));
        assertThat(page.locator(".drawing svg, #drawing svg").first()).isVisible();
        assertThat(button("Raise on foam")).hasCount(0);
        Motif goat = pieces(card).get(pieces(card).size() - 1);
        assertThat(goat.on()).isEqualTo(Id.OUTSIDE_BACK);
        does(button("Turn round"));
        assertThat(pieces(card).get(pieces(card).size() - 1).mirrored()).isTrue();
        page.locator(".strip a", new Page.LocatorOptions().setHasText("Build")).click();
        assertThat(page.locator(".steps")).containsText("Glue the goat behind the card base");
    }

    /** Three kestrels that may be one to five: layouts with more and with fewer are offered, and one is taken. */
    @Test
    void thereMayBeMoreOrFewer() {
        CardSpec spec = RunningApp.demo("turntable.json");
        int before = spec.elements().size();
        for (double[] at : new double[][] {{20, 100}, {40, 110}, {85, 90}}) {
            spec = put(spec, "panel", "kestrel", at[0], at[1]);
        }
        long card = create(spec);
        page.navigate(app.address() + "/cards/" + card + "/decorate?on=panel");
        Locator most = page.getByLabel("Kestrel, at most", new Page.GetByLabelOptions().setExact(true));
        most.fill("5");
        most.press("Tab");
        Locator more = page.locator(".layouts button", new Page.LocatorOptions().setHasText("2 more"));
        assertThat(more.first()).isVisible();
        assertThat(most).hasValue("5");
        does(more.first());
        assertThat(app.cards().load(card).spec().elements()).hasSize(before + 5);
        does(page.locator("#undo button").first());
        assertThat(app.cards().load(card).spec().elements()).hasSize(before + 3);
    }

    @Test
    void piecesAreLinedUpAndLocked() {
        CardSpec spec = RunningApp.demo("turntable.json");
        for (double[] at : new double[][] {{20, 100}, {40, 110}, {85, 90}}) {
            spec = put(spec, "panel", "kestrel", at[0], at[1]);
        }
        long card = create(spec);
        Motif first = pieces(card).get(0);
        page.navigate(app.address() + "/cards/" + card + "/decorate?select=" + first.id());
        does(button("All 3 as high as this"));
        assertThat(pieces(card)).extracting(Motif::up).containsOnly(first.up());
        does(button("All 3 with equal gaps"));
        List<Motif> now = pieces(card);
        long left = now.get(1).across().minus(now.get(0).across()).nanometres();
        long right = now.get(2).across().minus(now.get(1).across()).nanometres();
        assertThat(Math.abs(left - right)).isLessThan(20_000);
        does(button("Lock"));
        assertThat(button("Unlock")).isVisible();
        page.locator("#drawing").focus();
        page.keyboard().press("ArrowLeft");
        assertThat(page.locator("#notice")).containsText("is locked; unlock it first");
        assertThat(pieces(card).get(0).across()).isEqualTo(first.across());
        does(button("Unlock"));
        assertThat(button("Unlock")).hasCount(0);
        page.locator("#drawing").focus();
        page.keyboard().press("ArrowLeft");
        page.waitForCondition(() -> pieces(card).get(0).across().compareTo(first.across()) < 0);
    }

    /** It goes on by itself until it has looked at all, or is told to stop; what was found stays. */
    @Test
    void layoutsAreLookedForFurther() {
        long card = create(RunningApp.whole("turntable.json"));
        page.navigate(app.address() + "/cards/" + card + "/decorate");
        page.getByText("Look further").click();
        assertThat(page.locator("#others")).containsText("24,000 tries; these are the best");
        assertThat(page.locator("#others .layouts li")).not().hasCount(0);
        page.getByLabel("What matters").selectOption("sky-open");
        assertThat(page.locator("#others .layouts b").last()).hasText("sky open");
        assertThat(page.locator("#others .layouts b").first()).hasText("sky open");
        page.locator("#others .layouts button").first().click();
        assertThat(page.locator("#undo button")).isEnabled();
        page.reload();
        page.getByText("Look further").click();
        page.getByText("Stop here").click();
        assertThat(page.locator("#others .further")).hasCount(0);
        calm();
        assertThat(page.locator("#others .further")).hasCount(0);
        assertThat(page.locator("#others .layouts li")).not().hasCount(0);
    }

    /** The wall at the left is taken off: what lay there is told, not lost, and comes where it is wanted. */
    @Test
    void piecesWhoseFaceIsGoneAreKept() {
        CardSpec spec = put(RunningApp.demo("terraces.json"), "left-2", "star", 15, 120);
        Id star = spec.elements().get(spec.elements().size() - 1).id();
        long card = create(CardEdit.of(spec).set(Id.BASE, "left", "none"));
        page.navigate(app.address() + "/cards/" + card + "/decorate?on=step-one");
        assertThat(page.locator(".aside"))
                .containsText("2 pieces are kept aside. They lay on “wall left” and “left 2”, which are gone.");
        page.getByText("Put them on this face").click();
        assertThat(page.locator(".aside")).hasCount(0);
        assertThat(pieces(card)).anyMatch(m -> m.id().equals(star) && m.on().equals(new Id("step-one")));
    }

    /** Words are chosen in the drawing, moved by a key, and taken away. */
    @Test
    void wordsAreMovedAndTakenAway() {
        long card = create(RunningApp.demo("turntable.json"));
        Id strip = new Id("sentiment");
        Length before = app.cards()
                .load(card)
                .spec()
                .find(strip, Sentiment.class)
                .orElseThrow()
                .up();
        page.navigate(app.address() + "/cards/" + card + "/decorate");
        BoundingBox box =
                page.locator("#drawing a[data-select=sentiment]").first().boundingBox();
        page.mouse().click(box.x + box.width / 2, box.y + box.height / 2);
        assertThat(page.locator(".acts h2")).hasText("“which engine?”");
        page.locator("#drawing").focus();
        page.keyboard().press("ArrowUp");
        page.waitForCondition(() -> app.cards()
                        .load(card)
                        .spec()
                        .find(strip, Sentiment.class)
                        .orElseThrow()
                        .up()
                        .compareTo(before)
                > 0);
        assertThat(page.locator("#undo button")).isEnabled();
        does(button("Remove"));
        assertThat(app.cards().load(card).spec().find(strip, Sentiment.class)).isEmpty();
    }

    /** A strip of words goes under the edge of a picture and out again, from the scene. */
    @Test
    void wordsGoUnderAnEdge() {
        CardSpec spec = RunningApp.demo("turntable.json");
        Sentiment strip = spec.find(new Id("sentiment"), Sentiment.class).orElseThrow();
        double across = strip.across().nanometres() / 1e6;
        double up = strip.up().nanometres() / 1e6;
        CardSpec over = put(spec, strip.on().value(), "goat", across - 22, up + 6);
        long card = create(over);
        page.navigate(app.address() + "/cards/" + card + "/decorate?on=" + strip.on() + "&select=sentiment");
        does(page.locator(".tucks").getByText("Goat"));
        assertThat(page.locator(".tucks [aria-pressed=true]")).containsText("Goat by");
        Id goat = over.elements().get(over.elements().size() - 1).id();
        assertThat(app.cards().load(card).spec().isTucked(strip.id(), goat)).isTrue();
        does(page.locator(".tucks").getByText("Goat"));
        assertThat(app.cards().load(card).spec().tucks()).isEmpty();
    }

    /** A line is drawn by its height, moved, and taken away again. */
    @Test
    void aGroundLineIsDrawn() {
        long card = create(put(RunningApp.demo("turntable.json"), "panel", "goat", 18, 45));
        page.navigate(app.address() + "/cards/" + card + "/decorate");
        page.getByLabel("Ground line, from the foot").fill("1 1/2");
        page.getByLabel("Ground line, from the foot").press("Enter");
        assertThat(page.locator(".told")).containsText("over the ground");
        page.locator(".told").getByText("Put it on the ground").click();
        assertThat(page.locator(".told")).containsText("1 piece stands on it");
        page.getByLabel("Ground line, from the foot").fill("");
        page.getByLabel("Ground line, from the foot").press("Enter");
        assertThat(page.locator(".told")).not().containsText("stands on it");
        assertThat(page.getByLabel("Ground line, from the foot")).hasValue("");
    }

    /** A hill that reaches over both creases of its panel is cut apart there and goes on beside them; by keys, and back in one step. */
    @Test
    void aHillGoesOnOverTheCreases() {
        CardSpec hill = put(RunningApp.demo("zigzag-path.json"), "panel-2", "near-hill", 50, 23);
        Id id = hill.elements().get(hill.elements().size() - 1).id();
        long card = create(CardEdit.of(hill).set(id, "shape.width", "140 mm"));
        int before = pieces(card).size();
        page.navigate(app.address() + "/cards/" + card + "/decorate?on=panel-2&select=" + id);
        button("Carry on over the crease").focus();
        page.keyboard().press("Enter");
        assertThat(button("Carry on over the crease")).hasCount(0);
        assertThat(button("Trim")).hasAttribute("aria-pressed", "true");
        List<Motif> now = pieces(card);
        assertThat(now).hasSize(before + 2);
        assertThat(now.subList(before, before + 2))
                .extracting(m -> m.on().value())
                .containsExactlyInAnyOrder("panel-1", "panel-3");
        does(page.locator("#undo button"));
        assertThat(pieces(card)).hasSize(before);
    }
}
