package dev.schachtel.core.render;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.drawing.Fill;
import dev.schachtel.core.drawing.Mark;
import dev.schachtel.core.drawing.Meaning;
import dev.schachtel.core.drawing.Scene;
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
        scene.marks().stream().filter(m -> isArea(m) && isShown(m)).forEach(m -> m.tell(cases));
        if (!look.isPicture()) {
            selection();
        }
        scene.marks().stream().filter(m -> !isArea(m)).forEach(m -> m.tell(cases));
        if (!look.isPicture()) {
            new PinSvg(path, look.link(), out).add(look.pins());
            if (scene.toScale()) {
                scaleBar();
            }
        }
        return out.append("</svg>").toString();
    }

    /** A picture shows what the eye sees: nothing that lies hidden. */
    private boolean isShown(Mark mark) {
        return !look.isPicture()
                || !(mark instanceof Mark.Area a)
                || a.edge() != Meaning.HIDDEN && a.edge() != Meaning.BOARD;
    }

    private static boolean isArea(Mark mark) {
        return mark instanceof Mark.Area || mark instanceof Mark.Moving;
    }

    /** The edges of the selected piece, or of what a step adds, once more on top, marigold under ink. */
    private void selection() {
        StringBuilder all = new StringBuilder();
        for (Mark mark : scene.marks()) {
            if (mark instanceof Mark.Area a) {
                selected(a, all);
            } else if (mark instanceof Mark.Moving m) {
                moving(m);
            }
        }
        if (!all.isEmpty()) {
            out.append("<path class=\"l-sel\" d=\"").append(all).append("\"/>");
            out.append("<path class=\"l-edge\" d=\"").append(all).append("\"/>");
        }
    }

    private void selected(Mark.Area area, StringBuilder all) {
        boolean chosen = !look.selected().equals(Id.BASE)
                && area.of().filter(look.selected()::equals).isPresent();
        if (area.edge() != Meaning.WORKED
                && !(area.fill() instanceof Fill.Plain)
                && area.edge() != Meaning.PATH
                && (chosen || area.edge() == Meaning.FRESH)) {
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

    private void scaleBar() {
        boolean inch = look.units() == dev.schachtel.core.measure.Units.INCH;
        double length = (inch ? 25.4 : 20) * path.scale();
        double x = 12;
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

    private void open(Optional<Id> of, String classes) {
        out.append("<a class=\"").append(classes).append('"');
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
            case CUT, FRESH -> "l-cut";
            case EDGE -> "l-edge";
            case MOUNTAIN -> "l-mount";
            case VALLEY -> "l-valley";
            case HIDDEN -> "l-hidden";
            case WORKED -> "l-worked";
            case STITCH -> "l-stitch";
            case STROKE -> "l-stroke";
            case PATH -> "l-path";
            case GHOST -> "l-ghost";
            case BOARD -> "l-board";
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
            if (material.tint().isPresent()) {
                return plain(material.tint().get());
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

        @Override
        public String lit(Fill.Lit lit) {
            String colour = plain(lit.colour());
            return lit.opacity() > 0.995
                    ? colour
                    : colour + " fill-opacity=\"" + Math.round(lit.opacity() * 100) / 100.0 + "\"";
        }

        @Override
        public String worked(Fill.Worked surface) {
            return SurfaceSvg.fill(surface);
        }
    }

    private final class Cases implements Mark.Cases<StringBuilder> {
        private final FillCases fills = new FillCases();

        @Override
        public StringBuilder area(Mark.Area a) {
            boolean link = a.of().isPresent() && !look.link().isEmpty();
            if (a.fill() instanceof Fill.Worked surface) {
                out.append(SurfaceSvg.definition(surface));
            }
            if (link) {
                open(a.of(), "ly");
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
            moving.marks().stream().filter(SvgWriter.this::isShown).forEach(m -> m.tell(this));
            return out.append("</g>");
        }

        /** Fourteen points where there is room, else as small as it takes; letters are about 0.56 as wide as high. */
        @Override
        public StringBuilder caption(Mark.Caption c) {
            if (look.isPicture()) {
                return out;
            }
            int letters = Math.max(1, c.words().letters());
            double fits = Math.min(
                    c.width() * path.scale() * 0.92 / (letters * 0.56 * 14), c.height() * path.scale() * 0.85 / 14);
            double size = Math.min(1, fits);
            out.append("<g transform=\"translate(")
                    .append(path.point(c.at()))
                    .append(") scale(")
                    .append(path.number(Math.max(0.05, size)))
                    .append(")\">");
            write(0, 5, "d", "middle", text.of(c.words(), 14));
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
