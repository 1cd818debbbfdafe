package dev.schachtel.core.render;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.drawing.Facet;
import dev.schachtel.core.drawing.SpaceScene;
import dev.schachtel.core.drawing.SpaceView;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.shape.Ring;

/** The card in space as SVG: the same picture as the one that turns, for pages and machines without it. */
public final class SpaceSvg {
    private static final Colour INK = new Colour(0x123b46);
    /** Corners left out move an edge by no more than this, mm. */
    private static final double COARSE = 0.05;
    /** Distance of the lines on the board, mm. */
    private static final double GRID = 25;

    private final SpaceScene scene;
    private final double scale;
    private final double left;
    private final double top;
    private final StringBuilder out = new StringBuilder();

    private SpaceSvg(SpaceScene scene, Frame frame) {
        this.scene = scene;
        Box all = extent();
        double wide = frame.width - 2 * frame.margin;
        double high = frame.height - 2 * frame.margin;
        this.scale = Math.min(wide / Math.max(1, all.width()), high / Math.max(1, all.height()));
        this.left = frame.width / 2.0 - all.centre().x() * scale;
        this.top = frame.height / 2.0 + all.centre().y() * scale;
    }

    /**
     * What is drawn into.
     *
     * @param width of the picture, as are height and margin, in its units
     * @param board whether the board's lines are drawn
     * @param label what is seen, in words; empty for a mere ornament
     * @param selected the piece whose edges are marigold
     */
    public record Frame(int width, int height, int margin, boolean board, String label, Id selected) {}

    public static String write(SpaceScene scene, Frame frame) {
        return new SpaceSvg(scene, frame).write(frame);
    }

    private Box extent() {
        List<Box> boxes = new ArrayList<>();
        scene.faces().forEach(f -> boxes.add(boxOf(f)));
        scene.shadow().forEach(s -> s.outer().flattened().forEach(p -> boxes.add(boxAt(onBoard(p)))));
        return boxes.stream().reduce(Box::union).orElse(new Box(0, 0, 1, 1));
    }

    private Box boxOf(Facet facet) {
        Box b = facet.outline().bounds();
        return boxAt(facet.at(new Point(b.left(), b.bottom())))
                .union(boxAt(facet.at(new Point(b.right(), b.top()))))
                .union(boxAt(facet.at(new Point(b.left(), b.top()))))
                .union(boxAt(facet.at(new Point(b.right(), b.bottom()))));
    }

    private Box boxAt(Vec place) {
        Point p = scene.eye().seen(place);
        return new Box(p.x(), p.y(), p.x(), p.y());
    }

    private Vec onBoard(Point p) {
        return new Vec(p.x(), scene.board(), -p.y());
    }

    private String write(Frame frame) {
        out.append("<svg class=\"space\" viewBox=\"0 0 ")
                .append(frame.width)
                .append(' ')
                .append(frame.height)
                .append("\" width=\"")
                .append(frame.width)
                .append("\" height=\"")
                .append(frame.height)
                .append(frame.label.isEmpty() ? "\" aria-hidden=\"true\">" : "\" role=\"img\" aria-label=\"")
                .append(frame.label.isEmpty() ? "" : SvgText.escape(frame.label) + "\">");
        if (frame.board && !scene.shadow().isEmpty()) {
            board();
        }
        scene.shadow().forEach(this::shadow);
        scene.faces()
                .forEach(f ->
                        face(f, f.owner().equals(frame.selected) && !f.owner().equals(Id.BASE)));
        return out.append("</svg>").toString();
    }

    private void board() {
        Box all =
                scene.shadow().stream().map(Outline::bounds).reduce(Box::union).orElseThrow();
        double from = GRID * Math.floor((all.left() - GRID) / GRID);
        double to = GRID * Math.ceil((all.right() + GRID) / GRID);
        double near = GRID * Math.floor((all.bottom() - GRID) / GRID);
        double far = GRID * Math.ceil((all.top() + GRID) / GRID);
        out.append("<path fill=\"none\" stroke=\"#123b46\" stroke-opacity=\".13\" stroke-width=\".8\" d=\"");
        for (double x = from; x <= to; x += GRID) {
            line(new Point(x, near), new Point(x, far));
        }
        for (double y = near; y <= far; y += GRID) {
            line(new Point(from, y), new Point(to, y));
        }
        out.append("\"/>");
    }

    private void line(Point from, Point to) {
        out.append('M').append(place(onBoard(from))).append('L').append(place(onBoard(to)));
    }

    private void shadow(Outline shadow) {
        out.append("<path fill=\"#123b46\" fill-opacity=\".16\" fill-rule=\"evenodd\" d=\"");
        ring(shadow.coarse(COARSE).outer(), this::onBoard);
        shadow.holes().forEach(h -> ring(h, this::onBoard));
        out.append("\"/>");
    }

    private void face(Facet facet, boolean selected) {
        boolean clear = facet.stuff() == SpaceView.Stuff.CLEAR;
        out.append("<path fill=\"")
                .append(lit(facet.colour(), facet).hex())
                .append(clear ? "\" fill-opacity=\".28" : "")
                .append("\" fill-rule=\"evenodd\"")
                .append(facet.whole() ? edge(facet, selected) : "")
                .append(" d=\"");
        outline(facet.outline(), facet);
        out.append("\"/>");
        facet.paints().forEach(p -> paint(p, facet));
    }

    private static String edge(Facet facet, boolean selected) {
        if (selected) {
            return " stroke=\"#e8a317\" stroke-width=\"2\" stroke-linejoin=\"round\"";
        }
        boolean faint = facet.stuff() == SpaceView.Stuff.CLEAR || facet.stuff() == SpaceView.Stuff.LOOSE;
        return " stroke=\"" + INK.hex() + "\" stroke-linejoin=\"round\" stroke-width=\"" + (faint ? ".4\"" : ".7\"");
    }

    private void paint(SpaceView.Paint paint, Facet facet) {
        List<Outline> areas =
                facet.whole() ? List.of(paint.area()) : paint.area().common(facet.outline());
        if (areas.isEmpty() || paint.opacity() < 0.01) {
            return;
        }
        out.append("<path fill=\"").append(lit(paint.colour(), facet).hex()).append('"');
        if (paint.opacity() < 0.995) {
            out.append(" fill-opacity=\"").append(number(paint.opacity())).append('"');
        }
        out.append(" fill-rule=\"evenodd\" d=\"");
        areas.forEach(a -> outline(a, facet));
        out.append("\"/>");
    }

    private void outline(Outline outline, Facet facet) {
        Outline coarse = outline.coarse(COARSE);
        ring(coarse.outer(), facet::at);
        coarse.holes().forEach(h -> ring(h, facet::at));
    }

    private void ring(Ring ring, java.util.function.Function<Point, Vec> place) {
        char next = 'M';
        for (Point p : ring.flattened()) {
            out.append(next).append(place(place.apply(p)));
            next = 'L';
        }
        out.append('Z');
    }

    /** Faces that look to the light are as bright as they are made; others are in the shade. */
    private static Colour lit(Colour colour, Facet facet) {
        double light = Math.max(0, facet.plane().out().dot(SpaceScene.LIGHT));
        return INK.mixed(colour, 0.8 + 0.2 * Math.min(1, light * 1.6));
    }

    private String place(Vec place) {
        Point p = scene.eye().seen(place);
        return number(left + p.x() * scale) + "," + number(top - p.y() * scale);
    }

    private static String number(double value) {
        String text = String.format(Locale.ROOT, "%.2f", value);
        return text.endsWith("0") ? text.substring(0, text.length() - (text.endsWith("00") ? 3 : 1)) : text;
    }
}
