package dev.schachtel.core.print;

import java.io.IOException;

import org.apache.pdfbox.pdmodel.PDPageContentStream;

import dev.schachtel.core.measure.Units;

/**
 * A sheet of ten strips of known length, to be cut out and measured: 1:1, with a line of 100 mm by which the printer is checked. Lengths are
 * those of the drawing; a printer that scales spoils the sheet, not the maker's hand.
 */
public final class TestStrips {
    /** How long each strip is, in millimetres. */
    public static final int LONG = 100;

    public static final int PIECES = 10;
    private static final double HIGH = 16;
    private static final double LEFT = 30;
    private static final double TOP = 52;
    private static final double TICK = 4;
    private static final double DASH = 2;

    private TestStrips() {}

    public static byte[] pdf(Units units) {
        return PdfDocument.written("Ten strips to cut and measure", units, document -> {
            try (PdfDocument.Side side = document.side(document.usual())) {
                write(side, document.usual().getHeight() / SheetPdf.POINT);
            }
        });
    }

    private static void write(PdfDocument.Side side, double high) throws IOException {
        side.text(13, true, LEFT, high - 18, "Ten strips to cut and measure");
        side.text(9, LEFT, high - 25, "Print at 100 %, without fitting to the page. This line must measure 100 mm:");
        double check = high - 31;
        side.aside(() -> {
            line(side.ink(), LEFT, check, LEFT + LONG, check);
            line(side.ink(), LEFT, check - TICK / 2, LEFT, check + TICK / 2);
            line(side.ink(), LEFT + LONG, check - TICK / 2, LEFT + LONG, check + TICK / 2);
        });
        side.text(
                9,
                LEFT,
                high - 39,
                "Stick the sheet lightly on card. Cut each strip at both dashed lines, the way that you want to know about.");
        side.text(
                9,
                LEFT,
                high - 44,
                "Measure each along its middle, to a tenth of a millimetre if you can, and put it down.");
        for (int i = 0; i < PIECES; i++) {
            double y = high - TOP - (i + 1) * HIGH;
            side.aside(() -> strip(side.ink(), y));
            side.text(10, LEFT + LONG / 2.0 - 3, y + HIGH / 2 - 1.5, "" + (i + 1));
        }
    }

    private static void strip(PDPageContentStream ink, double y) throws IOException {
        ink.setLineDashPattern(new float[] {(float) (DASH * SheetPdf.POINT)}, 0);
        line(ink, LEFT, y - TICK / 4, LEFT, y + HIGH);
        line(ink, LEFT + LONG, y - TICK / 4, LEFT + LONG, y + HIGH);
        ink.setLineDashPattern(new float[] {}, 0);
        line(ink, LEFT, y, LEFT + LONG, y);
        line(ink, LEFT, y + HIGH, LEFT + LONG, y + HIGH);
    }

    private static void line(PDPageContentStream ink, double x, double y, double toX, double toY) throws IOException {
        ink.setLineWidth(0.5f);
        ink.moveTo((float) (x * SheetPdf.POINT), (float) (y * SheetPdf.POINT));
        ink.lineTo((float) (toX * SheetPdf.POINT), (float) (toY * SheetPdf.POINT));
        ink.stroke();
    }
}
