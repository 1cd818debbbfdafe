package dev.schachtel.core.run;

import java.time.Instant;
import java.util.List;
import java.util.function.Function;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.learning.Outlook;
import dev.schachtel.core.learning.Pace;
import dev.schachtel.core.learning.Timing;
import dev.schachtel.core.plan.Plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** A plan as a distribution: around what it says, wider for what is less known, slower for a slower hand. */
class OutlooksTest {
    private static final Instant NOW = Instant.parse("2026-11-28T09:00:00Z");

    /** Somebody who takes exactly so many times the book, always. */
    private static Function<String, Pace.Known> exactly(double factor) {
        return work -> new Pace.Known(factor, 1e-9, 1e-9, 100, 1);
    }

    /** Without any spread it is the plan itself: no sooner than the handwork, no later than planned. */
    @ParameterizedTest
    @ValueSource(strings = {"upper-station.json", "viaduct.json", "platform-sign.json", "cable-drum.json"})
    void withoutSpreadItIsThePlan(String file) {
        Plan plan = TestCards.whole(file).plan();
        Outlook outlook = Outlooks.of(plan.assembly(), exactly(1));
        double total = plan.assembly().total().toSeconds();
        assertThat(outlook.within(0.5)).isCloseTo(outlook.within(0.9), within(1.0));
        assertThat(outlook.within(0.5))
                .isLessThanOrEqualTo(total + 1)
                .isGreaterThanOrEqualTo(plan.assembly().hands().toSeconds() - 1);
        assertThat(outlook.within(0.5)).isGreaterThan(0.9 * total);
        Outlook slow = Outlooks.of(plan.assembly(), exactly(2));
        assertThat(slow.within(0.5)).isGreaterThan(1.5 * outlook.within(0.5));
    }

    /** What nobody timed is wide; what was timed often is narrow. A day is kept the more likely the later it is. */
    @Test
    void whatIsKnownIsNarrow() {
        Plan plan = TestCards.whole("platform-sign.json").plan();
        Outlook book = Outlooks.of(plan.assembly(), Pace.of(List.of())::of);
        List<Timing> timed = plan.assembly().steps().stream()
                .flatMap(s -> java.util.stream.IntStream.range(0, 12)
                        .mapToObj(i -> new Timing(s.op().kind().id(), 100, 98 + i % 5)))
                .toList();
        Outlook known = Outlooks.of(plan.assembly(), Pace.of(timed)::of);
        assertThat(known.within(0.9) / known.within(0.1)).isLessThan(book.within(0.9) / book.within(0.1));
        double last = 0;
        for (double hours = 0.2; hours < 4; hours += 0.2) {
            double chance = book.chance(hours * 3600);
            assertThat(chance).isGreaterThanOrEqualTo(last);
            last = chance;
        }
        assertThat(last).isEqualTo(1);
    }

    /** What is left of a run shrinks with each step that is done, to nothing. */
    @Test
    void whatIsLeftShrinks() {
        Plan plan = TestCards.whole("platform-sign.json").plan();
        RunPlan run = RunPlan.of(plan.assembly(), plan.build(), List.of());
        List<RunEvent> said = new java.util.ArrayList<>();
        double last = Double.MAX_VALUE;
        Instant now = NOW;
        for (int i = 0; i < 400; i++) {
            RunState state = RunState.of(run, said);
            if (state.isFinished()) {
                break;
            }
            double left = Outlooks.left(state, now, exactly(1)).within(0.5);
            assertThat(left).isLessThanOrEqualTo(last + 1);
            last = left;
            Instant at = now;
            var next = state.steps().stream().filter(s -> state.isOpen(s, at)).findFirst();
            next.ifPresent(
                    s -> said.add(new RunEvent("e" + said.size(), at, "Maker", RunEvent.Kind.DONE, s.key(), 0, "")));
            now = now.plusSeconds(next.isPresent() ? 1 : 600);
        }
        assertThat(RunState.of(run, said).isFinished()).isTrue();
    }
}
