package dev.schachtel.core.render;

import dev.schachtel.core.drawing.Mark;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Point;

/** A dimension: extension lines, the line with its two arrow heads, and the text on it. */
record DimensionSvg(PathData path, SvgText text, Box extent) {
    private static final double FIRST = 24;
    private static final double LANE = 36;
    private static final double SIZE = 14;

    String of(Mark.Dimension d) {
        boolean upright = d.side() == Mark.Side.LEFT || d.side() == Mark.Side.RIGHT;
        return upright ? upright(d) : level(d);
    }

    private double off(Mark.Dimension d) {
        return FIRST + (d.lane() - 1) * LANE;
    }

    private String upright(Mark.Dimension d) {
        boolean left = d.side() == Mark.Side.LEFT;
        double x;
        if (d.lane() == 0) {
            x = path.x(d.from());
        } else {
            x = left ? path.x(new Point(extent.left(), 0)) - off(d) : path.x(new Point(extent.right(), 0)) + off(d) - 6;
        }
        double y1 = Math.max(path.y(d.from()), path.y(d.to()));
        double y2 = Math.min(path.y(d.from()), path.y(d.to()));
        StringBuilder out = new StringBuilder();
        if (d.lane() > 0) {
            extension(out, path.x(d.from()), path.y(d.from()), x, path.y(d.from()));
            extension(out, path.x(d.to()), path.y(d.to()), x, path.y(d.to()));
        }
        line(out, x, y1, x, y2);
        arrow(out, x, y2, "l-1.6,7.5h3.2z");
        arrow(out, x, y1, "l-1.6,-7.5h3.2z");
        boolean tight = y1 - y2 < 26;
        text(out, tight ? x + (left ? -6 : 6) : x, (y1 + y2) / 2 + 5, tight ? (left ? "end" : "start") : "middle", d);
        return out.toString();
    }

    private String level(Mark.Dimension d) {
        double x1 = Math.min(path.x(d.from()), path.x(d.to()));
        double x2 = Math.max(path.x(d.from()), path.x(d.to()));
        double y;
        if (d.lane() == 0) {
            y = path.y(d.from()) - (d.side() == Mark.Side.TOP ? 10 : 0);
        } else {
            y = d.side() == Mark.Side.TOP
                    ? path.y(new Point(0, extent.top())) - off(d)
                    : path.y(new Point(0, extent.bottom())) + off(d);
        }
        StringBuilder out = new StringBuilder();
        if (d.lane() > 0) {
            extension(out, path.x(d.from()), path.y(d.from()), path.x(d.from()), y);
            extension(out, path.x(d.to()), path.y(d.to()), path.x(d.to()), y);
        }
        line(out, x1, y, x2, y);
        arrow(out, x1, y, "l7.5,-1.6v3.2z");
        arrow(out, x2, y, "l-7.5,-1.6v3.2z");
        text(out, (x1 + x2) / 2, y + 5, "middle", d);
        return out.toString();
    }

    /** From a little off the thing to a little past the dimension line. */
    private void extension(StringBuilder out, double x1, double y1, double x2, double y2) {
        double sx = Math.signum(x2 - x1) * 4;
        double sy = Math.signum(y2 - y1) * 4;
        line(out, x1 + sx, y1 + sy, x2 + sx, y2 + sy);
    }

    private void line(StringBuilder out, double x1, double y1, double x2, double y2) {
        out.append("<path class=\"l-dim\" d=\"M")
                .append(path.number(x1))
                .append(',')
                .append(path.number(y1))
                .append('L')
                .append(path.number(x2))
                .append(',')
                .append(path.number(y2))
                .append("\"/>");
    }

    private void arrow(StringBuilder out, double x, double y, String shape) {
        out.append("<path class=\"a-dim\" d=\"M")
                .append(path.number(x))
                .append(',')
                .append(path.number(y))
                .append(shape)
                .append("\"/>");
    }

    private void text(StringBuilder out, double x, double y, String anchor, Mark.Dimension d) {
        out.append("<text class=\"d halo\" x=\"")
                .append(path.number(x))
                .append("\" y=\"")
                .append(path.number(y))
                .append("\" text-anchor=\"")
                .append(anchor)
                .append("\">")
                .append(text.of(d.words(), SIZE))
                .append("</text>");
    }
}
