package dev.schachtel.core.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.drawing.Fill;
import dev.schachtel.core.drawing.Mark;
import dev.schachtel.core.drawing.Meaning;
import dev.schachtel.core.drawing.Scene;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.Film;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.shape.Point;

/**
 * A scene as SVG for a page. Line styles are classes of the page's stylesheet (one for each meaning), materials its
 * patterns {@code p-foam} and {@code p-film}; card shows its own colour. No style attributes and no scripts, so that a
 * strict content policy holds.
 */
public final class SvgWriter {
    private final Scene scene;
    private final Look look;
    private final PathData path;
    private final SvgText text;
    private final StringBuilder out = new StringBuilder();
    private final List<Point> signs = new ArrayList<>();

    private SvgWriter(Scene scene, Look look) {
        this.scene = scene;
        this.look = look;
        this.text = new SvgText(look.units());
        Scene.Room room = look.isPicture() ? new Scene.Room(4, 4, 4, 4) : scene.room();
        double wide = Math.max(1, look.width() - room.left() - room.right());
        double high = Math.max(1, look.height() - room.top() - room.bottom());
        double scale = Math.min(
                wide / Math.max(1e-3, scene.extent().width()),
                high / Math.max(1e-3, scene.extent().height()));
        double spareX = (wide - scene.extent().width() * scale) / (look.isPicture() ? 2 : 2.6);
        double spareY = (high - scene.extent().height() * scale) / 2;
        this.path = new PathData(
                scale,
                room.left() + spareX - scene.extent().left() * scale,
                room.top() + spareY + scene.extent().top() * scale,
                2);
    }

    public static String write(Scene scene, Look look) {
        return new SvgWriter(scene, look).write();
    }

    private String write() {
        out.append("<svg class=\"dwg main\" viewBox=\"0 0 ")
                .append(look.width())
                .append(' ')
                .append(look.height())
                .append("\" width=\"")
                .append(look.width())
                .append("\" height=\"")
                .append(look.height())
                .append("\" data-scale=\"")
                .append(path.number(path.scale()))
                .append("\" data-left=\"")
                .append(path.number(path.left()))
                .append("\" data-top=\"")
                .append(path.number(path.top()))
                .append("\" preserveAspectRatio=\"xMidYMid meet\" ")
                .append(look.isPicture() ? "aria-hidden=\"true\">" : "role=\"group\" aria-label=\"")
                .append(look.isPicture() ? "" : SvgText.escape(scene.title()) + "\">");
        Cases cases = new Cases();
        scene.marks().stream().filter(SvgWriter::isArea).forEach(m -> m.tell(cases));
        if (!look.isPicture()) {
            selection();
        }
        scene.marks().stream().filter(m -> !isArea(m)).forEach(m -> m.tell(cases));
        if (!look.isPicture()) {
            look.pins().forEach(this::pin);
            if (scene.toScale()) {
                scaleBar();
            }
        }
        return out.append("</svg>").toString();
    }

    private static boolean isArea(Mark mark) {
        return mark instanceof Mark.Area || mark instanceof Mark.Moving;
    }

    /** The selected piece's edges once more, on top, marigold under ink. */
    private void selection() {
        StringBuilder all = new StringBuilder();
        for (Mark mark : scene.marks()) {
            if (mark instanceof Mark.Area a) {
                selected(a, all);
            } else if (mark instanceof Mark.Moving m) {
                moving(m);
            }
        }
        if (!all.isEmpty() && !look.selected().equals(Id.BASE)) {
            out.append("<path class=\"l-sel\" d=\"").append(all).append("\"/>");
            out.append("<path class=\"l-edge\" d=\"").append(all).append("\"/>");
        }
    }

    private void selected(Mark.Area area, StringBuilder all) {
        if (!(area.fill() instanceof Fill.Plain)
                && area.edge() != Meaning.PATH
                && area.of().filter(look.selected()::equals).isPresent()) {
            all.append(path.of(area.outline()));
        }
    }

    /** The edges of something that moves, in a group that moves with it. */
    private void moving(Mark.Moving moving) {
        StringBuilder all = new StringBuilder();
        moving.marks().stream()
                .filter(Mark.Area.class::isInstance)
                .map(Mark.Area.class::cast)
                .forEach(a -> selected(a, all));
        if (!all.isEmpty()) {
            out.append("<g class=\"mv\" data-owner=\"")
                    .append(moving.owner())
                    .append("\" data-movement=\"")
                    .append(moving.movement())
                    .append("\"><path class=\"l-sel\" d=\"")
                    .append(all)
                    .append("\"/><path class=\"l-edge\" d=\"")
                    .append(all)
                    .append("\"/></g>");
        }
    }

    private void pin(Pin pin) {
        double x = path.x(pin.at());
        double y = path.y(pin.at());
        Point icon = free(new Point(x - 34, y + 20));
        String kind = pin.severity().name().toLowerCase(Locale.ROOT);
        String sign = pin.severity() == dev.schachtel.core.check.Severity.MEND
                ? "<path d=\"M-4-10h8l6 6v8l-6 6h-8l-6-6v-8z\" fill=\"currentColor\"/>"
                        + "<path d=\"M-3.8-3.8l7.6 7.6M3.8-3.8l-7.6 7.6\" class=\"pin-x\"/>"
                : "<path d=\"M0-10l9.5 17.5h-19z\" class=\"pin-tri\"/><path d=\"M0-4v5.5M0 4v1.8\" class=\"pin-bang\"/>";
        open(Optional.of(pin.owner()), "pin fd-" + kind, "pin-" + pin.key());
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

    private void scaleBar() {
        boolean inch = look.units() == dev.schachtel.core.measure.Units.INCH;
        double length = (inch ? 25.4 : 20) * path.scale();
        double x = look.width() - 30 - length;
        double y = look.height() - 12;
        out.append("<path class=\"l-edge\" d=\"M")
                .append(path.number(x))
                .append(',')
                .append(path.number(y - 5))
                .append("v10m0-5h")
                .append(path.number(length))
                .append("m0-5v10\"/>");
        write(x + length / 2, y - 9, "note", "middle", inch ? "1 in" : "20 mm");
    }

    private void write(double x, double y, String classes, String anchor, String content) {
        out.append("<text class=\"")
                .append(classes)
                .append("\" x=\"")
                .append(path.number(x))
                .append("\" y=\"")
                .append(path.number(y))
                .append("\" text-anchor=\"")
                .append(anchor)
                .append("\">")
                .append(content)
                .append("</text>");
    }

    private void open(Optional<Id> of, String classes, String id) {
        out.append("<a class=\"").append(classes).append('"');
        if (!id.isEmpty()) {
            out.append(" id=\"").append(id).append('"');
        }
        of.ifPresent(piece -> out.append(" href=\"")
                .append(SvgText.escape(look.link() + piece))
                .append("\" data-select=\"")
                .append(piece)
                .append("\" tabindex=\"-1\" aria-label=\"")
                .append(piece)
                .append('"'));
        out.append('>');
    }

    static String css(Meaning meaning) {
        return switch (meaning) {
            case CUT -> "l-cut";
            case EDGE -> "l-edge";
            case MOUNTAIN -> "l-mount";
            case VALLEY -> "l-valley";
            case HIDDEN -> "l-hidden";
            case PATH -> "l-path";
            case GHOST -> "l-ghost";
            case GAP -> "l-gap";
            case DIMENSION -> "l-dim";
            case CENTRE -> "l-centre";
            case LEAD -> "l-lead";
            default -> "l-none";
        };
    }

    /** Attributes that fill an area. */
    private static final class FillCases implements Fill.Cases<String> {
        @Override
        public String empty() {
            return " fill=\"none\"";
        }

        @Override
        public String made(Material material) {
            if (material instanceof Cardstock card) {
                return plain(card.colour());
            }
            return material instanceof Film
                    ? " fill=\"url(#p-film)\""
                    : material instanceof Foam ? " fill=\"url(#p-foam)\"" : " fill=\"#fff\"";
        }

        @Override
        public String behind(Material material) {
            return material instanceof Film ? " fill=\"#dbeef2\" fill-opacity=\"0.45\"" : " fill=\"url(#p-foam-h)\"";
        }

        @Override
        public String plain(Colour colour) {
            return " fill=\"" + colour.hex() + "\"";
        }
    }

    private final class Cases implements Mark.Cases<StringBuilder> {
        private final FillCases fills = new FillCases();

        @Override
        public StringBuilder area(Mark.Area a) {
            boolean link = a.of().isPresent() && !look.link().isEmpty();
            if (link) {
                open(a.of(), "ly", "");
            }
            out.append("<path class=\"")
                    .append(css(a.edge()))
                    .append(" a\"")
                    .append(a.fill().tell(fills))
                    .append(" fill-rule=\"evenodd\" d=\"")
                    .append(path.of(a.outline()))
                    .append("\"/>");
            return link ? out.append("</a>") : out;
        }

        @Override
        public StringBuilder line(Mark.Line line) {
            if (look.isPicture() && line.meaning() != Meaning.MOUNTAIN && line.meaning() != Meaning.VALLEY) {
                return out;
            }
            out.append("<path class=\"").append(css(line.meaning())).append("\" d=\"M");
            List<Point> points = line.points();
            for (int i = 0; i < points.size(); i++) {
                out.append(i == 0 ? "" : "L").append(path.point(points.get(i)));
            }
            return out.append("\"/>");
        }

        @Override
        public StringBuilder dimension(Mark.Dimension d) {
            return look.isPicture() ? out : out.append(new DimensionSvg(path, text, scene.extent()).of(d));
        }

        @Override
        public StringBuilder label(Mark.Label l) {
            if (look.isPicture()) {
                return out;
            }
            double x = path.x(l.at()) + l.shift().right();
            double y = path.y(l.at()) + l.shift().down();
            String anchor = l.shift().anchor().name().toLowerCase(Locale.ROOT);
            if (l.style() == Mark.Style.SIZE) {
                out.append("<path class=\"l-lead\" d=\"M")
                        .append(path.point(l.at()))
                        .append('L')
                        .append(path.number(x - 4))
                        .append(',')
                        .append(path.number(y - 4))
                        .append("\"/>");
            }
            String content = text.of(l.words(), 14);
            switch (l.style()) {
                case NAME -> write(x, y, "ly-n halo", anchor, content);
                case NOTE -> write(x, y, "note halo", anchor, content);
                case SIZE -> write(x, y, "d halo", anchor, content);
                case ON_CARD -> write(x, y + 5, "d", anchor, content);
                default ->
                    out.append("<text class=\"note halo\" text-anchor=\"middle\" transform=\"translate(")
                            .append(path.number(x))
                            .append(',')
                            .append(path.number(y))
                            .append(") rotate(-90)\">")
                            .append(content)
                            .append("</text>");
            }
            return out;
        }

        @Override
        public StringBuilder moving(Mark.Moving moving) {
            out.append("<g class=\"mv\" data-owner=\"")
                    .append(moving.owner())
                    .append("\" data-movement=\"")
                    .append(moving.movement())
                    .append("\">");
            moving.marks().forEach(m -> m.tell(this));
            return out.append("</g>");
        }

        @Override
        public StringBuilder limb(Mark.Limb limb) {
            out.append("<path class=\"l-limb\" data-limb=\"")
                    .append(limb.index())
                    .append("\" d=\"M");
            List<Point> points = limb.points();
            for (int i = 0; i < points.size(); i++) {
                out.append(i == 0 ? "" : "L").append(path.point(points.get(i)));
            }
            return out.append("\"/>");
        }

        @Override
        public StringBuilder letter(Mark.Letter l) {
            if (look.isPicture()) {
                return out;
            }
            String x = path.number(path.x(l.at()) + l.shift().right());
            double y = path.y(l.at()) + l.shift().down();
            out.append("<circle class=\"code-c\" cx=\"")
                    .append(x)
                    .append("\" cy=\"")
                    .append(path.number(y))
                    .append("\" r=\"9.5\"/>");
            write(path.x(l.at()) + l.shift().right(), y + 4.5, "code-t", "middle", SvgText.escape(l.letter()));
            return out;
        }
    }
}
