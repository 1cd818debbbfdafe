package dev.schachtel.app.build;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

import dev.schachtel.app.words.Times;
import dev.schachtel.app.words.Wording;
import dev.schachtel.core.assembly.BuildPlan;
import dev.schachtel.core.assembly.Step;

/** The time band: what the hands do, and what dries meanwhile, on one clock that starts at 0:00. */
final class Band {
    private static final double LEFT = 136;
    private static final double RIGHT = 1247;
    private final BuildPlan plan;
    private final Wording wording;
    private final int open;
    private final String link;
    private final double perSecond;
    private final StringBuilder out = new StringBuilder();

    Band(BuildPlan plan, Wording wording, int open, String link) {
        this.plan = plan;
        this.wording = wording;
        this.open = open;
        this.link = link;
        this.perSecond = (RIGHT - LEFT) / Math.max(1, plan.total().toSeconds());
    }

    String svg() {
        boolean dries = !plan.drying().isZero();
        int height = dries ? 114 : 66;
        out.append("<svg class=\"dwg band\" viewBox=\"0 -2 1256 ")
                .append(height)
                .append("\" role=\"group\" aria-label=\"Time band: hands, and drying beside them\">");
        rect("band-lane", LEFT, 22, RIGHT - LEFT, 40);
        if (dries) {
            rect("band-lane", LEFT, 68, RIGHT - LEFT, 44);
        }
        axis(dries ? 112 : 62);
        text("ly-n", 126, 40, "end", "Hands");
        text("note", 126, 55, "end", Times.of(plan.hands()));
        if (dries) {
            text("ly-n", 126, 88, "end", "Drying");
            text("note", 126, 103, "end", Times.of(plan.drying()));
        }
        plan.steps().forEach(this::hands);
        List<Duration> lanes = new ArrayList<>(List.of(Duration.ZERO, Duration.ZERO));
        plan.steps().stream().filter(s -> !s.op().rest().isZero()).forEach(s -> drying(s, lanes));
        return out.append("</svg>").toString();
    }

    private double x(Duration at) {
        return LEFT + at.toSeconds() * perSecond;
    }

    /** Marks at a round distance, at most about twelve of them. */
    private void axis(double foot) {
        long minutes = plan.total().toMinutes();
        long step = 5;
        for (long each : new long[] {5, 10, 15, 30, 60, 120, 240, 480, 960, 1920, 3840}) {
            step = each;
            if (minutes / each <= 12) {
                break;
            }
        }
        for (long m = 0; m <= minutes; m += step) {
            double x = x(Duration.ofMinutes(m));
            line("band-tick", x, 18, x, foot);
            text("note", x, 12, "middle", Times.clock(Duration.ofMinutes(m)));
        }
    }

    private void hands(Step step) {
        double x = x(step.start());
        double width = Math.max(2, step.hands().toSeconds() * perSecond - 1.5);
        anchor(step, step.number() == open ? "blk b-open" : "blk");
        rect("", x + 0.8, 22, width, 40);
        String shortWord = wording.opShort(step.op());
        if (width > 7.2 * shortWord.length() + 10) {
            text("bn", x + 7, 39, "start", Integer.toString(step.number()));
            text("bt", x + 7, 56, "start", shortWord);
        } else if (width > 18) {
            text("bn", x + width / 2 + 1, 47, "middle", Integer.toString(step.number()));
        }
        out.append("</a>");
        gap(step);
    }

    /** A dashed box where the hands really wait before this step. */
    private void gap(Step step) {
        Duration before = plan.steps().stream()
                .filter(s -> s.number() == step.number() - 1)
                .map(Step::end)
                .findFirst()
                .orElse(Duration.ZERO);
        double width = (step.start().toSeconds() - before.toSeconds()) * perSecond - 3;
        if (width > 2) {
            out.append("<rect class=\"wait\" x=\"")
                    .append(n(x(before) + 1.5))
                    .append("\" y=\"23\" width=\"")
                    .append(n(width))
                    .append("\" height=\"38\"/>");
            if (width > 26) {
                text("note", x(before) + width / 2 + 1, 46, "middle", "wait");
            }
        }
    }

    private void drying(Step step, List<Duration> lanes) {
        int lane = lanes.get(0).compareTo(step.end()) <= 0 ? 0 : 1;
        lanes.set(lane, step.ready());
        double y = lane == 0 ? 68 : 92;
        double x = x(step.end());
        double width = Math.max(3, step.op().rest().toSeconds() * perSecond - 1);
        anchor(step, "blk b-dry");
        rect("", x, y, width, 20);
        rect("b-wave", x, y, width, 20);
        String words =
                wording.opShort(step.op()) + " " + Times.minutes(step.op().rest());
        if (width > words.length() * 7 + 8) {
            rect("b-plate", x + 2, y + 1.5, words.length() * 6.6 + 6, 17);
            text("bt", x + 5, y + 15, "start", words);
        }
        out.append("</a>");
        line("l-lead", x, 62, x, y);
    }

    private void anchor(Step step, String css) {
        out.append("<a class=\"")
                .append(css)
                .append("\" href=\"")
                .append(link)
                .append(step.number())
                .append("\" data-step=\"")
                .append(step.number())
                .append("\"><title>")
                .append(step.number())
                .append(", ")
                .append(wording.opShort(step.op()))
                .append(", ")
                .append(Times.of(step.hands()))
                .append(" from ")
                .append(Times.clock(step.start()))
                .append("</title>");
    }

    private void rect(String css, double x, double y, double w, double h) {
        out.append("<rect class=\"%s\" x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\"/>"
                .formatted(css, n(x), n(y), n(w), n(h)));
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

    private void text(String css, double x, double y, String anchor, String words) {
        out.append("<text class=\"")
                .append(css)
                .append("\" x=\"")
                .append(n(x))
                .append("\" y=\"")
                .append(n(y))
                .append("\" text-anchor=\"")
                .append(anchor)
                .append("\">")
                .append(words)
                .append("</text>");
    }

    private static String n(double value) {
        return String.valueOf(Math.round(value * 10) / 10.0);
    }
}
