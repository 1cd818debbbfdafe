package dev.schachtel.core.run;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import dev.schachtel.core.material.Hazard;
import dev.schachtel.core.schedule.Link;
import dev.schachtel.core.schedule.Problem;
import dev.schachtel.core.schedule.Schedule;
import dev.schachtel.core.schedule.Scheduling;
import dev.schachtel.core.schedule.Task;
import dev.schachtel.core.work.Tool;

/** Plans what is left of a run afresh, by as many hands as are there, with what dries already. */
final class Forecast {
    private final RunState state;
    private final List<RunStep> rest;

    Forecast(RunState state) {
        this.state = state;
        this.rest = state.steps().stream()
                .filter(s -> state.done(s.key()).isEmpty())
                .toList();
    }

    /** Until everything is done and dry. */
    Duration left(Instant now) {
        return rest.isEmpty() ? Duration.ZERO : Duration.ofSeconds(planned(now).finish());
    }

    /** What is left by its planned start; what must be washed and is already wet comes first. */
    List<String> order(Instant now) {
        if (rest.isEmpty()) {
            return List.of();
        }
        List<RunStep> order =
                new ArrayList<>(planned(now).order().stream().map(rest::get).toList());
        order.sort(Comparator.comparing(s -> !isUrgent(s)));
        return order.stream().map(RunStep::key).toList();
    }

    private boolean isUrgent(RunStep step) {
        return step.waits().stream()
                .anyMatch(w -> w.within() > 0 && state.done(w.key()).isPresent());
    }

    private Schedule planned(Instant now) {
        Map<String, Integer> places = new HashMap<>();
        rest.forEach(s -> places.put(s.key(), places.size()));
        List<Task> tasks = new ArrayList<>();
        List<Link> links = new ArrayList<>();
        for (RunStep step : rest) {
            tasks.add(task(step, now));
            for (RunStep.Wait wait : step.waits()) {
                Integer before = places.get(wait.key());
                if (before != null) {
                    long most = wait.within() > 0 ? wait.within() : Link.ANY;
                    links.add(new Link(before, places.get(step.key()), wait.dry(), most));
                }
            }
        }
        Problem problem = new Problem(tasks, links, state.makers(), Tool.values().length, List.of());
        return Scheduling.of(problem, 1).best();
    }

    private Task task(RunStep step, Instant now) {
        int tool = step.kind().tool().map(Tool::ordinal).orElse(Task.NONE);
        int hazard = step.hazard() == Hazard.NONE ? Task.NONE : step.hazard().ordinal();
        return new Task(0, step.hands(), Task.ALONE, tool, step.rest(), Task.NONE, hazard, from(step, now));
    }

    /** Not before what it waits for is dry, nor before the vapour of what is done is gone; what is under way anew. */
    private long from(RunStep step, Instant now) {
        long from = 0;
        for (RunStep before : state.steps()) {
            boolean waits = step.waits().stream().anyMatch(w -> w.key().equals(before.key()) && w.dry());
            if (waits || step.meets(before)) {
                from = Math.max(
                        from,
                        state.done(before.key())
                                .map(m -> Duration.between(now, m.at().plusSeconds(before.rest()))
                                        .toSeconds())
                                .orElse(0L));
            }
        }
        return from;
    }
}
