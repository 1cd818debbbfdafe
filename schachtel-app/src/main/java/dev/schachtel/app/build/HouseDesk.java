package dev.schachtel.app.build;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.springframework.stereotype.Component;

import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.words.Times;
import dev.schachtel.app.words.Wording;
import dev.schachtel.core.assembly.BuildPlan;
import dev.schachtel.core.assembly.Op;
import dev.schachtel.core.assembly.Step;
import dev.schachtel.core.design.HouseQuestions;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.plan.Plan;

/** Puts house rules, lots and makers into what the Build station shows: what the other way costs. */
@Component
class HouseDesk {
    private final Wording wording;

    HouseDesk(Wording wording) {
        this.wording = wording;
    }

    List<BuildView.Question> questions(Plan plan, Plans.HouseAnswers ways) {
        return ways.questions().stream()
                .map(s -> new BuildView.Question(
                        s.question(),
                        wording.house(s.question()),
                        s.options().stream()
                                .map(o -> option(
                                        s.question(), o, plan.spec().brief().cards(), ways.compared()))
                                .toList()))
                .toList();
    }

    private BuildView.Option option(String question, HouseQuestions.Option option, int cards, boolean compared) {
        List<String> says = new ArrayList<>();
        long minutes = Math.round(option.later().toSeconds() / 60.0);
        if (compared && !option.yours() && minutes == 0) {
            says.add("takes the same time");
        }
        option.even()
                .ifPresent(share -> says.add(Math.round(share * cards) + " of " + cards
                        + (cards == 1 ? " with even borders" : " have even borders")));
        if (!option.thicker().isZero()) {
            says.add(millimetres(option.thicker()));
        }
        String cost = option.yours() ? "yours" : minutes == 0 ? "" : (minutes > 0 ? "+" : "−") + Math.abs(minutes);
        String css = option.yours() ? "now" : minutes > 0 ? "more" : minutes < 0 ? "less" : "now";
        return new BuildView.Option(
                option.word(),
                wording.house(question + "." + option.word()),
                String.join(", ", says),
                cost,
                css,
                option.yours(),
                option.mends() == 0
                        ? ""
                        : option.mends() == 1
                                ? "This causes 1 problem."
                                : "This causes " + option.mends() + " problems.");
    }

    private static String millimetres(Length length) {
        double mm = length.nanometres() / 1e6;
        return String.format(java.util.Locale.ROOT, "%.1f mm ", Math.abs(mm)) + (mm > 0 ? "thicker" : "thinner");
    }

    /** Sizes of lots against all at once. */
    List<BuildView.Lots> ways(BuildPlan plan) {
        Duration now = plan.total();
        return plan.batch().sizes().stream()
                .map(w -> new BuildView.Lots(
                        w.together(),
                        w.together() == plan.batch().cards()
                                ? "all at once"
                                : w.together() == 1 ? "one by one" : w.together() + " at a time",
                        w.together() == plan.batch().together(),
                        difference(w.total().minus(now))))
                .toList();
    }

    /** The maker's own order of steps, by their titles. */
    List<String> wishes(Plan plan) {
        return plan.spec().order().stream()
                .map(w -> op(plan, w.first())
                        .flatMap(first -> op(plan, w.then()).map(then -> before(plan, first, then)))
                        .orElse("One of the two steps is no longer in the plan."))
                .toList();
    }

    private static Optional<Op> op(Plan plan, String id) {
        return plan.assembly().steps().stream()
                .map(Step::op)
                .filter(o -> o.id().equals(id))
                .findFirst();
    }

    private String before(Plan plan, Op first, Op then) {
        return "“" + wording.opTitle(first, plan.build()) + "” before “" + wording.opTitle(then, plan.build()) + "”";
    }

    /** The weakest of each circle of rules, with the reasons of the others. */
    List<BuildView.GaveWay> gaveWay(Plan plan) {
        return plan.assembly().contradictions().stream()
                .map(c -> {
                    BuildPlan.Bound weak = c.circle().get(c.gaveWay());
                    return new BuildView.GaveWay(
                            before(plan, weak.first(), weak.then()),
                            c.circle().stream()
                                    .filter(b -> b != weak)
                                    .map(b -> wording.reason(b.rule()))
                                    .distinct()
                                    .toList());
                })
                .toList();
    }

    private static String difference(Duration later) {
        long minutes = Math.round(later.toSeconds() / 60.0);
        return minutes == 0 ? "same time" : (minutes > 0 ? "+" : "−") + Times.of(later.abs());
    }
}
