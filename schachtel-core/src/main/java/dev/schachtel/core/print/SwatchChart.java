package dev.schachtel.core.print;

import java.io.IOException;
import java.util.List;

import org.apache.pdfbox.pdmodel.PDPageContentStream;

import dev.schachtel.core.colour.Chart;
import dev.schachtel.core.material.Shade;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Point;

/** A chart to colour by hand, a field for each shade, that can be scanned and read back. */
public final class SwatchChart {
    private static final double NAME = 4;

    private SwatchChart() {}

    /** How many pages so many shades take. */
    public static int pages(int shades) {
        return Math.max(1, (shades + Chart.FIELDS - 1) / Chart.FIELDS);
    }

    /** The shades of one page, from 1. */
    public static List<Shade> on(List<Shade> shades, int page) {
        int from = Math.min(shades.size(), Chart.FIELDS * (page - 1));
        return shades.subList(from, Math.min(shades.size(), from + Chart.FIELDS));
    }

    public static byte[] pdf(List<Shade> shades, Units units) {
        return PdfDocument.written("Swatch chart", units, document -> {
            for (int page = 1; page <= pages(shades.size()); page++) {
                try (PdfDocument.Side side = document.side(document.usual())) {
                    double left = (document.usual().getWidth() / SheetPdf.POINT - Chart.WIDE) / 2;
                    double foot = (document.usual().getHeight() / SheetPdf.POINT - Chart.HIGH) / 2;
                    new Page(side, left, foot).write(on(shades, page), page, pages(shades.size()));
                }
            }
        });
    }

    /** Where the chart stands on its page, mm. */
    private record Page(PdfDocument.Side side, double left, double foot) {
        void write(List<Shade> shades, int page, int pages) throws IOException {
            side.text(11, true, left, foot + Chart.HIGH + 5, "Swatch chart, page " + page + " of " + pages);
            side.aside(this::marks);
            for (int i = 0; i < shades.size(); i++) {
                Box field = Chart.field(i);
                side.aside(() -> outline(field));
                Shade shade = shades.get(i);
                side.text(8, left + field.left(), foot + field.bottom() - NAME, shade.name());
                side.text(
                        6,
                        left + field.left(),
                        foot + field.bottom() - NAME - 2.8,
                        shade.medium().title());
            }
            side.text(
                    8,
                    left + Chart.CORNER + 4,
                    foot + 2,
                    "Colour each field evenly, let it dry, and scan the whole page with all four corner squares.");
        }

        private void marks() throws IOException {
            PDPageContentStream ink = side.ink();
            List<Point> corners = Chart.corners();
            for (int i = 0; i < corners.size(); i++) {
                square(corners.get(i), Chart.CORNER, 0);
                if (i == 0) {
                    square(corners.get(i), Chart.MIDDLE, 255);
                }
            }
            for (int i = 0; i < Chart.greys(); i++) {
                fill(Chart.greyPatch(i), Chart.grey(i));
                outline(Chart.greyPatch(i));
            }
            ink.setNonStrokingColor(0f);
        }

        private void square(Point middle, double side, int grey) throws IOException {
            double half = side / 2;
            fill(new Box(middle.x() - half, middle.y() - half, middle.x() + half, middle.y() + half), grey);
        }

        private void fill(Box box, int grey) throws IOException {
            side.ink().setNonStrokingColor(grey / 255f);
            rectangle(box);
            side.ink().fill();
        }

        private void outline(Box box) throws IOException {
            side.ink().setLineWidth(0.4f);
            side.ink().setStrokingColor(0.55f);
            rectangle(box);
            side.ink().stroke();
            side.ink().setStrokingColor(0f);
        }

        private void rectangle(Box box) throws IOException {
            side.ink()
                    .addRect(
                            (float) ((left + box.left()) * SheetPdf.POINT),
                            (float) ((foot + box.bottom()) * SheetPdf.POINT),
                            (float) (box.width() * SheetPdf.POINT),
                            (float) (box.height() * SheetPdf.POINT));
        }
    }
}
