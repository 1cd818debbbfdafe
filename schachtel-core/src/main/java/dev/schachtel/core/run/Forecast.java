package dev.schachtel.core.run;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import dev.schachtel.core.assembly.OpKind;
import dev.schachtel.core.assembly.Tool;
import dev.schachtel.core.schedule.Link;
import dev.schachtel.core.schedule.Problem;
import dev.schachtel.core.schedule.Scheduling;
import dev.schachtel.core.schedule.Task;

/** Plans what is left of a run afresh, by one pair of hands, with what dries already. */
final class Forecast {
    private final RunState state;

    Forecast(RunState state) {
        this.state = state;
    }

    Duration left(Instant now) {
        List<RunStep> rest = state.steps().stream()
                .filter(s -> state.done(s.key()).isEmpty())
                .toList();
        if (rest.isEmpty()) {
            return Duration.ZERO;
        }
        Map<String, Integer> places = new HashMap<>();
        rest.forEach(s -> places.put(s.key(), places.size()));
        List<Task> tasks = new ArrayList<>();
        List<Link> links = new ArrayList<>();
        for (RunStep step : rest) {
            tasks.add(task(step, now));
            for (RunStep.Wait wait : step.waits()) {
                Integer before = places.get(wait.key());
                if (before != null) {
                    links.add(new Link(before, places.get(step.key()), wait.dry(), Link.ANY));
                }
            }
        }
        Problem problem = new Problem(tasks, links, 1, Tool.values().length, List.of());
        return Duration.ofSeconds(Scheduling.of(problem, 1).best().finish());
    }

    /** Not before what is done already is dry; what is under way has its full time still. */
    private Task task(RunStep step, Instant now) {
        long from = 0;
        for (RunStep.Wait wait : step.waits()) {
            Instant free = state.done(wait.key())
                    .map(m -> m.at().plusSeconds(
                                    wait.dry()
                                            ? state.step(wait.key())
                                                    .map(RunStep::rest)
                                                    .orElse(0)
                                            : 0))
                    .orElse(now);
            from = Math.max(from, Duration.between(now, free).toSeconds());
        }
        int tool = OpKind.valueOf(step.kind()).tool().map(Tool::ordinal).orElse(Task.NONE);
        return new Task(0, step.hands(), Task.ALONE, tool, step.rest(), Task.NONE, Task.NONE, Math.max(0, from));
    }
}
