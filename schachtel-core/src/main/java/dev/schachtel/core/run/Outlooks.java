package dev.schachtel.core.run;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

import dev.schachtel.core.assembly.BuildPlan;
import dev.schachtel.core.assembly.Step;
import dev.schachtel.core.learning.Outlook;
import dev.schachtel.core.learning.Pace;
import dev.schachtel.core.work.WorkKind;

/** Plans, and what is left of runs, as a distribution of when they are finished: by what is known of a maker's pace. */
public final class Outlooks {
    private static final long SEED = 50;

    private Outlooks() {}

    /** The whole plan in its fixed order; what waits for something waits until that is dry. */
    public static Outlook of(BuildPlan plan, Function<String, Pace.Known> pace) {
        return Outlook.of(stints(plan), pace, SEED);
    }

    /** How long a plan takes with each step at its median: for comparing plans, which chance would blur. */
    public static Duration usual(BuildPlan plan, Function<String, Pace.Known> pace) {
        return Duration.ofSeconds(Math.round(Outlook.usual(stints(plan), pace)));
    }

    private static List<Outlook.Stint> stints(BuildPlan plan) {
        List<Outlook.Stint> stints = new ArrayList<>();
        for (Step step : plan.steps()) {
            List<Integer> before = step.waitsFor().stream().map(n -> n - 1).toList();
            boolean wet = step.op().is(WorkKind.CLEAN);
            Timings.Book book = Timings.Book.of(
                    step.op().kind(), step.hands().toSeconds(), step.setUp().toSeconds());
            stints.add(new Outlook.Stint(
                    step.op().kind().id(),
                    book.whole(),
                    book.setUp(),
                    step.op().rest().toSeconds(),
                    step.maker(),
                    before,
                    wet ? List.of() : before));
        }
        return stints;
    }

    /** What is left of a run, as it is planned now. */
    public static Outlook left(RunState state, Instant now, Function<String, Pace.Known> pace) {
        Map<String, RunStep> steps = new HashMap<>();
        state.steps().forEach(s -> steps.put(s.key(), s));
        List<String> order = new Forecast(state).order(now);
        Map<String, Integer> places = new HashMap<>();
        List<Outlook.Stint> stints = new ArrayList<>();
        for (String key : order) {
            RunStep step = steps.get(key);
            List<Integer> before = new ArrayList<>();
            List<Integer> dry = new ArrayList<>();
            step.waits().stream().filter(w -> places.containsKey(w.key())).forEach(w -> (w.dry() ? dry : before)
                    .add(places.get(w.key())));
            places.put(key, stints.size());
            int maker = stints.size() % state.makers();
            Timings.Book book = Timings.Book.of(step.kind(), step.hands(), step.setUp());
            stints.add(
                    new Outlook.Stint(step.kind().id(), book.whole(), book.setUp(), step.rest(), maker, before, dry));
        }
        return Outlook.of(stints, pace, SEED);
    }
}
