package dev.schachtel.app.run;

import java.time.Instant;
import java.util.List;

import dev.schachtel.core.run.RunEvent;
import dev.schachtel.core.run.RunPlan;
import dev.schachtel.core.run.RunState;

/**
 * A run as it is now.
 *
 * @param revision of the card when it began
 */
record StoredRun(
        long id,
        long cardId,
        long revision,
        RunEntity.Frozen frozen,
        RunPlan plan,
        List<RunEvent> events,
        Instant begunAt) {
    RunState state() {
        return RunState.of(plan, events);
    }
}
