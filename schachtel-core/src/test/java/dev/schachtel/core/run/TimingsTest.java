package dev.schachtel.core.run;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.house.WorkTime;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;
import dev.schachtel.core.work.WorkKind;

import static org.assertj.core.api.Assertions.assertThat;

/** What the bench heard tells how long each step took; clocks that jump and steps left open tell nothing. */
class TimingsTest {
    private static final Plan PLAN = TestCards.raised().plan();
    private static final RunPlan RUN = RunPlan.of(PLAN.assembly(), PLAN.build(), List.of());
    private static final RunStep FIRST = RUN.steps().get(0);
    private static final RunStep SECOND = RUN.steps().get(1);

    private final List<RunEvent> events = new ArrayList<>();
    /** An hour before summer time ends in Europe: instants don't care. */
    private Instant now = Instant.parse("2026-10-25T00:30:00Z");

    private void say(RunEvent.Kind kind, RunStep step, long later) {
        now = now.plusSeconds(later);
        events.add(new RunEvent("e" + events.size(), now, "Oduya", kind, step.key(), 0, ""));
    }

    private List<Timings.Timed> timed() {
        return Timings.of(RUN, events);
    }

    @Test
    void fromBegunToDone() {
        say(RunEvent.Kind.BEGUN, FIRST, 0);
        say(RunEvent.Kind.DONE, FIRST, 300);
        say(RunEvent.Kind.BEGUN, SECOND, 0);
        say(RunEvent.Kind.DONE, SECOND, 90);
        assertThat(timed()).extracting(Timings.Timed::seconds).containsExactly(300.0, 90.0);
        assertThat(timed().get(0).timing().orElseThrow().work()).isEqualTo("trim");
    }

    /** A pause over midnight and the end of summer time is taken out; the step is begun again after it. */
    @Test
    void pausesAreTakenOut() {
        say(RunEvent.Kind.BEGUN, FIRST, 0);
        say(RunEvent.Kind.PAUSED, FIRST, 100);
        say(RunEvent.Kind.RESUMED, FIRST, 40_000);
        say(RunEvent.Kind.BEGUN, FIRST, 5);
        say(RunEvent.Kind.DONE, FIRST, 150);
        assertThat(timed()).extracting(Timings.Timed::seconds).containsExactly(250.0);
    }

    @Test
    void whatTellsNothingIsLeftOut() {
        say(RunEvent.Kind.DONE, FIRST, 10);
        assertThat(timed()).as("never begun").isEmpty();
        say(RunEvent.Kind.UNDONE, FIRST, 0);
        say(RunEvent.Kind.BEGUN, FIRST, 0);
        say(RunEvent.Kind.DONE, FIRST, 0);
        assertThat(timed()).as("0 seconds").isEmpty();
        say(RunEvent.Kind.BEGUN, SECOND, 0);
        say(RunEvent.Kind.DONE, SECOND, -500);
        assertThat(timed()).as("a clock that was set back").isEmpty();
        say(RunEvent.Kind.UNDONE, SECOND, 0);
        say(RunEvent.Kind.BEGUN, SECOND, 0);
        say(RunEvent.Kind.DONE, SECOND, 172_800);
        assertThat(timed()).as("left open for two days").isEmpty();
        say(RunEvent.Kind.BEGUN, FIRST, 0);
        say(RunEvent.Kind.BEGUN, SECOND, 50);
        say(RunEvent.Kind.DONE, SECOND, FIRST.hands());
        assertThat(timed()).extracting(t -> t.step().key()).containsExactly(SECOND.key());
    }

    /** A card that is done again after a mishap takes a moment; the batch took what it took. */
    @Test
    void oneCardDoneAgainIsNoBatch() {
        say(RunEvent.Kind.BEGUN, FIRST, 0);
        say(RunEvent.Kind.DONE, FIRST, 300);
        say(RunEvent.Kind.WRONG, FIRST, 60);
        say(RunEvent.Kind.BEGUN, FIRST, 0);
        say(RunEvent.Kind.DONE, FIRST, 30);
        assertThat(timed()).extracting(Timings.Timed::seconds).containsExactly(300.0);
    }

    /** Whoever plans with own times is still compared with the book. */
    @Test
    void theBookIsTheBookWhateverThePlan() {
        Workshop own = TestCards.WORKSHOP.timed(List.of(new WorkTime(
                WorkKind.TRIM.id(),
                (int) WorkKind.TRIM.setUp().toSeconds() * 2,
                (int) WorkKind.TRIM.each().toSeconds() * 2)));
        Plan slow = Planner.plan(TestCards.raised().spec(), own);
        RunStep trim =
                RunPlan.of(slow.assembly(), slow.build(), List.of()).steps().get(0);
        assertThat(trim.hands()).isEqualTo(2 * FIRST.hands());
        assertThat(new Timings.Timed(trim, "Oduya", 100).timing().orElseThrow().book())
                .isEqualTo(FIRST.hands());
    }
}
