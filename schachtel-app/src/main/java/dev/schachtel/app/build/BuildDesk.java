package dev.schachtel.app.build;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

import org.springframework.stereotype.Component;

import dev.schachtel.app.frame.Frames;
import dev.schachtel.app.lessons.Lessons;
import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.words.Times;
import dev.schachtel.app.words.Wording;
import dev.schachtel.core.assembly.BuildPlan;
import dev.schachtel.core.assembly.Op;
import dev.schachtel.core.assembly.Step;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.drawing.StepView;
import dev.schachtel.core.house.WorkTime;
import dev.schachtel.core.plan.Deadline;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.render.Look;
import dev.schachtel.core.render.SvgWriter;
import dev.schachtel.core.work.Trait;
import dev.schachtel.core.work.WorkKind;

/** Puts a build plan into what the Build station shows. */
@Component
class BuildDesk {
    private static final int LETTERS = 4;
    private final Frames frames;
    private final Wording wording;
    private final Lessons lessons;
    private final OutlookDesk outlook;
    private final HouseDesk house;

    BuildDesk(Frames frames, Wording wording, HouseDesk house, Lessons lessons, OutlookDesk outlook) {
        this.outlook = outlook;
        this.lessons = lessons;
        this.frames = frames;
        this.wording = wording;
        this.house = house;
    }

    BuildView view(StoredCard card, Plan plan, Plans.HouseAnswers ways, int open) {
        BuildPlan steps = plan.assembly();
        String link = "/cards/" + card.id() + "/build?step=";
        return new BuildView(
                frames.frame(card, plan, "build"),
                sums(plan),
                new Band(steps, wording, open, link).svg(),
                steps.steps().stream()
                        .map(s -> line(s, plan, s.number() == open))
                        .toList(),
                open(plan, steps.steps().get(open - 1)),
                needs(steps),
                new BuildView.House(
                        house.questions(plan, ways),
                        ways.compared(),
                        house.ways(steps),
                        steps.batch().makers(),
                        plan.workshop().house().boards(),
                        plan.workshop().house().weights(),
                        floor(steps),
                        due(plan),
                        house.wishes(plan),
                        house.gaveWay(plan)));
    }

    private static String floor(BuildPlan plan) {
        String how =
                switch (plan.floor().how()) {
                    case CHAIN -> "the longest chain of work and drying";
                    case HANDS -> "your handwork";
                    case TOOL -> "the work of one tool";
                };
        return plan.gapPercent() == 0
                ? "No order finishes sooner: " + how + " takes all that time."
                : "At most " + plan.gapPercent() + " % above what " + how + " takes.";
    }

    /** When to begin so that it is ready at 18:00 on its day, with eight hours at the bench a day. */
    private String due(Plan plan) {
        return plan.spec()
                .brief()
                .due()
                .map(day -> {
                    LocalDateTime by = Deadline.latestStart(plan.assembly().total(), day);
                    return "To be ready on " + day + " begin by " + by.toLocalDate() + ", " + by.toLocalTime() + ". "
                            + outlook.inTime(plan).orElse("");
                })
                .orElse("");
    }

    private BuildView.Sums sums(Plan plan) {
        BuildPlan p = plan.assembly();
        int cards = plan.spec().brief().cards();
        return new BuildView.Sums(
                cards == 1 ? "One card" : cards + " cards",
                Times.of(p.total()),
                Times.of(p.hands()),
                Times.of(p.drying()),
                Times.of(p.waiting()),
                Times.of(p.inARow()),
                !p.drying().isZero(),
                outlook.range(plan));
    }

    private BuildView.Line line(Step step, Plan plan, boolean open) {
        Build build = plan.build();
        List<String> letters = letters(step, build);
        return new BuildView.Line(
                step.number(),
                step.op().id(),
                wording.opTitle(step.op(), build),
                step.lot().isWhole()
                        ? ""
                        : step.lot().cards() == 1
                                ? "card " + step.lot().first()
                                : "cards " + step.lot().first() + " to "
                                        + step.lot().last(),
                letters.size() > LETTERS ? letters.subList(0, LETTERS - 1) : letters,
                letters.size() > LETTERS ? letters.size() - LETTERS + 1 : 0,
                !step.op().cautions().isEmpty(),
                Times.minutes(step.hands()),
                open,
                plan.assembly().window(step));
    }

    private static List<String> letters(Step step, Build build) {
        Map<?, String> letters = build.letters();
        return step.op().parts().stream()
                .map(letters::get)
                .filter(Objects::nonNull)
                .distinct()
                .toList();
    }

    private BuildView.Open open(Plan plan, Step step) {
        Build build = plan.build();
        String when = Times.of(step.hands()) + ", " + Times.clock(step.start()) + " to "
                + Times.clock(step.end()) + ", " + wording.tool(step.op())
                + (step.op().rest().isZero()
                        ? ""
                        : ", then " + Times.minutes(step.op().rest()) + " min to dry");
        return new BuildView.Open(
                step.number(),
                wording.opTitle(step.op(), build),
                when,
                letters(step, build).stream().limit(8).toList(),
                lessons.orders(wording.opOrders(step.op(), build), step.op(), build),
                SvgWriter.write(
                        StepView.of(build, step.op(), plan.assembly().before(step)),
                        Look.still(330, 230, plan.spec().units())),
                step.op().joins().isPresent(),
                step.reasons().stream()
                        .findFirst()
                        .map(r -> wording.reason(r.rule()))
                        .orElse("No rule places this step; do it whenever your hands are free."),
                step.op().cautions().stream().sorted().map(wording::caution).toList(),
                others(plan, step.waitsFor()),
                others(plan, step.frees()),
                times(step.op()));
    }

    private BuildView.Times times(Op op) {
        WorkKind kind = op.kind();
        boolean own = op.surface().isEmpty() || kind.has(Trait.OWN_TIMES);
        WorkTime now = new WorkTime(
                kind.id(), (int) kind.setUp().toSeconds(), (int) kind.each().toSeconds());
        return new BuildView.Times(
                kind.id(), wording.opShort(op), now.setUp(), now.each(), own, !now.equals(kind.usual()));
    }

    private List<BuildView.Other> others(Plan plan, List<Integer> numbers) {
        return numbers.stream()
                .map(n -> new BuildView.Other(
                        n, wording.opTitle(plan.assembly().steps().get(n - 1).op(), plan.build())))
                .toList();
    }

    private List<BuildView.Need> needs(BuildPlan plan) {
        Map<String, List<String>> tools = new LinkedHashMap<>();
        for (Step step : plan.steps()) {
            tools.computeIfAbsent(wording.tool(step.op()), t -> new ArrayList<>())
                    .add(Integer.toString(step.number()));
        }
        List<BuildView.Need> needs = new ArrayList<>();
        tools.forEach((tool, steps) -> needs.add(new BuildView.Need(tool, String.join(", ", steps))));
        return needs;
    }
}
