package dev.schachtel.core.print;

import java.io.IOException;

import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** Pages that are written from the top down; a new one begins where room runs out. Millimetres from the lower left corner. */
final class PdfPaper implements AutoCloseable {
    private static final double POINT = SheetPdf.POINT;
    private static final int HEADING = 11;
    private final PDDocument document;
    private final PdfFont font;
    private final PDRectangle size;
    private final double margin;
    private final double line;
    private PDPageContentStream ink;
    private boolean open;
    private double y;

    /** With so much between lines of text. */
    PdfPaper(PDDocument document, PdfFont font, PDRectangle size, double margin, double line) throws IOException {
        this.document = document;
        this.font = font;
        this.size = size;
        this.margin = margin;
        this.line = line;
        this.ink = fresh();
    }

    private PDPageContentStream fresh() throws IOException {
        PDPage page = new PDPage(size);
        document.addPage(page);
        y = size.getHeight() / POINT - margin;
        open = true;
        return new PDPageContentStream(document, page);
    }

    PDPageContentStream ink() {
        return ink;
    }

    /** Where the last line stands. */
    double y() {
        return y;
    }

    void goTo(double height) {
        y = height;
    }

    void down(double by) {
        y -= by;
    }

    void room(double needed) throws IOException {
        if (y - needed < margin) {
            ink.close();
            ink = fresh();
        }
    }

    void heading(int points, String words) throws IOException {
        line(points, true, words);
    }

    void line(int points, String words) throws IOException {
        line(points, false, words);
    }

    private void line(int points, boolean heading, String words) throws IOException {
        room(line + 2);
        y -= points > HEADING - 1 ? line + 1.5 : line;
        text(points, heading, margin, y, words);
    }

    void text(int points, double x, double at, String words) throws IOException {
        text(points, false, x, at, words);
    }

    private void text(int points, boolean heading, double x, double at, String words) throws IOException {
        ink.beginText();
        ink.newLineAtOffset((float) (x * POINT), (float) (at * POINT));
        font.show(ink, points, heading, words);
        ink.endText();
    }

    @Override
    public void close() throws IOException {
        if (open) {
            ink.close();
            open = false;
        }
    }
}
