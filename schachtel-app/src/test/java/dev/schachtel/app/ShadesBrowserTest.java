package dev.schachtel.app;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import javax.imageio.ImageIO;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;

import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.colour.Chart;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Shade;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.print.SwatchChart;
import dev.schachtel.core.shape.Box;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

/** The page Colours of the stock, as a maker uses it. */
class ShadesBrowserTest extends InBrowser {
    private static final float DPI = 100;
    private static final List<Shade> USUAL = WorkshopFile.standard().shades();

    ShadesBrowserTest(RunningApp app) {
        super(app);
    }

    @AfterEach
    void asBefore() {
        app.bean(Workshops.class).change(w -> w.shaded(USUAL));
    }

    private Shade shade(String id) {
        return app.bean(Workshops.class).now().shade(new MaterialId(id)).orElseThrow();
    }

    private Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private void open(String query) {
        page.navigate(app.address() + "/stock/colours" + query);
    }

    /** Chosen, half used, measured in Lab, renamed; a new one put in and taken out again; nonsense refused. */
    @Test
    void aPenIsLookedAfter() {
        open("");
        page.locator("#shade-plum").click();
        assertThat(page.locator(".picked h2").first()).hasText("plum");
        button("half").click();
        assertThat(button("half")).hasAttribute("aria-current", "true");
        assertThat(shade("plum").level()).isEqualTo(Shade.Level.HALF);
        field("Colour").first().fill("36.8, 26.6, -7.4");
        field("Colour").first().press("Enter");
        assertThat(page.locator("#s-colour")).hasValue("#7a4663");
        assertThat(shade("plum").colour()).isEqualTo(new Colour(0x7a4663));
        page.locator("#s-colour").fill("banana");
        page.locator("#s-colour").press("Enter");
        assertThat(page.locator("body")).containsText("write it as #9fb5c7");
        assertThat(shade("plum").colour()).isEqualTo(new Colour(0x7a4663));
        open("");
        page.locator(".fresh input[name=name]").fill("kestrel wing");
        page.locator(".fresh input[name=colour]").fill("#6d4030");
        page.keyboard().press("Enter");
        assertThat(page.locator(".picked h2").first()).hasText("kestrel wing");
        button("Remove kestrel wing").click();
        assertThat(page.locator("#shade-kestrel-wing")).hasCount(0);
    }

    /** A chart, coloured and scanned upside down, is read, looked at, and taken. */
    @Test
    void aChartIsReadBack() throws IOException {
        open("");
        page.locator("input[name=file][data-send]")
                .first()
                .setInputFiles(new FilePayload("scan.png", "image/png", scan()));
        assertThat(page.locator(".was-read")).containsText("It lay upside down");
        assertThat(page.locator(".was-read li")).hasCount(Chart.FIELDS);
        button("Take the measured colours").click();
        assertThat(page.locator(".was-read")).hasCount(0);
        double apart = shade("plum").colour().lab().differenceTo(new Colour(0x2060a0).lab());
        assertThat(apart).isLessThan(2);
        open("");
        page.locator("input[name=file][data-send]")
                .first()
                .setInputFiles(new FilePayload("scan.png", "image/png", "no picture".getBytes()));
        assertThat(page.locator("body")).containsText("must be a JPEG or PNG file");
    }

    /** Page 1 with every field in one blue, turned by half. */
    private static byte[] scan() throws IOException {
        try (PDDocument document = Loader.loadPDF(SwatchChart.pdf(USUAL, Units.MM))) {
            BufferedImage sheet = new PDFRenderer(document).renderImageWithDPI(0, DPI);
            double mm = DPI / 25.4;
            double left = (sheet.getWidth() / mm - Chart.WIDE) / 2;
            double foot = (sheet.getHeight() / mm - Chart.HIGH) / 2;
            BufferedImage turned = new BufferedImage(sheet.getWidth(), sheet.getHeight(), BufferedImage.TYPE_INT_RGB);
            Graphics2D pen = sheet.createGraphics();
            pen.setColor(new Color(0x2060a0));
            for (int i = 0; i < Chart.FIELDS; i++) {
                Box field = Chart.field(i);
                pen.fillRect(
                        (int) ((left + field.left()) * mm),
                        (int) (sheet.getHeight() - (foot + field.top()) * mm),
                        (int) (field.width() * mm),
                        (int) (field.height() * mm));
            }
            pen.dispose();
            Graphics2D turn = turned.createGraphics();
            turn.rotate(Math.PI, sheet.getWidth() / 2.0, sheet.getHeight() / 2.0);
            turn.drawImage(sheet, 0, 0, null);
            turn.dispose();
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(turned, "png", out);
            return out.toByteArray();
        }
    }

    /** The colours of a photo, with what is owned nearest; a list that goes out comes back. */
    @Test
    void aPhotoAndAList() throws IOException {
        BufferedImage image = new BufferedImage(300, 200, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(new Color(0x9fb5c7));
        pen.fillRect(0, 0, 200, 200);
        pen.setColor(new Color(0x7a4663));
        pen.fillRect(200, 0, 100, 200);
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        open("");
        page.locator("input[name=file][data-send]")
                .last()
                .setInputFiles(new FilePayload("paper.png", "image/png", out.toByteArray()));
        assertThat(page.locator(".was-read tbody tr").first()).containsText("67 %");
        assertThat(page.locator(".was-read tbody tr").first()).containsText("“slate card 300 g”, 0.0 away");
        assertThat(page.locator(".was-read tbody tr").nth(1)).containsText("“plum”");
        // The answer is a page of its own, whose scripts come with its end.
        page.waitForLoadState();
        page.locator("input[accept*=csv]")
                .setInputFiles(new FilePayload(
                        "colours.csv",
                        "text/csv",
                        "name,medium,colour,level,family\nplum,alcohol-pen,#7a4663,low,\n".getBytes()));
        assertThat(page.locator(".shade")).hasCount(1);
        assertThat(page.locator(".told")).containsText("alcohol pen, low");
    }
}
