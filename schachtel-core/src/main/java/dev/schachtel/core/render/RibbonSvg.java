package dev.schachtel.core.render;

import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.motion.Course;

/** The free gap along a way as a ribbon, with the gap asked for as a dashed line; the tightest place is marked. */
public final class RibbonSvg {
    private static final double LEFT = 9;
    private static final double WIDTH = 248;
    private static final double FOOT = 34;
    private static final double TOP = 4;
    /** The share of the way either side of its middle that the words take. */
    private static final double WORDS = 0.3;
    /** How high small letters are. */
    private static final double LETTERS = 8;
    /** Gaps from here on are drawn as high as the ribbon. */
    private static final Length FULL = Length.ofMillimetres(5);

    private RibbonSvg() {}

    public static String write(Course course) {
        StringBuilder line = new StringBuilder();
        for (Course.Sample s : course.samples()) {
            line.append(line.isEmpty() ? "M" : "L")
                    .append(n(x(s.share())))
                    .append(',')
                    .append(n(y(s.gap())));
        }
        Length asked = course.motion().keeping().clear();
        String wrong = course.tightest().filter(t -> t.gap().isBelow(asked)).isPresent() ? " wrong" : "";
        StringBuilder out =
                new StringBuilder("<svg class=\"dwg ribbon" + wrong + "\" viewBox=\"0 0 266 38\" width=\"266\""
                        + " height=\"38\" role=\"img\" aria-label=\"Free gap along the way\">");
        out.append("<path class=\"rib-a\" d=\"")
                .append(line)
                .append("L" + n(LEFT + WIDTH) + "," + n(FOOT) + "L" + n(LEFT) + "," + n(FOOT) + "Z\"/>");
        out.append("<path class=\"rib-l\" d=\"").append(line).append("\"/>");
        if (asked.isPositive()) {
            out.append("<path class=\"rib-ask\" d=\"M" + n(LEFT) + "," + n(y(asked)) + "h" + n(WIDTH) + "\"/>");
        }
        course.tightest().ifPresent(t -> out.append("<circle class=\"rib-t\" cx=\"")
                .append(n(x(t.share())))
                .append("\" cy=\"")
                .append(n(y(t.gap())))
                .append("\" r=\"3.4\"/>"));
        return out.append("<text class=\"note rib-n\" x=\"133\" y=\"" + n(note(course, asked))
                        + "\" text-anchor=\"middle\">free gap")
                .append(asked.isPositive() ? ", asks " + Units.tenths(asked) + " mm" : "")
                .append("</text></svg>")
                .toString();
    }

    /** The foot of the words: in the middle of the room over the lines or under them, where there is more. */
    private static double note(Course course, Length asked) {
        double highest = asked.isPositive() ? y(asked) : FOOT;
        double lowest = asked.isPositive() ? y(asked) : TOP;
        for (Course.Sample s : course.samples()) {
            if (Math.abs(s.share() - 0.5) < WORDS) {
                highest = Math.min(highest, y(s.gap()));
                lowest = Math.max(lowest, y(s.gap()));
            }
        }
        boolean over = highest - TOP >= FOOT - lowest;
        return (over ? TOP + highest : FOOT + lowest) / 2 + LETTERS / 2;
    }

    private static double x(double share) {
        return LEFT + WIDTH * share;
    }

    private static double y(Length gap) {
        Length held = Length.max(Length.ZERO, Length.min(FULL, gap));
        return FOOT - (FOOT - TOP) * held.nanometres() / FULL.nanometres();
    }

    private static String n(double value) {
        return String.valueOf(Math.round(value * 10) / 10.0);
    }
}
