package dev.schachtel.app.run;

import java.time.Instant;
import java.util.List;

import dev.schachtel.core.run.RunEvent;
import dev.schachtel.core.run.RunPlan;

/**
 * A run that was done to its end.
 *
 * @param cardFile the card as it was built
 * @param events all that was said
 * @param mishaps what went wrong
 */
public record Finished(
        long id,
        long card,
        String cardFile,
        Instant ended,
        RunPlan plan,
        List<RunEvent> events,
        List<RunEvent> mishaps) {
    public Finished {
        events = List.copyOf(events);
        mishaps = List.copyOf(mishaps);
    }
}
