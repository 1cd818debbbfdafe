package dev.schachtel.core.render;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

import dev.schachtel.core.build.Severity;
import dev.schachtel.core.shape.Point;

/** Signs of findings on a drawing: a ring at the place, the verdict's shape beside it, the figure under that. */
final class PinSvg {
    private final PathData path;
    private final String link;
    private final StringBuilder out;
    private final List<Point> signs = new ArrayList<>();

    PinSvg(PathData path, String link, StringBuilder out) {
        this.path = path;
        this.link = link;
        this.out = out;
    }

    void add(List<Pin> pins) {
        pins.forEach(this::pin);
    }

    private void pin(Pin pin) {
        double x = path.x(pin.at());
        double y = path.y(pin.at());
        Point icon = free(new Point(x - 34, y + 20));
        String kind = pin.severity().name().toLowerCase(Locale.ROOT);
        String sign = sign(pin);
        out.append("<a class=\"pin fd-")
                .append(kind)
                .append("\" id=\"pin-")
                .append(pin.key())
                .append("\" href=\"")
                .append(SvgText.escape(link + pin.owner()))
                .append("\" data-select=\"")
                .append(pin.owner())
                .append("\" tabindex=\"-1\" aria-label=\"")
                .append(pin.owner())
                .append("\">");
        out.append("<circle class=\"pin-ring\" cx=\"")
                .append(path.number(x))
                .append("\" cy=\"")
                .append(path.number(y))
                .append("\" r=\"8\"/>");
        out.append("<path class=\"pin-lead\" d=\"M%s,%sL%s,%s\"/><g transform=\"translate(%s,%s)\">"
                        .formatted(
                                path.number(x - 7),
                                path.number(y + 4),
                                path.number(icon.x() + 11),
                                path.number(icon.y() - 5),
                                path.number(icon.x()),
                                path.number(icon.y())))
                .append(sign);
        if (!pin.text().isEmpty()) {
            out.append("<text class=\"d sm halo pin-text\" text-anchor=\"middle\" y=\"25\">")
                    .append(SvgText.escape(pin.text()))
                    .append("</text>");
        }
        out.append("</g></a>");
    }

    private static String sign(Pin pin) {
        return pin.severity() == Severity.MEND
                ? "<path d=\"M-4-10h8l6 6v8l-6 6h-8l-6-6v-8z\" fill=\"currentColor\"/>"
                        + "<path d=\"M-3.8-3.8l7.6 7.6M3.8-3.8l-7.6 7.6\" class=\"pin-x\"/>"
                : "<path d=\"M0-10l9.5 17.5h-19z\" class=\"pin-tri\"/><path d=\"M0-4v5.5M0 4v1.8\" class=\"pin-bang\"/>";
    }

    /** The place itself, or the next one below that is not taken by another finding's sign. */
    private Point free(Point wished) {
        Point at = wished;
        while (true) {
            Point here = at;
            if (signs.stream().noneMatch(s -> Math.abs(s.x() - here.x()) < 44 && Math.abs(s.y() - here.y()) < 44)) {
                signs.add(at);
                return at;
            }
            at = at.plus(0, 12);
        }
    }
}
