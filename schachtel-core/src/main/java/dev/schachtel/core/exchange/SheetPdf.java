package dev.schachtel.core.exchange;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;

import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.drawing.Scene;
import dev.schachtel.core.drawing.SheetView;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.shape.Box;

/**
 * Every part at 1:1, one page each, with a checking ruler of 100 mm and the words to print at 100 %. Pages are A4, or
 * letter for a card in inches; a part that is larger gets a page of its own size, and the page says so.
 */
public final class SheetPdf {
    /** PDF units in one millimetre. */
    static final double POINT = 72 / 25.4;

    private static final double MARGIN = 12;
    private static final double FOOT = 26;
    private final Build build;
    private final Units units;
    private final PDFont font = new PDType1Font(Standard14Fonts.FontName.HELVETICA);

    private SheetPdf(Build build) {
        this.build = build;
        this.units = build.spec().units();
    }

    public static byte[] write(Build build) {
        return new SheetPdf(build).write();
    }

    private byte[] write() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(plain(build.spec().name()) + ", parts at 1:1");
            for (Part part : build.parts()) {
                page(document, part);
            }
            document.save(out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private void page(PDDocument document, Part part) throws IOException {
        Scene scene = SheetView.of(part, build.folds());
        Box box = scene.extent();
        PDRectangle usual = units == Units.INCH ? PDRectangle.LETTER : PDRectangle.A4;
        double w = (box.width() + 2 * MARGIN) * POINT;
        double h = (box.height() + MARGIN + FOOT) * POINT;
        boolean fits = w <= usual.getWidth() && h <= usual.getHeight();
        boolean lying = !fits && w <= usual.getHeight() && h <= usual.getWidth();
        PDRectangle size = fits
                ? usual
                : lying
                        ? new PDRectangle(usual.getHeight(), usual.getWidth())
                        : new PDRectangle(
                                (float) Math.max(w, usual.getWidth()), (float) Math.max(h, usual.getHeight()));
        PDPage page = new PDPage(size);
        document.addPage(page);
        try (PDPageContentStream ink = new PDPageContentStream(document, page)) {
            double left = (size.getWidth() / POINT - box.width()) / 2 - box.left();
            double foot = size.getHeight() / POINT - MARGIN - box.height() - box.bottom();
            new PdfInk(ink, left, foot).draw(scene);
            ruler(ink);
            text(ink, MARGIN, 20, 9, head(part));
            text(ink, MARGIN, 15, 9, fits || lying ? PRINT : PRINT + " This part needs larger paper.");
        }
    }

    private static final String PRINT = "Print at 100 %, never \"fit to page\". Check: the ruler below is 100 mm long.";

    private String head(Part part) {
        String letter = build.letters().getOrDefault(part.id(), "");
        return plain(letter + "  " + part.name() + ", " + units.show(part.form().width()) + " x "
                + units.show(part.form().height()) + " " + units.sign() + ", "
                + part.material().name() + ", " + part.perCard() + " for each card");
    }

    private void ruler(PDPageContentStream ink) throws IOException {
        ink.setLineWidth(0.5f);
        for (int mm = 0; mm <= 100; mm += 5) {
            double x = MARGIN + mm;
            ink.moveTo((float) (x * POINT), (float) (8 * POINT));
            ink.lineTo((float) (x * POINT), (float) ((mm % 10 == 0 ? 11 : 9.5) * POINT));
        }
        ink.moveTo((float) (MARGIN * POINT), (float) (8 * POINT));
        ink.lineTo((float) ((MARGIN + 100) * POINT), (float) (8 * POINT));
        ink.stroke();
        List<Integer> marks = new ArrayList<>(List.of(0, 50, 100));
        for (int mm : marks) {
            text(ink, MARGIN + mm - (mm == 0 ? 0 : 2), 4.5, 7, mm + (mm == 100 ? " mm" : ""));
        }
    }

    private void text(PDPageContentStream ink, double x, double y, int size, String words) throws IOException {
        ink.beginText();
        ink.setFont(font, size);
        ink.newLineAtOffset((float) (x * POINT), (float) (y * POINT));
        ink.showText(words);
        ink.endText();
    }

    /** The standard fonts know Latin-1 only; other letters become a question mark. */
    private static String plain(String text) {
        return text.replaceAll("[^\\x20-\\x7e\\xa0-\\xff]", "?");
    }
}
