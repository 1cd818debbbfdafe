package dev.schachtel.core.render;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.TreeMap;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.drawing.Stack;
import dev.schachtel.core.material.Film;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;

/** The stack: true order, heights from the back, each layer the link to its piece. Thin layers are drawn thicker. */
public final class StackSvg {
    private static final int WIDTH = 304;
    private static final double TOP = 16;
    private static final double LEFT = 62;
    /** Left of it the section, right of it the names; further left where many layers stand beside each other. */
    private static final double MIDDLE = 170;

    private static final double CROWDED = 108;
    private static final double RIGHT = 293;
    private static final double LEAST_NAMED = 20;
    private static final double LEAST_GAP = 5;
    private final Stack stack;
    private final Id selected;
    private final String link;
    private final double height;
    private final TreeMap<Length, Double> at = new TreeMap<>();
    private final double middle;
    private final StringBuilder out = new StringBuilder();

    private StackSvg(Stack stack, Id selected, String link, int height) {
        this.stack = stack;
        this.selected = selected;
        this.link = link;
        this.height = height;
        this.middle = stack.layers().stream().anyMatch(l -> l.columns() > 2) ? CROWDED : MIDDLE;
    }

    public static String write(Stack stack, Id selected, String link, int height) {
        return new StackSvg(stack, selected, link, height).write();
    }

    private String write() {
        place();
        out.append("<svg class=\"dwg stackdwg\" viewBox=\"0 0 " + WIDTH + " ")
                .append((int) height)
                .append("\" role=\"group\" aria-label=\"Cross-section of the card, front at the top\">");
        scale();
        spine();
        for (Stack.Layer layer : stack.layers()) {
            layer(layer);
        }
        return out.append("</svg>").toString();
    }

    /** Heights to points: to one scale, but no layer with a name below what its name needs. */
    private void place() {
        List<Length> heights = stack.heights();
        double[] share = new double[Math.max(0, heights.size() - 1)];
        double total = 0;
        double least = 0;
        for (int i = 0; i < share.length; i++) {
            share[i] = heights.get(i + 1).minus(heights.get(i)).nanometres() / 1e6;
            least += stack.named(heights.get(i), heights.get(i + 1)) ? LEAST_NAMED : LEAST_GAP;
            total += share[i];
        }
        double spare = Math.max(0, height - 2 * TOP - least);
        double y = height - TOP;
        for (int i = 0; i < heights.size(); i++) {
            at.put(heights.get(i), y);
            if (i < share.length) {
                double own = stack.named(heights.get(i), heights.get(i + 1)) ? LEAST_NAMED : LEAST_GAP;
                y -= own + spare * share[i] / total;
            }
        }
    }

    private double y(Length length) {
        return at.getOrDefault(length, TOP);
    }

    private void scale() {
        line("l-edge", 46, y(stack.heights().get(0)), 46, TOP);
        double last = Double.MAX_VALUE;
        for (Length h : stack.heights()) {
            double y = y(h);
            line("l-edge", 40, y, 46, y);
            if (last - y >= 13) {
                text("num13", 36, y + 4.4, "end", Units.thickness(h));
                last = y;
            }
        }
    }

    /** The fold that joins the base's two leaves, at the left. */
    private void spine() {
        List<Stack.Layer> base =
                stack.layers().stream().filter(l -> l.owner().equals(Id.BASE)).toList();
        if (base.size() == 2) {
            Stack.Layer back = base.get(0);
            Stack.Layer front = base.get(1);
            double mid = (y(back.top()) + y(front.bottom())) / 2;
            String outer = "M%s,%sC%s,%s %s,%s %s,%s"
                    .formatted(points(
                            LEFT + 14,
                            y(front.top()),
                            LEFT - 8,
                            y(front.top()),
                            LEFT - 8,
                            y(back.bottom()),
                            LEFT + 14,
                            y(back.bottom())));
            String inner = "V%s C%s,%s %s,%s %s,%sZ"
                    .formatted(
                            points(y(back.top()), LEFT + 6, mid + 1, LEFT + 6, mid - 1, LEFT + 14, y(front.bottom())));
            out.append("<path class=\"l-edge a\"")
                    .append(fill(back.material()))
                    .append(" d=\"")
                    .append(outer)
                    .append(inner)
                    .append("\"/>");
        }
    }

    private static Object[] points(double... values) {
        return Arrays.stream(values).mapToObj(StackSvg::n).toArray();
    }

    private void layer(Stack.Layer layer) {
        double top = y(layer.top());
        double high = y(layer.bottom()) - top;
        boolean on = layer.owner().equals(selected);
        out.append("<a class=\"ly\" href=\"")
                .append(SvgText.escape(link + layer.owner()))
                .append("\" data-select=\"")
                .append(layer.owner())
                .append('"')
                .append(on ? " aria-current=\"true\"" : "")
                .append("><title>")
                .append(SvgText.escape(layer.name()))
                .append("</title>");
        List<double[]> blocks = new ArrayList<>();
        boolean base = layer.owner().equals(Id.BASE);
        for (Stack.Part span : layer.spans()) {
            double from = LEFT + (base ? 14 : 0) + span.from() * (middle - LEFT - (base ? 14 : 0));
            blocks.add(new double[] {from, Math.max(2, LEFT + span.to() * (middle - LEFT) - from)});
        }
        double column = (RIGHT - middle) / layer.columns();
        double x = middle + column * layer.column();
        boolean joins = layer.column() == 0 && blocks.stream().anyMatch(b -> Math.abs(b[0] + b[1] - middle) < 0.5);
        if (joins) {
            double[] last = blocks.remove(blocks.size() - 1);
            blocks.add(new double[] {last[0], x + column - last[0]});
        } else {
            blocks.add(new double[] {x, column});
        }
        for (double[] b : blocks) {
            rect(
                    " x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\"".formatted(points(b[0], top, b[1], high)),
                    layer.material(),
                    on);
        }
        name(layer, x, column, top + high / 2);
        out.append("</a>");
        layer.addOn().ifPresent(face -> plus(face, layer.name(), top));
    }

    /** Where more may go: on top of a layer that offers a face. */
    private void plus(Id face, String name, double top) {
        out.append("<a class=\"plus\" href=\"#add\" data-add-on=\"")
                .append(face)
                .append("\" aria-label=\"Add on ")
                .append(SvgText.escape(name))
                .append("\"><circle cx=\"")
                .append(n(RIGHT))
                .append("\" cy=\"")
                .append(n(top))
                .append("\" r=\"8.5\"/><path d=\"M")
                .append(n(RIGHT - 4.5))
                .append(',')
                .append(n(top))
                .append("h9m-4.5-4.5v9\"/></a>");
    }

    private void name(Stack.Layer layer, double x, double column, double level) {
        String thick = Units.thickness(layer.top().minus(layer.bottom()));
        int room = (int) ((column - 12) / 6.7) - (layer.columns() == 1 ? 5 : 0);
        String name = fit(layer.name(), room);
        boolean pattern = layer.material().tint().isEmpty();
        boolean dark = layer.material().tint().filter(c -> c.lightness() < 55).isPresent();
        if (pattern) {
            out.append("<rect class=\"ly-plate\" x=\"")
                    .append(n(x + 2))
                    .append("\" y=\"")
                    .append(n(level - 9))
                    .append("\" width=\"")
                    .append(n(column - 4))
                    .append("\" height=\"18\"/>");
        }
        text("ly-n" + (dark ? " on-dark" : ""), x + 6, level + 5, "start", SvgText.escape(name));
        if (layer.columns() == 1) {
            text("ly-t" + (dark ? " on-dark" : ""), x + column - 8, level + 5, "end", thick);
        }
    }

    /** As many whole words as there is room for, with the quotation closed if it is cut; at least the first. */
    private static String fit(String name, int room) {
        String fits = name;
        while ((fits + closing(fits)).length() > room && fits.contains(" ")) {
            fits = fits.substring(0, fits.lastIndexOf(' ')).replaceAll(" (of|and)$", "");
        }
        String whole = fits + closing(fits);
        return whole.length() <= room ? whole : fits.substring(0, Math.max(1, room - 1)) + "…";
    }

    private static String closing(String cut) {
        return cut.contains("“") && !cut.contains("”") ? "…”" : "";
    }

    private void rect(String box, Material material, boolean on) {
        out.append("<rect class=\"l-edge a\"")
                .append(fill(material))
                .append(box)
                .append("/>");
        if (on) {
            out.append("<rect class=\"l-sel\"")
                    .append(box)
                    .append("/><rect class=\"l-edge\"")
                    .append(box)
                    .append("/>");
        }
    }

    private static String fill(Material material) {
        if (material.tint().isPresent()) {
            return " fill=\"" + material.tint().get().hex() + "\"";
        }
        return material instanceof Film
                ? " fill=\"url(#p-film)\""
                : material instanceof Foam ? " fill=\"url(#p-foam)\"" : " fill=\"#fff\"";
    }

    private void line(String css, double x1, double y1, double x2, double y2) {
        out.append("<path class=\"")
                .append(css)
                .append("\" d=\"M")
                .append(n(x1))
                .append(',')
                .append(n(y1))
                .append('L')
                .append(n(x2))
                .append(',')
                .append(n(y2))
                .append("\"/>");
    }

    private void text(String css, double x, double y, String anchor, String content) {
        out.append("<text class=\"")
                .append(css)
                .append("\" x=\"")
                .append(n(x))
                .append("\" y=\"")
                .append(n(y))
                .append("\" text-anchor=\"")
                .append(anchor)
                .append("\">")
                .append(content)
                .append("</text>");
    }

    private static String n(double value) {
        return String.valueOf(Math.round(value * 10) / 10.0);
    }
}
