package dev.schachtel.app;

import java.io.ByteArrayOutputStream;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import javax.imageio.ImageIO;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;

import dev.schachtel.app.run.DemoBuilds;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.material.Workshop;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

/** What people do with the logbook: add to a build, find it, take it along, make it again, forget somebody. */
class LogTasksBrowserTest extends InBrowser {
    private static final String ANEW = Long.toString(System.nanoTime(), 36);
    private static final String WHO = "Crew of " + ANEW;
    private static final String BAKER = "Wagoner " + ANEW;

    LogTasksBrowserTest(RunningApp app) {
        super(app);
    }

    private StoredCard card(String file, String name) {
        return app.cards()
                .create(CardEdit.of(RunningApp.demo(file)).set(new Id("card"), "name", name + " " + ANEW), "test");
    }

    /** Done yesterday, with a mishap. */
    private void built(StoredCard card) {
        app.bean(DemoBuilds.class)
                .record(
                        List.of(new DemoBuilds.Past(card, 1, "It tore.")),
                        app.bean(Workshops.class).now());
    }

    private void open(String words) {
        page.navigate(app.address() + "/log");
        page.locator("#find").fill(words + " " + ANEW);
        page.keyboard().press("Enter");
        page.waitForURL("**/log?sought=*");
    }

    private Locator part() {
        return page.locator(".took-part");
    }

    private void press(String name) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .first()
                .click();
    }

    /** A lesson of a build stands where its kind of piece comes again, in Structure, in the order of the steps, and can be forgotten. */
    @Test
    void aLessonComesBack() {
        StoredCard shaker = card("upper-station.json", "Shaker that taught");
        built(shaker);
        open("taught");
        String lesson = "Press the ends together " + ANEW;
        page.getByText("A lesson for next time").click();
        page.locator(".lesson-in [name=words]").fill(lesson);
        page.locator(".lesson-in select").selectOption("PIECE shaker");
        press("Learn it");
        assertThat(part()).containsText("every shaker");
        page.navigate(app.address() + "/cards/" + shaker.id() + "/structure?select=shaker");
        assertThat(page.locator("#fields")).containsText(lesson);
        page.navigate(app.address() + "/cards/" + shaker.id() + "/structure?select=panel");
        assertThat(page.locator("#fields")).not().containsText(lesson);
        page.navigate(app.address() + "/cards/" + shaker.id() + "/build");
        Locator dam = page.locator("a", new Page.LocatorOptions().setHasText("Lay the foam dam"))
                .first();
        dam.click();
        assertThat(page.locator(".do .lesson").first()).hasText(lesson);
        open("taught");
        page.getByText("A lesson for next time").click();
        String thick = "Give it a day under a book " + ANEW;
        page.locator(".lesson-in [name=words]").fill(thick);
        page.locator(".lesson-in select").selectOption("RULE LEVEL");
        press("Learn it");
        assertThat(part()).containsText(thick);
        page.navigate(app.address() + "/cards/" + shaker.id() + "/structure?select=panel");
        assertThat(page.locator("article.f em.lesson").first()).hasText(thick);
        open("taught");
        press("Forget it");
        assertThat(part()).not().containsText(lesson);
    }

    /** A lesson about a picture stands wherever that picture is shown. */
    @Test
    void aLessonAboutAPictureComesBack() {
        StoredCard label = app.cards()
                .create(
                        CardEdit.of(RunningApp.whole("luggage-label.json"))
                                .set(new Id("card"), "name", "Label with birds " + ANEW),
                        "test");
        built(label);
        open("with birds");
        page.getByText("A lesson for next time").click();
        String lesson = "Cut the wings last " + ANEW;
        page.locator(".lesson-in [name=words]").fill(lesson);
        page.locator(".lesson-in select").selectOption("PICTURE kestrel");
        press("Learn it");
        assertThat(part()).containsText(lesson);
        page.navigate(app.address() + "/cards/" + label.id() + "/structure?select=kestrel-1");
        assertThat(page.locator("#fields")).containsText(lesson);
        open("with birds");
        press("Forget it");
        assertThat(part()).not().containsText(lesson);
    }

    /** What was counted stays, nonsense is refused, and the drawer holds as much less as more was taken than planned. */
    @Test
    void whatItTookIsCounted() {
        built(card("terraces.json", "Terraces counted"));
        open("counted");
        Workshop before = app.bean(Workshops.class).now();
        page.getByText("Count what it really took").click();
        Locator tape = page.getByLabel("double-sided tape, 6 mm wide").first();
        tape.fill("a few");
        page.locator(".stock-used .button").click();
        assertThat(page.locator("body")).containsText("must be a number of m");
        open("counted");
        page.getByText("Count what it really took").click();
        double planned = Double.parseDouble(tape.getAttribute("placeholder"));
        tape.fill(String.format(Locale.ROOT, "%.2f m", planned - 0.5));
        page.getByLabel("Change what is in the drawer").check();
        page.locator(".stock-used .button").click();
        page.waitForURL("**/log?build=*");
        page.getByText("Count what it really took").click();
        assertThat(tape).hasValue(plain(planned - 0.5));
        assertThat(tapeLeft(app.bean(Workshops.class).now())).isGreaterThan(tapeLeft(before));
    }

    private static String plain(double metres) {
        return new BigDecimal(String.format(Locale.ROOT, "%.2f", metres))
                .stripTrailingZeros()
                .toPlainString();
    }

    private static double tapeLeft(Workshop workshop) {
        return workshop.rolls().stream()
                .filter(r -> r.material().value().equals("tape"))
                .mapToDouble(r -> r.left().nanometres() / 1e6)
                .sum();
    }

    /** Who got it, what helped, words, a photo; a photo that isn't one is refused and nothing is lost. */
    @Test
    void whatIsAddedStays() throws Exception {
        built(card("ticket.json", "Ticket with all"));
        open("with all");
        page.getByLabel("What helped").fill("A leaf over the tear.");
        press("Keep");
        page.getByLabel("About this build").fill("Went well.\nNext time on white card.");
        press("Keep the words");
        page.getByText("Somebody got one").click();
        page.locator(".given-in [name=who]").fill(WHO);
        page.locator(".given-in [name=cards]").fill("3");
        press("Add");
        assertThat(part()).containsText(WHO);
        assertThat(page.getByLabel("What helped")).hasValue("A leaf over the tear.");
        assertThat(page.getByLabel("About this build")).hasValue("Went well. Next time on white card.");
        calm();
        page.locator(".photos input[type=file]")
                .setInputFiles(new FilePayload("photo.png", "image/png", "no photo at all".getBytes()));
        assertThat(page.locator("body")).containsText("must be a JPEG or PNG file");
        open("with all");
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new java.awt.image.BufferedImage(40, 30, java.awt.image.BufferedImage.TYPE_INT_RGB), "png", png);
        page.locator(".photos input[type=file]")
                .setInputFiles(new FilePayload("photo.png", "image/png", png.toByteArray()));
        assertThat(page.locator(".photos img")).hasCount(1);
        assertThat((Integer) page.locator(".photos img").evaluate("i => i.decode().then(() => i.naturalWidth)"))
                .isEqualTo(40);
    }

    /** Written in afterwards, found by the person, known when the next card is planned, and the name erased everywhere. */
    @Test
    void aPersonIsKnownAndErased() {
        StoredCard viaduct = card("viaduct.json", "Viaduct of old");
        page.navigate(app.address() + "/log");
        page.getByText("Write one in").click();
        page.locator(".write-in select").selectOption("" + viaduct.id());
        page.locator(".write-in [name=made]").fill("4");
        page.locator(".write-in [name=hours]").fill("2");
        page.locator(".write-in [name=who]").fill(BAKER);
        press("Write it in");
        assertThat(part()).containsText("Written in afterwards: 2 h");
        page.navigate(app.address() + "/log?sought=" + BAKER);
        assertThat(page.locator(".built").first()).containsText("Viaduct of old");
        page.navigate(app.address() + "/cards/" + viaduct.id() + "/brief");
        page.getByLabel("For whom").fill(BAKER.toLowerCase(Locale.ROOT));
        page.keyboard().press("Tab");
        assertThat(page.locator("#follows")).containsText("got this card already");
        page.navigate(app.address() + "/log");
        page.getByText("Files").click();
        page.locator(".person [name=who]").fill(BAKER);
        press("Look");
        assertThat(page.locator("h2").first()).containsText("What is kept about");
        assertThat(page.locator(".found")).containsText("somebody");
        press("Erase the name everywhere");
        assertThat(page.locator("h2").first()).hasText("The name is erased");
        page.navigate(app.address() + "/log?sought=" + BAKER);
        assertThat(page.locator(".built")).hasCount(0);
        assertThat(app.cards().load(viaduct.id()).spec().brief().recipient()).isEmpty();
        assertThat(app.post("/log/person/erase", java.util.Map.of("who", "?!")).statusCode())
                .isBetween(400, 499);
        page.navigate(app.address() + "/log?sought=Viaduct of old");
        assertThat(page.locator(".people").first()).containsText("somebody");
    }

    /** Made again as it was built, though the card is another by now; the log comes back from its own file. */
    @Test
    void madeAgainAndTakenAlong(@TempDir Path folder) throws Exception {
        StoredCard sign = card("platform-sign.json", "Sign made twice");
        built(sign);
        app.cards()
                .change(new dev.schachtel.app.store.Change(
                        sign.id(),
                        sign.version(),
                        sign.revision(),
                        new dev.schachtel.app.store.Change.By("test", ""),
                        s -> CardEdit.of(s).set(new Id("brief"), "cards", "77")));
        open("made twice");
        var download = page.waitForDownload(() -> {
            page.getByText("Files").click();
            page.getByText("Save the log, JSON").click();
        });
        Path file = folder.resolve("log.json");
        download.saveAs(file);
        assertThat(Files.readString(file)).contains("Sign made twice " + ANEW);
        page.navigate(app.address() + "/log?sought=made twice " + ANEW);
        page.getByText("Make it again").click();
        page.waitForURL("**/again");
        assertThat(page.locator("#main")).containsText("Every part is as it was.");
        page.getByLabel("Format").selectOption("a5");
        page.waitForURL("**format=a5*");
        assertThat(page.locator(".is-changed").first()).containsText("Size of the front");
        assertThat(page.locator("#main")).containsText(", was ");
        page.goBack();
        press("Make this card");
        page.waitForURL("**/brief");
        assertThat(page.getByLabel("Cards", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("1");
        page.navigate(app.address() + "/log");
        page.getByText("Files").click();
        page.locator("[action='/log/import'] input[type=file]")
                .setInputFiles(new FilePayload(
                        "log.csv",
                        "text/csv",
                        ("card,finished on,made,taken min\nBrought back " + ANEW + ",2025-05-05,3,90\n").getBytes()));
        page.waitForResponse("**/log/import", () -> press("Read"));
        open("Brought back");
        assertThat(page.locator(".built").first()).containsText("5 May 2025");
        page.waitForResponse("**/remove", () -> press("Take this build out of the log"));
        open("Brought back");
        assertThat(page.locator(".built")).hasCount(0);
    }

    /** A day that was typed stands on the home page with the day by which its card must be begun. */
    @Test
    void anOccasionIsKept() {
        StoredCard card = card("platform-sign.json", "Sign for a day");
        page.navigate(app.address() + "/");
        page.getByText("Add an occasion").click();
        page.locator(".occasion-in [name=who]").fill("Aa " + ANEW);
        page.locator(".occasion-in [name=what]").fill("birthday");
        page.locator(".occasion-in [name=day]")
                .fill(java.time.LocalDate.now(java.time.ZoneId.systemDefault())
                        .plusDays(2)
                        .toString());
        page.locator(".occasion-in select").selectOption("" + card.id());
        press("Keep the day");
        Locator day = page.locator(".coming li", new Page.LocatorOptions().setHasText("Aa " + ANEW));
        assertThat(day).containsText("begin by");
        day.getByRole(AriaRole.BUTTON).click();
        assertThat(day).hasCount(0);
    }
}
