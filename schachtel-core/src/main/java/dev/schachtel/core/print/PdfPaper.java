package dev.schachtel.core.print;

import java.io.IOException;

import dev.schachtel.core.drawing.Scene;

/** Pages that are written from the top down; a new one begins where room runs out. Millimetres from the lower left corner. */
final class PdfPaper implements AutoCloseable {
    private static final int HEADING = 11;
    private final PdfDocument document;
    private final double margin;
    private final double line;
    private PdfDocument.Side side;
    private double y;

    /** With so much between lines of text. */
    PdfPaper(PdfDocument document, double margin, double line) throws IOException {
        this.document = document;
        this.margin = margin;
        this.line = line;
        this.side = fresh();
    }

    private PdfDocument.Side fresh() throws IOException {
        y = document.usual().getHeight() / SheetPdf.POINT - margin;
        return document.side(document.usual());
    }

    /** Where the last line stands. */
    double y() {
        return y;
    }

    /** How wide the paper is. */
    double width() {
        return document.usual().getWidth() / SheetPdf.POINT;
    }

    void goTo(double height) {
        y = height;
    }

    void down(double by) {
        y -= by;
    }

    void room(double needed) throws IOException {
        if (y - needed < margin) {
            side.close();
            side = fresh();
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
        side.text(points, heading, margin, y, words);
    }

    void text(int points, double x, double at, String words) throws IOException {
        side.text(points, x, at, words);
    }

    /** A scene with words for those who don't see it. */
    void figure(String words, Scene scene, PdfInk.Shift shift, double scale) throws IOException {
        side.figure(words, () -> new PdfInk(side.ink(), shift, scale).draw(scene));
    }

    @Override
    public void close() throws IOException {
        side.close();
    }
}
