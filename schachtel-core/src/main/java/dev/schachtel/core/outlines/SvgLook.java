package dev.schachtel.core.outlines;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javax.xml.stream.XMLStreamReader;

import dev.schachtel.core.material.Colour;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;

/**
 * How a shape of an SVG file is drawn, as far as it is given by attributes or a style of its own or of the groups round it.
 *
 * @param name its id, or that of the innermost group that has one
 * @param width of its line, in its own unit
 */
record SvgLook(String name, Optional<Colour> fill, Optional<Colour> stroke, double width, boolean evenOdd) {
    static final SvgLook PLAIN = new SvgLook("", Optional.of(new Colour(0)), Optional.empty(), 1, false);
    private static final Map<String, String> NAMES = Map.ofEntries(
            Map.entry("black", "#000000"),
            Map.entry("white", "#ffffff"),
            Map.entry("red", "#ff0000"),
            Map.entry("green", "#008000"),
            Map.entry("blue", "#0000ff"),
            Map.entry("yellow", "#ffff00"),
            Map.entry("orange", "#ffa500"),
            Map.entry("purple", "#800080"),
            Map.entry("brown", "#a52a2a"),
            Map.entry("pink", "#ffc0cb"),
            Map.entry("gray", "#808080"),
            Map.entry("grey", "#808080"));

    SvgLook with(XMLStreamReader xml) {
        Map<String, String> said = new HashMap<>();
        for (String part : SvgWalk.text(xml, "style").split(";")) {
            int colon = part.indexOf(':');
            if (colon > 0) {
                said.put(
                        part.substring(0, colon).strip(),
                        part.substring(colon + 1).strip());
            }
        }
        String id = SvgWalk.text(xml, "id");
        String line = said(said, xml, "stroke-width");
        String rule = said(said, xml, "fill-rule");
        return new SvgLook(
                id.isEmpty() || xml.getLocalName().equals("svg") ? name : id,
                colour(said(said, xml, "fill"), fill),
                colour(said(said, xml, "stroke"), stroke),
                line.isEmpty() ? width : Math.max(0, SvgWalk.number(line.replaceAll("(px|mm)$", ""))),
                rule.isEmpty() ? evenOdd : rule.equals("evenodd"));
    }

    private static String said(Map<String, String> style, XMLStreamReader xml, String name) {
        return style.getOrDefault(name, SvgWalk.text(xml, name)).strip();
    }

    private static Optional<Colour> colour(String text, Optional<Colour> otherwise) {
        String plain = text.toLowerCase(Locale.ROOT);
        if (plain.isEmpty() || plain.equals("inherit")) {
            return otherwise;
        }
        if (plain.equals("none") || plain.equals("transparent")) {
            return Optional.empty();
        }
        String hex = plain.matches("#[0-9a-f]{3}")
                ? plain.replaceAll("([0-9a-f])", "$1$1")
                : NAMES.getOrDefault(plain, plain);
        if (hex.matches("rgb\\(\\s*\\d{1,3}\\s*,\\s*\\d{1,3}\\s*,\\s*\\d{1,3}\\s*\\)")) {
            int rgb = 0;
            for (String part : hex.replaceAll("[^0-9,]", "").split(",")) {
                rgb = rgb << 8 | Math.min(255, Integer.parseInt(part));
            }
            return Optional.of(new Colour(rgb));
        }
        if (!hex.matches(Colour.PATTERN)) {
            throw new RefusedException("file", "has the colour '" + Scalars.shorten(text) + "'; write it as #9fb5c7");
        }
        return Optional.of(Colour.parse(hex));
    }
}
