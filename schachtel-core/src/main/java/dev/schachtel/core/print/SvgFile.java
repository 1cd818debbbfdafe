package dev.schachtel.core.print;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import dev.schachtel.core.drawing.Meaning;
import dev.schachtel.core.drawing.Scene;
import dev.schachtel.core.outlines.Contours;
import dev.schachtel.core.render.PathData;
import dev.schachtel.core.render.SvgText;
import dev.schachtel.core.shape.Point;

/**
 * A scene as a stand-alone SVG in real millimetres: width and height carry the unit, one user unit is one millimetre,
 * one group for each meaning, arcs kept, scores first, inside before outside, the nearest next. Accurate to 0.0001 mm.
 */
public final class SvgFile {
    private static final Map<Meaning, String> STROKES = new EnumMap<>(Map.of(
            Meaning.CUT, "stroke=\"#000\" stroke-width=\"0.1\"",
            Meaning.EDGE, "stroke=\"#666\" stroke-width=\"0.1\"",
            Meaning.HIDDEN, "stroke=\"#000\" stroke-width=\"0.1\" stroke-dasharray=\"1 0.8\"",
            Meaning.MOUNTAIN, "stroke=\"#000\" stroke-width=\"0.1\" stroke-dasharray=\"4 1 0.6 1\"",
            Meaning.VALLEY, "stroke=\"#000\" stroke-width=\"0.1\" stroke-dasharray=\"2.4 1.4\""));

    private SvgFile() {}

    public static String write(Scene scene) {
        PathData path = new PathData(1, -scene.extent().left(), scene.extent().top(), 4);
        Map<Meaning, StringBuilder> groups = new LinkedHashMap<>();
        for (Contours.Contour contour : Contours.of(scene)) {
            StringBuilder d = group(groups, contour.meaning()).append("<path d=\"");
            if (contour.closed()) {
                d.append(path.of(contour.ring()));
            } else {
                d.append('M');
                for (Point p : contour.points()) {
                    d.append(path.point(p)).append(' ');
                }
            }
            d.append("\"/>\n");
        }
        String w = path.number(scene.extent().width());
        String h = path.number(scene.extent().height());
        StringBuilder out = new StringBuilder("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n");
        out.append("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"" + w + "mm\" height=\"" + h
                + "mm\" viewBox=\"0 0 " + w + " " + h + "\">\n");
        out.append("<title>").append(SvgText.escape(scene.title())).append("</title>\n");
        groups.forEach((meaning, content) -> out.append("<g id=\"")
                .append(meaning.name().toLowerCase(java.util.Locale.ROOT))
                .append("\" fill=\"none\" ")
                .append(STROKES.getOrDefault(meaning, STROKES.get(Meaning.EDGE)))
                .append(">\n")
                .append(content)
                .append("</g>\n"));
        letters(scene, path, out);
        return out.append("</svg>\n").toString();
    }

    private static void letters(Scene scene, PathData path, StringBuilder out) {
        List<Letters> letters = Letters.of(scene);
        if (letters.isEmpty()) {
            return;
        }
        out.append("<g id=\"letters\" font-family=\"sans-serif\" font-size=\"")
                .append(path.number(Letters.HIGH))
                .append("\" text-anchor=\"middle\">\n");
        for (Letters l : letters) {
            String[] at = path.point(l.at()).split("[ ,]+");
            out.append("<text x=\"" + at[0] + "\" y=\"" + at[1] + "\">")
                    .append(SvgText.escape(l.words()))
                    .append("</text>\n");
        }
        out.append("</g>\n");
    }

    private static StringBuilder group(Map<Meaning, StringBuilder> groups, Meaning meaning) {
        return groups.computeIfAbsent(meaning, m -> new StringBuilder());
    }
}
