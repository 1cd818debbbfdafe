package dev.schachtel.core.render;

import dev.schachtel.core.drawing.Words;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;

/** Labels as SVG text, fractions set as on a ruler. */
public record SvgText(Units units) {
    String of(Words words, double size) {
        StringBuilder out = new StringBuilder();
        for (Words.Run run : words.runs()) {
            if (run instanceof Words.Size s) {
                out.append(length(s.length(), size));
            } else if (run instanceof Words.Plain p) {
                out.append(escape(p.text()));
            }
        }
        return out.toString();
    }

    private String length(Length length, double size) {
        Units.Pieces p = units.pieces(length);
        String whole = (p.rounded() ? "~" : "") + p.whole();
        if (p.numerator() == 0) {
            return whole;
        }
        double small = size * 0.74;
        double up = size * 0.29;
        return whole
                + (p.whole().isEmpty() ? "" : "<tspan font-size=\"" + tenth(size / 4) + "\"> </tspan>")
                + "<tspan font-size=\"" + tenth(small) + "\" dy=\"" + tenth(-up) + "\">" + p.numerator() + "</tspan>"
                + "<tspan dy=\"" + tenth(up) + "\">⁄</tspan>"
                + "<tspan font-size=\"" + tenth(small) + "\" dy=\"1\">" + p.denominator() + "</tspan>"
                + "<tspan dy=\"-1\">&#8203;</tspan>";
    }

    private static String tenth(double value) {
        return String.valueOf(Math.round(value * 10) / 10.0);
    }

    public static String escape(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
