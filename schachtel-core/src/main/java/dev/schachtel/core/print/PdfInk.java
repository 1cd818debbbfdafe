package dev.schachtel.core.print;

import java.io.IOException;
import java.util.List;

import org.apache.pdfbox.pdmodel.PDPageContentStream;

import dev.schachtel.core.drawing.Mark;
import dev.schachtel.core.drawing.Meaning;
import dev.schachtel.core.drawing.Scene;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.shape.Ring;

/** Draws a scene's lines, at 1:1 or to a scale; bows flattened to 0.005 mm. */
record PdfInk(PDPageContentStream ink, Shift shift, double scale) {
    /** Where the scene's origin comes to lie on the page, in millimetres from its lower left corner. */
    record Shift(double left, double foot) {}

    PdfInk(PDPageContentStream ink, Shift shift) {
        this(ink, shift, 1);
    }

    void draw(Scene scene) throws IOException {
        ink.setLineWidth(0.4f);
        for (Mark mark : scene.marks()) {
            if (mark instanceof Mark.Area area) {
                dash(area.edge());
                for (Ring hole : area.outline().holes()) {
                    line(hole.flattened(), true);
                }
                line(area.outline().outer().flattened(), true);
            } else if (mark instanceof Mark.Line line) {
                dash(line.meaning());
                line(line.points(), false);
            }
        }
        ink.setLineDashPattern(new float[0], 0);
    }

    private void dash(Meaning meaning) throws IOException {
        float[] dashes =
                switch (meaning) {
                    case MOUNTAIN -> new float[] {12, 3, 2, 3};
                    case VALLEY -> new float[] {7, 4};
                    case HIDDEN -> new float[] {3, 2.4f};
                    default -> new float[0];
                };
        ink.setLineDashPattern(dashes, 0);
    }

    private void line(List<Point> points, boolean close) throws IOException {
        for (int i = 0; i < points.size(); i++) {
            float x = (float) ((points.get(i).x() * scale + shift.left) * SheetPdf.POINT);
            float y = (float) ((points.get(i).y() * scale + shift.foot) * SheetPdf.POINT);
            if (i == 0) {
                ink.moveTo(x, y);
            } else {
                ink.lineTo(x, y);
            }
        }
        if (close) {
            ink.closePath();
        }
        ink.stroke();
    }
}
