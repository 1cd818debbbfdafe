package dev.schachtel.app.run;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import org.springframework.stereotype.Component;

import dev.schachtel.core.run.RunEvent;
import dev.schachtel.core.run.RunState;

/** The runs that were done to their end. Whoever wants to know when one is listens for {@link Ended}. */
@Component
public class FinishedRuns {
    private static final int MOST = 300;
    private final Runs runs;

    FinishedRuns(Runs runs) {
        this.runs = runs;
    }

    /** A run has come to its end, or something was said about it afterwards. */
    public record Ended(long run) {}

    /** The newest first. */
    public List<Finished> latest() {
        return runs.latest(MOST).stream().flatMap(r -> finished(r).stream()).toList();
    }

    /** Empty while it is not finished. */
    public Optional<Finished> of(long run) {
        return finished(runs.load(run));
    }

    private static Optional<Finished> finished(StoredRun run) {
        RunState state = run.state();
        return run.events().isEmpty() || !state.isFinished()
                ? Optional.empty()
                : Optional.of(new Finished(
                        run.id(),
                        run.cardId(),
                        run.frozen().spec(),
                        run.events().stream()
                                .map(RunEvent::at)
                                .max(Comparator.naturalOrder())
                                .orElse(run.begunAt()),
                        run.plan(),
                        run.events(),
                        state.mishaps()));
    }
}
