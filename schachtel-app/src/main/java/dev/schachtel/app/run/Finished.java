package dev.schachtel.app.run;

import java.time.Instant;
import java.util.List;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.run.RunEvent;
import dev.schachtel.core.run.Timings;

/**
 * A run that was done to its end.
 *
 * @param spec the card as it was built
 * @param timed its steps that were timed
 * @param mishaps what went wrong
 */
public record Finished(
        long id,
        long card,
        CardSpec spec,
        Instant begun,
        Instant ended,
        List<Timings.Timed> timed,
        List<RunEvent> mishaps) {
    public Finished {
        timed = List.copyOf(timed);
        mishaps = List.copyOf(mishaps);
    }

    /** Seconds of handwork that the timed steps should take by the plan of the run. */
    public double planned() {
        return timed.stream().mapToDouble(t -> t.step().hands()).sum();
    }

    /** And that they took. */
    public double taken() {
        return timed.stream().mapToDouble(Timings.Timed::seconds).sum();
    }
}
