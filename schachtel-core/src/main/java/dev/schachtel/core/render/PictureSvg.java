package dev.schachtel.core.render;

import java.util.Locale;

import dev.schachtel.core.material.Picture;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;

/** Pictures of the box as SVG: a file that is read back as it was, and small ones for pages. */
public final class PictureSvg {
    private static final double EDGE = 1;

    private PictureSvg() {}

    /** A file in real millimetres. */
    public static String write(Picture p) {
        StringBuilder svg = new StringBuilder("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"")
                .append(mm(p.width()))
                .append("mm\" height=\"")
                .append(mm(p.height()))
                .append("mm\" viewBox=\"0 0 ")
                .append(mm(p.width()))
                .append(' ')
                .append(mm(p.height()))
                .append("\" data-role=\"")
                .append(word(p.role()))
                .append("\" data-looks=\"")
                .append(word(p.looks()))
                .append("\" data-stance=\"")
                .append(word(p.stance()))
                .append("\" data-cut=\"")
                .append(word(p.method()))
                .append("\" data-foot=\"")
                .append(mm(p.foot()))
                .append("mm\" data-owned=\"")
                .append(p.owned())
                .append("\"><title>")
                .append(SvgText.escape(p.name()))
                .append("</title>");
        for (Picture.Region r : p.regions()) {
            svg.append("<path id=\"")
                    .append(SvgText.escape(r.name()))
                    .append("\" fill=\"")
                    .append(r.colour().hex());
            svg.append("\" fill-rule=\"evenodd\" d=\"").append(r.path()).append("\"/>");
        }
        return svg.append("</svg>").toString();
    }

    /** As large as fits into so many points, with its edge drawn. */
    public static String small(Picture p, int width, int height) {
        double scale = Math.min((width - 2 * EDGE) / Mm.of(p.width()), (height - 2 * EDGE) / Mm.of(p.height()));
        StringBuilder svg = new StringBuilder(String.format(
                Locale.ROOT,
                "<svg class=\"picture\" viewBox=\"%.2f %.2f %.2f %.2f\" width=\"%.0f\" height=\"%.0f\" aria-hidden=\"true\">",
                -EDGE / scale,
                -EDGE / scale,
                Mm.of(p.width()) + 2 * EDGE / scale,
                Mm.of(p.height()) + 2 * EDGE / scale,
                Mm.of(p.width()) * scale + 2 * EDGE,
                Mm.of(p.height()) * scale + 2 * EDGE));
        for (Picture.Region r : p.regions()) {
            svg.append("<path fill=\"").append(r.colour().hex());
            svg.append("\" fill-rule=\"evenodd\" d=\"").append(r.path()).append("\"/>");
        }
        return svg.append("<path class=\"l-out\" d=\"")
                .append(p.outline())
                .append("\"/></svg>")
                .toString();
    }

    private static String mm(Length length) {
        return String.format(Locale.ROOT, "%.2f", Mm.of(length));
    }

    private static String word(Enum<?> e) {
        return e.name().toLowerCase(Locale.ROOT);
    }
}
