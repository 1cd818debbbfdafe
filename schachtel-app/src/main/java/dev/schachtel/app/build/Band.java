package dev.schachtel.app.build;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

import dev.schachtel.app.words.Times;
import dev.schachtel.app.words.Wording;
import dev.schachtel.core.assembly.BuildPlan;
import dev.schachtel.core.assembly.Step;

/** The time band: what each pair of hands does, and what dries meanwhile, on one clock that starts at 0:00. */
final class Band {
    private static final double LEFT = 136;
    private static final double RIGHT = 1247;
    private static final double HEAD = 22;
    private static final double LANE = 40;
    private static final double DRY = 22;
    private static final int MOST_DRYING = 3;
    private final BuildPlan plan;
    private final Wording wording;
    private final int open;
    private final String link;
    private final double perSecond;
    private final double dryTop;
    private final List<Duration> lanes = new ArrayList<>();
    private final StringBuilder drying = new StringBuilder();
    private StringBuilder out = new StringBuilder();

    Band(BuildPlan plan, Wording wording, int open, String link) {
        this.plan = plan;
        this.wording = wording;
        this.open = open;
        this.link = link;
        this.perSecond = (RIGHT - LEFT) / Math.max(1, plan.total().toSeconds());
        this.dryTop = HEAD + plan.batch().makers() * (LANE + 4) + 2;
    }

    String svg() {
        StringBuilder whole = out;
        out = drying;
        plan.steps().stream().filter(s -> !s.op().rest().isZero()).forEach(this::drying);
        out = whole;
        int makers = plan.batch().makers();
        double foot = lanes.isEmpty() ? dryTop - 4 : dryTop + lanes.size() * DRY;
        out.append("<svg class=\"dwg band\" viewBox=\"0 -2 1256 ")
                .append(n(foot + 4))
                .append("\" role=\"group\" aria-label=\"Time band: hands, and drying beside them\">");
        for (int m = 0; m < makers; m++) {
            rect("band-lane", LEFT, lane(m), RIGHT - LEFT, LANE);
        }
        if (!lanes.isEmpty()) {
            rect("band-lane", LEFT, dryTop, RIGHT - LEFT, lanes.size() * DRY);
        }
        axis(foot);
        for (int m = 0; m < makers; m++) {
            int maker = m;
            Duration busy = plan.steps().stream()
                    .filter(s -> s.maker() == maker)
                    .map(Step::hands)
                    .reduce(Duration.ZERO, Duration::plus);
            text("ly-n", 126, lane(m) + 18, "end", makers == 1 ? "Hands" : "Maker " + (m + 1));
            text("note", 126, lane(m) + 33, "end", Times.of(busy));
        }
        if (!lanes.isEmpty()) {
            text("ly-n", 126, dryTop + 16, "end", "Drying");
            if (lanes.size() > 1) {
                text("note", 126, dryTop + 32, "end", Times.of(plan.drying()));
            }
        }
        plan.steps().forEach(this::hands);
        return out.append(drying).append("</svg>").toString();
    }

    private static double lane(int maker) {
        return HEAD + maker * (LANE + 4);
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
        double y = lane(step.maker());
        double width = Math.max(2, step.hands().toSeconds() * perSecond - 1.5);
        anchor(step, step.number() == open ? "blk b-open" : "blk");
        rect("", x + 0.8, y, width, LANE);
        String shortWord = wording.opShort(step.op());
        if (width > 7.2 * shortWord.length() + 10) {
            text("bn", x + 7, y + 17, "start", Integer.toString(step.number()));
            text("bt", x + 7, y + 34, "start", shortWord);
        } else if (width > 9 * Integer.toString(step.number()).length() + 4) {
            text("bn", x + width / 2 + 1, y + 25, "middle", Integer.toString(step.number()));
        }
        out.append("</a>");
        gap(step);
    }

    /** A dashed box where the hands really wait before this step. */
    private void gap(Step step) {
        Duration before = plan.steps().stream()
                .filter(s -> s.maker() == step.maker() && s.start().compareTo(step.start()) < 0)
                .map(Step::end)
                .reduce(Duration.ZERO, (a, b) -> a.compareTo(b) >= 0 ? a : b);
        double width = (step.start().toSeconds() - before.toSeconds()) * perSecond - 3;
        if (width > 2) {
            double y = lane(step.maker());
            rect("wait", x(before) + 1.5, y + 1, width, LANE - 2);
            if (width > 26) {
                text("note", x(before) + width / 2 + 1, y + 24, "middle", "wait");
            }
        }
    }

    private void drying(Step step) {
        int lane = 0;
        while (lane < lanes.size() && lanes.get(lane).compareTo(step.end()) > 0 && lane < MOST_DRYING - 1) {
            lane++;
        }
        if (lane == lanes.size()) {
            lanes.add(step.ready());
        } else {
            lanes.set(lane, step.ready());
        }
        double y = dryTop + lane * DRY + 1;
        double x = x(step.end());
        double width = Math.max(3, step.op().rest().toSeconds() * perSecond - 1);
        anchor(step, "blk b-dry");
        rect("", x, y, width, DRY - 2);
        rect("b-wave", x, y, width, DRY - 2);
        String words =
                wording.opShort(step.op()) + " " + Times.minutes(step.op().rest());
        if (width > words.length() * 7 + 8) {
            rect("b-plate", x + 2, y + 1.5, words.length() * 6.6 + 6, 17);
            text("bt", x + 5, y + 15, "start", words);
        }
        out.append("</a>");
        line("l-lead", x, lane(step.maker()) + LANE, x, y);
    }

    private void anchor(Step step, String css) {
        out.append("<a class=\"%s\" href=\"%s%d\" data-step=\"%d\"><title>%d, %s, %s from %s</title>"
                .formatted(
                        css,
                        link,
                        step.number(),
                        step.number(),
                        step.number(),
                        wording.opShort(step.op()),
                        Times.of(step.hands()),
                        Times.clock(step.start())));
    }

    private void rect(String css, double x, double y, double w, double h) {
        out.append("<rect class=\"%s\" x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\"/>"
                .formatted(css, n(x), n(y), n(w), n(h)));
    }

    private void line(String css, double x1, double y1, double x2, double y2) {
        out.append("<path class=\"%s\" d=\"M%s,%sL%s,%s\"/>".formatted(css, n(x1), n(y1), n(x2), n(y2)));
    }

    private void text(String css, double x, double y, String anchor, String words) {
        out.append("<text class=\"%s\" x=\"%s\" y=\"%s\" text-anchor=\"%s\">%s</text>"
                .formatted(css, n(x), n(y), anchor, words));
    }

    private static String n(double value) {
        return String.valueOf(Math.round(value * 10) / 10.0);
    }
}
