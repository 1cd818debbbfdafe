package dev.schachtel.app.run;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

import org.springframework.stereotype.Component;

import dev.schachtel.app.store.StoredCard;
import dev.schachtel.core.learning.Pace;
import dev.schachtel.core.learning.Timing;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;
import dev.schachtel.core.run.RunEvent;
import dev.schachtel.core.run.RunPlan;
import dev.schachtel.core.run.RunState;
import dev.schachtel.core.run.RunStep;
import dev.schachtel.core.run.Timings;

/**
 * Finished builds for a first look at the logbook: a maker with a pace of her own, by seeded chance, who plans each build with what was
 * learned from those before.
 */
@Component
public class DemoBuilds {
    private static final String MAKER = "Oduya";
    /** How much kinds of work differ in her hands, and how much days do: standard deviations of logarithms. */
    private static final double HABIT = 0.3;

    private static final double CHANCE = 0.2;
    private static final double SLOW = 0.25;
    private static final int MOST_EVENTS = 2_000;

    private final Runs runs;

    DemoBuilds(Runs runs) {
        this.runs = runs;
    }

    /**
     * One build.
     *
     * @param daysAgo when it began
     * @param wrong what went wrong with a card in the middle of the work; empty for nothing
     */
    public record Past(StoredCard card, int daysAgo, String wrong) {}

    /** In their order, the oldest first. */
    public void record(List<Past> builds, Workshop workshop) {
        Random random = new Random(1898);
        Map<String, Double> habits = new HashMap<>();
        List<Timing> timings = new ArrayList<>();
        for (Past build : builds) {
            Workshop then = workshop.timed(Timings.own(Pace.of(timings), workshop.times()));
            Plan plan = Planner.plan(build.card.spec(), then);
            RunPlan steps = RunPlan.of(plan.assembly(), plan.build(), List.of());
            List<RunEvent> said = new Evening(steps, habits, random).play(build, runs.now());
            runs.record(build.card, plan, said);
            Timings.of(steps, said).forEach(t -> t.timing().ifPresent(timings::add));
        }
    }

    /** A run as it is played through. */
    private static final class Evening {
        private final RunPlan plan;
        private final Map<String, Double> habits;
        private final Random random;
        private final List<RunEvent> said = new ArrayList<>();

        Evening(RunPlan plan, Map<String, Double> habits, Random random) {
            this.plan = plan;
            this.habits = habits;
            this.random = random;
        }

        List<RunEvent> play(Past build, Instant today) {
            Instant now = today.minus(Duration.ofDays(build.daysAgo));
            boolean wrong = build.wrong.isEmpty();
            for (RunState state = state(); !state.isFinished() && said.size() < MOST_EVENTS; state = state()) {
                Optional<RunStep> next = open(state, now);
                if (next.isEmpty()) {
                    now = now.plusSeconds(60);
                    continue;
                }
                RunStep step = next.get();
                say(RunEvent.Kind.BEGUN, step, now, "");
                now = now.plusSeconds(taken(step));
                say(RunEvent.Kind.DONE, step, now, "");
                if (!wrong
                        && state.doneCount() > plan.steps().size() / 2
                        && !step.parts().isEmpty()) {
                    say(RunEvent.Kind.WRONG, step, now, build.wrong);
                    wrong = true;
                }
            }
            return said;
        }

        private RunState state() {
            return RunState.of(plan, said);
        }

        private static Optional<RunStep> open(RunState state, Instant now) {
            return state.steps().stream().filter(s -> state.isOpen(s, now)).findFirst();
        }

        private void say(RunEvent.Kind kind, RunStep step, Instant at, String note) {
            int card = kind == RunEvent.Kind.WRONG ? step.foremost() : 0;
            said.add(new RunEvent("demo-" + said.size(), at, MAKER, kind, step.key(), card, note));
        }

        private long taken(RunStep step) {
            double book =
                    new Timings.Timed(step, MAKER, 1).timing().map(Timing::book).orElse((double) step.hands());
            double habit = habits.computeIfAbsent(step.kind().id(), k -> SLOW + HABIT * random.nextGaussian());
            return Math.max(2, Math.round(book * Math.exp(habit + CHANCE * random.nextGaussian())));
        }
    }
}
