package dev.schachtel.core.render;

import java.util.Locale;

import dev.schachtel.core.drawing.Fill;
import dev.schachtel.core.material.Surfacing;

/**
 * How a worked surface looks: a pattern or gradient of its own for each kind and colour. Two drawings of a page may bring
 * the same one; they are alike, so it does not matter which is taken.
 */
final class SurfaceSvg {
    private static final String LINE = "<g%s><path fill='none' stroke='currentColor' stroke-width='1.2'";
    /** Middle and radius of each. */
    private static final double[][] DROPS = {
        {6, 9, 2.2}, {22, 5, 1}, {36, 15, 1.6}, {15, 24, 1.2}, {29, 31, 2.6}, {8, 37, 0.9}, {39, 40, 1.3}
    };

    private static final double[][] POOLS = {{18, 16, 15}, {44, 30, 18}, {20, 48, 13}};

    /** Of clear ink, so that what it lies on shows through. */
    private static final double CLEAR = 0.8;

    private SurfaceSvg() {}

    static String id(Fill.Worked surface) {
        return "w-" + surface.kind().name().toLowerCase(Locale.ROOT)
                + surface.colour().hex().replace('#', '-') + "-" + surface.nth() % 2;
    }

    static String definition(Fill.Worked surface) {
        return switch (surface.kind()) {
            case INK, COLOUR -> "";
            case STENCIL -> tiled(surface, 14, "<path%s fill-opacity='.75' d='M7 1 11 7 7 13 3 7z'/>");
            case PASTE ->
                tiled(
                        surface,
                        18,
                        "<path%s stroke='#0f3a44' stroke-opacity='.45' stroke-width='.8'"
                                + " d='M1 2h7v5h-7zM10 2h7v5h-7zM-3 11h6v5h-6zM5 11h8v5h-8zM15 11h6v5h-6z'/>");
            case STAMP -> tiled(surface, 22, LINE + " d='M6 4v8M2 8h8M16 14v6M13 17h6'/></g>");
            case RESIST -> tiled(surface, 22, LINE + " d='M3 6q3-5 6 0t6 0M9 17q3-5 6 0t6 0'/></g>");
            case EMBOSS ->
                tiled(
                        surface,
                        26,
                        "<path%s stroke='#0f3a44' stroke-opacity='.6' stroke-width='.6' d='M7 2 8.4 5.6 12 7 8.4 8.4 7 12"
                                + " 5.6 8.4 2 7 5.6 5.6zM20 16l1 2.4 2.4 1-2.4 1-1 2.4-1-2.4-2.4-1 2.4-1z'/>");
            case FOLDER ->
                tiled(
                        surface,
                        16,
                        "<path d='M8 2 14 8 8 14 2 8z' fill='none' stroke='#0f3a44' stroke-opacity='.22'/>"
                                + "<path d='M7.4 1.4 1.4 7.4' stroke='#fff' stroke-opacity='.6'/>");
            case CURL ->
                tiled(surface, 18, "<path d='M3 13q6-1 9-9' fill='none' stroke='#0f3a44' stroke-opacity='.3'/>");
            case SPLATTER -> tiled(surface, 44, "<g%s>" + dots(DROPS) + "</g>");
            case WASH -> tiled(surface, 64, "<g%s fill-opacity='.3'>" + dots(POOLS) + "</g>");
            case GLOSS ->
                tiled(
                        surface,
                        20,
                        "<circle cx='10' cy='10' r='3.4'%s stroke='#0f3a44' stroke-opacity='.5' stroke-width='.6'/>"
                                + "<path d='M8.4 9.2a2 2 0 0 1 1.6-1.6' stroke='#fff' fill='none'/>");
        };
    }

    private static String dots(double[][] all) {
        StringBuilder out = new StringBuilder();
        for (double[] dot : all) {
            out.append("<circle cx='" + dot[0] + "' cy='" + dot[1] + "' r='" + dot[2] + "'/>");
        }
        return out.toString();
    }

    /** Attributes that fill an area: clear ink in its own colour, all else as a pattern. */
    static String fill(Fill.Worked surface) {
        boolean even = surface.kind() == Surfacing.INK || surface.kind() == Surfacing.COLOUR;
        return (even ? " fill=\"" + surface.colour().hex() : " fill=\"url(#" + id(surface) + ")")
                + String.format(Locale.ROOT, "\" fill-opacity=\"%.2f\"", (even ? CLEAR : 1) * surface.coverage());
    }

    /** One tile; where its content has %s, the colour goes. */
    private static String tiled(Fill.Worked surface, int size, String content) {
        return "<pattern id='" + id(surface) + "' width='" + size + "' height='" + size
                + "' patternUnits='userSpaceOnUse'>"
                + content.replace(
                        "%s",
                        " fill='" + surface.colour().hex() + "' color='"
                                + surface.colour().hex() + "'")
                + "</pattern>";
    }
}
