package dev.schachtel.core.print;

import java.util.List;

import dev.schachtel.core.drawing.Meaning;
import dev.schachtel.core.drawing.Scene;
import dev.schachtel.core.outlines.Contours;
import dev.schachtel.core.shape.Point;

/**
 * A scene as HPGL for cutters that plot: 40 units a millimetre, so accurate to 0.0125 mm; pen 1 cuts, pen 2 scores, pen 3
 * writes. Lines that only show something are left out.
 */
public final class HpglFile {
    private static final double UNITS_A_MM = 40;
    /** Ends what is written. */
    private static final String END = "\u0003;\n";

    private HpglFile() {}

    public static String write(Scene scene) {
        StringBuilder out = new StringBuilder("IN;PA;\n");
        int pen = 0;
        for (Contours.Contour contour : Contours.of(scene)) {
            boolean scores = contour.meaning() == Meaning.MOUNTAIN || contour.meaning() == Meaning.VALLEY;
            if (!scores && contour.meaning() != Meaning.CUT) {
                continue;
            }
            int wanted = scores ? 2 : 1;
            if (wanted != pen) {
                pen = wanted;
                out.append("SP").append(pen).append(";\n");
            }
            List<Point> points = contour.points();
            out.append("PU").append(at(points.get(0), scene)).append(";PD");
            for (int i = 1; i < points.size(); i++) {
                out.append(i == 1 ? "" : ",").append(at(points.get(i), scene));
            }
            if (contour.closed()) {
                out.append(',').append(at(points.get(0), scene));
            }
            out.append(";\n");
        }
        List<Letters> letters = Letters.of(scene);
        if (!letters.isEmpty()) {
            out.append("SP3;\n");
            letters.forEach(l -> out.append("PU")
                    .append(at(l.at(), scene))
                    .append(";LB")
                    .append(l.words())
                    .append(END));
        }
        return out.append("PU;SP0;\n").toString();
    }

    private static String at(Point p, Scene scene) {
        return Math.round((p.x() - scene.extent().left()) * UNITS_A_MM) + ","
                + Math.round((p.y() - scene.extent().bottom()) * UNITS_A_MM);
    }
}
