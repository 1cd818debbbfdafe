package dev.schachtel.app.run;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import org.springframework.stereotype.Component;

import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.run.RunEvent;
import dev.schachtel.core.run.RunState;
import dev.schachtel.core.run.Timings;

/** The runs that were done to their end, the newest first. */
@Component
public class FinishedRuns {
    private static final int MOST = 300;
    private final Runs runs;

    FinishedRuns(Runs runs) {
        this.runs = runs;
    }

    public List<Finished> all() {
        return runs.latest(MOST).stream()
                .flatMap(r -> finished(r).stream())
                .sorted(Comparator.comparing(Finished::ended).reversed())
                .toList();
    }

    private static Optional<Finished> finished(StoredRun run) {
        RunState state = run.state();
        return run.events().isEmpty() || !state.isFinished()
                ? Optional.empty()
                : Optional.of(new Finished(
                        run.id(),
                        run.cardId(),
                        CardFile.read(run.frozen().spec()),
                        run.begunAt(),
                        run.events().stream()
                                .map(RunEvent::at)
                                .max(Comparator.naturalOrder())
                                .orElse(run.begunAt()),
                        Timings.of(run.plan(), run.events()),
                        state.mishaps()));
    }
}
