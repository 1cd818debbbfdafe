package dev.schachtel.app.run;

import java.time.Duration;
import java.time.Instant;
import java.util.List;

import org.springframework.stereotype.Component;

import dev.schachtel.app.cards.Underway;
import dev.schachtel.app.store.CardService;
import dev.schachtel.app.words.Times;
import dev.schachtel.core.run.RunState;

/** The newest unfinished runs, for the home page. */
@Component
class RunningNow implements Underway {
    private static final int MOST = 6;
    private final Runs runs;
    private final CardService cards;

    RunningNow(Runs runs, CardService cards) {
        this.runs = runs;
        this.cards = cards;
    }

    @Override
    public List<Run> now() {
        Instant now = runs.now();
        return runs.newest(MOST).stream()
                .filter(r -> !r.events().isEmpty() && !r.state().isFinished())
                .map(r -> run(r, r.state(), now))
                .toList();
    }

    private Run run(StoredRun run, RunState state, Instant now) {
        String drying = state.timers(now).stream()
                .findFirst()
                .map(t -> "dries " + Times.of(Duration.between(now, t.until())) + " more")
                .orElse("");
        return new Run(
                cards.load(run.cardId()).spec().name(),
                "/runs/" + run.id(),
                "step " + (state.doneCount() + 1) + " of " + state.steps().size() + ", " + Times.of(state.left(now))
                        + " left",
                drying);
    }
}
