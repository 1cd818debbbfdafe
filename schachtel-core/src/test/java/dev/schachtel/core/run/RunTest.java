package dev.schachtel.core.run;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.CutChoice;
import dev.schachtel.core.design.UseUp;
import dev.schachtel.core.edit.BookEdit;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.files.RunFile;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Surfacing;
import dev.schachtel.core.material.Technique;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;
import dev.schachtel.core.work.Caution;
import dev.schachtel.core.work.WorkKind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

class RunTest {
    private static final Instant START = Instant.parse("2026-11-26T14:00:00Z");
    private final List<RunEvent> events = new ArrayList<>();
    private Instant now = START;

    private static RunPlan upperStation(String spares) {
        Plan plan = TestCards.of("upper-station.json")
                .set("shaker", "filmFixing", "gel")
                .set("brief", "spares", spares)
                .plan();
        return RunPlan.of(plan.assembly(), plan.build(), UseUp.takes(plan.build(), plan.cutting(), plan.workshop()));
    }

    private RunEvent event(String maker, RunEvent.Kind kind, String step, int card) {
        return new RunEvent("e" + events.size(), now, maker, kind, step, card, "");
    }

    private RunState say(RunPlan plan, RunEvent event) {
        assertThat(RunState.of(plan, events).refuses(event)).isEmpty();
        events.add(event);
        return RunState.of(plan, events);
    }

    private RunState doNext(RunPlan plan) {
        RunState state = RunState.of(plan, events);
        Optional<RunStep> next = state.next("Oduya", now);
        if (next.isEmpty()) {
            now = state.timers(now).get(0).until();
            return doNext(plan);
        }
        say(plan, event("Oduya", RunEvent.Kind.BEGUN, next.get().key(), 0));
        now = now.plusSeconds(next.get().hands());
        return say(plan, event("Oduya", RunEvent.Kind.DONE, next.get().key(), 0));
    }

    private RunState until(RunPlan plan, WorkKind kind) {
        RunState state = RunState.of(plan, events);
        while (!state.next("Oduya", now).orElseThrow().kind().is(kind)) {
            state = doNext(plan);
        }
        return state;
    }

    @Test
    void everythingIsDoneInTheEndAndTakesWhatWasPlanned() {
        RunPlan plan = upperStation("0");
        RunState state = RunState.of(plan, events);
        Duration forecast = state.left(now);
        while (!state.isFinished()) {
            state = doNext(plan);
        }
        assertThat(state.doneCount()).isEqualTo(plan.steps().size());
        assertThat(Duration.between(START, now).toMinutes())
                .isBetween(forecast.toMinutes() * 9 / 10, forecast.toMinutes() * 12 / 10);
        assertThat(state.left(now)).isZero();
        assertThat(RunFile.read(RunFile.write(plan))).isEqualTo(plan);
    }

    @Test
    void sayingItTwiceCountsOnceAndTwoMakersDontDoTheSame() {
        RunPlan plan = upperStation("0");
        RunStep first = RunState.of(plan, events).next("Oduya", now).orElseThrow();
        RunEvent begun = event("Oduya", RunEvent.Kind.BEGUN, first.key(), 0);
        RunState state = say(plan, begun);
        assertThat(state.refuses(begun)).isEmpty();
        assertThat(RunState.of(plan, List.of(begun, begun))
                        .doing(first.key())
                        .orElseThrow()
                        .maker())
                .isEqualTo("Oduya");
        assertThat(state.refuses(event("Bakery", RunEvent.Kind.BEGUN, first.key(), 0)))
                .isEqualTo("Oduya is at it.");
        assertThat(state.next("Bakery", now).map(RunStep::key)).isNotEqualTo(Optional.of(first.key()));
        state = say(plan, event("Oduya", RunEvent.Kind.DONE, first.key(), 0));
        assertThat(state.refuses(new RunEvent("other", now, "Bakery", RunEvent.Kind.DONE, first.key(), 0, "")))
                .isEqualTo("Done already, by Oduya.");
    }

    /** Whoever takes up something else lays down what they were at, for them and for others. */
    @Test
    void oneMakerIsAtOneStep() {
        RunPlan plan = upperStation("0");
        until(plan, WorkKind.FIX_FILM);
        RunState state = RunState.of(plan, events);
        RunStep first = state.open(now).get(0);
        RunStep other = state.open(now).get(1);
        say(plan, event("Oduya", RunEvent.Kind.BEGUN, first.key(), 0));
        state = say(plan, event("Oduya", RunEvent.Kind.BEGUN, other.key(), 0));
        assertThat(state.next("Oduya", now)).contains(other);
        assertThat(state.doing(first.key())).isEmpty();
        assertThat(state.refuses(event("Bakery", RunEvent.Kind.BEGUN, first.key(), 0)))
                .isEmpty();
    }

    @Test
    void nothingIsBegunBeforeItIsDry() {
        RunPlan plan = upperStation("0");
        until(plan, WorkKind.FIX_FILM);
        RunState state = doNext(plan);
        RunStep dam = plan.steps().stream()
                .filter(s -> s.kind().is(WorkKind.LAY_DAM))
                .findFirst()
                .orElseThrow();
        assertThat(state.timers(now))
                .anyMatch(t -> t.step().kind().is(WorkKind.FIX_FILM)
                        && t.then().filter(dam::equals).isPresent());
        String why = state.refuses(event("Oduya", RunEvent.Kind.BEGUN, dam.key(), 0));
        assertThat(why).matches("Not dry yet: \\d+ s to go\\.|What it waits for is not done yet\\.");
        now = now.plus(Duration.ofMinutes(30));
        assertThat(RunState.of(plan, events).timers(now))
                .noneMatch(t -> t.step().kind().is(WorkKind.FIX_FILM));
    }

    /** The panel of card 3 tears when it is laid down: it is made again for this card alone, the others don't wait. */
    @Test
    void aMishapIsMadeAgain() {
        RunPlan plan = upperStation("0");
        until(plan, WorkKind.CLOSE);
        RunStep close = RunState.of(plan, events).next("Oduya", now).orElseThrow();
        Duration before = RunState.of(plan, events).left(now);
        RunState state = say(plan, event("Oduya", RunEvent.Kind.WRONG, close.key(), 3));
        assertThat(state.spareTaken(state.mishaps().get(0))).isFalse();
        List<RunStep> again =
                state.steps().stream().filter(s -> s.key().startsWith("again")).toList();
        assertThat(again)
                .extracting(RunStep::kind)
                .contains(WorkKind.TRIM, WorkKind.DIE_CUT, WorkKind.FIX_FILM, WorkKind.LAY_DAM);
        assertThat(again).allMatch(s -> s.first() == 3 && s.last() == 3);
        assertThat(state.isAside(3)).isTrue();
        assertThat(state.left(now)).isGreaterThan(before);
        RunStep others = state.step(close.key()).orElseThrow();
        RunStep own = state.step(close.key() + ", card 3").orElseThrow();
        assertThat(state.isOpen(others, now)).isTrue();
        assertThat(state.isOpen(own, now)).isFalse();
        assertThat(others.holds(3)).isFalse();
        assertThat(others.cards()).isEqualTo(11);
        assertThat(others.hands() + own.hands()).isCloseTo(close.hands(), within(30));
        RunStep envelope = state.steps().get(state.steps().size() - 1);
        assertThat(envelope.kind()).isEqualTo(WorkKind.ENVELOPE);
        say(plan, event("Oduya", RunEvent.Kind.BEGUN, others.key(), 0));
        now = now.plusSeconds(others.hands());
        state = say(plan, event("Oduya", RunEvent.Kind.DONE, others.key(), 0));
        assertThat(state.isAside(3)).isTrue();
        assertThat(state.readyAt(envelope)).isEmpty();
        while (!state.isFinished()) {
            state = doNext(plan);
        }
        assertThat(state.isAside(3)).isFalse();
        assertThat(state.done(own.key())).isPresent();
    }

    /** What is left is planned anew: nothing is lost, all waits are kept, what dries longest is not put off to the end. */
    @Test
    void afterAMishapTheRestIsPlannedAnew() {
        RunPlan plan = upperStation("0");
        until(plan, WorkKind.CLOSE);
        RunStep close = RunState.of(plan, events).next("Oduya", now).orElseThrow();
        RunState before = RunState.of(plan, events);
        RunState state = say(plan, event("Oduya", RunEvent.Kind.WRONG, close.key(), 3));
        assertThat(state.steps())
                .extracting(RunStep::key)
                .containsAll(before.steps().stream().map(RunStep::key).toList());
        assertWaitsKept(state);
        assertThat(state.next("Oduya", now).orElseThrow().key()).startsWith("again");
        List<String> kinds = state.steps().stream().map(RunStep::key).toList();
        assertThat(kinds.subList(0, state.doneCount()))
                .allMatch(key -> state.done(key).isPresent());
    }

    private static void assertWaitsKept(RunState state) {
        List<String> order = state.steps().stream().map(RunStep::key).toList();
        state.steps().forEach(step -> step.waits().forEach(wait -> assertThat(order.indexOf(wait.key()))
                .as("%s after %s", step.key(), wait.key())
                .isLessThan(order.indexOf(step.key()))));
    }

    /** Two makers who planned together are forecast together, before a mishap and after it. */
    @Test
    void theForecastKnowsHowManyHandsThereAre() {
        TestCards card = TestCards.of("upper-station.json").set("brief", "makers", "2");
        RunPlan two = RunPlan.of(card.plan().assembly(), card.plan().build(), List.of());
        RunPlan alone = new RunPlan(two.steps(), two.cards(), Map.of(), 1, List.of());
        assertThat(two.makers()).isEqualTo(2);
        Duration together = RunState.of(two, events).left(now);
        assertThat(together)
                .isLessThan(RunState.of(alone, events).left(now).multipliedBy(3).dividedBy(4));
        until(two, WorkKind.CLOSE);
        RunStep close = RunState.of(two, events).next("Oduya", now).orElseThrow();
        events.add(event("Oduya", RunEvent.Kind.WRONG, close.key(), 3));
        assertThat(RunState.of(two, events).left(now))
                .isLessThan(RunState.of(alone, events).left(now));
    }

    private static RunPlan worked(String other, String otherHazard) {
        List<Technique> book = BookEdit.of(TestCards.WORKSHOP.techniques()).add("pen", Surfacing.COLOUR);
        book = BookEdit.of(book).set(new MaterialId("pen"), "hazard", otherHazard);
        CardSpec spec = TestCards.of("upper-station.json")
                .add("treatment")
                .set("treatment", "on", "liner")
                .set("treatment", "way", "alcohol-wash")
                .add("treatment")
                .set("treatment-2", "on", "panel")
                .set("treatment-2", "way", other)
                .spec();
        Plan plan = Planner.plan(spec, TestCards.WORKSHOP.with(book, TestCards.WORKSHOP.house()));
        return RunPlan.of(plan.assembly(), plan.build(), List.of());
    }

    /** While alcohol is about or wet nobody may take up anything hot, be it the heat tool or a hot pen of one's own. */
    @Test
    void atTheBenchHeatAndSolventDontMeet() {
        for (String[] other : new String[][] {{"pen", "heat"}, {"emboss", "none"}, {"pen", "none"}}) {
            events.clear();
            now = START;
            RunPlan plan = worked(other[0], other[1]);
            RunStep wash = step(plan, "wash treatment");
            RunStep hot = step(plan, other[0].equals("emboss") ? "heat treatment-2" : "colour treatment-2");
            Set<String> behind = before(plan, wash);
            behind.addAll(before(plan, hot));
            plan.steps().stream()
                    .filter(s -> behind.contains(s.key()))
                    .filter(s -> !s.key().equals(wash.key()) && !s.key().equals(hot.key()))
                    .forEach(s -> events.add(event("Oduya", RunEvent.Kind.DONE, s.key(), 0)));
            now = now.plus(Duration.ofDays(1));
            say(plan, event("Oduya", RunEvent.Kind.BEGUN, wash.key(), 0));
            boolean danger = !other[0].equals("pen") || other[1].equals("heat");
            RunEvent begin = event("Bakery", RunEvent.Kind.BEGUN, hot.key(), 0);
            assertThat(RunState.of(plan, events).refuses(begin).isEmpty()).isEqualTo(!danger);
            say(plan, event("Oduya", RunEvent.Kind.DONE, wash.key(), 0));
            RunEvent again = event("Bakery", RunEvent.Kind.BEGUN, hot.key(), 0);
            assertThat(RunState.of(plan, events).refuses(again).isEmpty()).isEqualTo(!danger);
            now = now.plusSeconds(wash.rest() + 1);
            assertThat(RunState.of(plan, events).refuses(event("Bakery", RunEvent.Kind.BEGUN, hot.key(), 0)))
                    .isEmpty();
        }
    }

    private static RunStep step(RunPlan plan, String op) {
        return plan.steps().stream().filter(s -> s.op().equals(op)).findFirst().orElseThrow();
    }

    /** All that must be done before a step. */
    private static Set<String> before(RunPlan plan, RunStep step) {
        Set<String> all = new HashSet<>();
        for (RunStep.Wait wait : step.waits()) {
            all.add(wait.key());
            plan.steps().stream().filter(s -> s.key().equals(wait.key())).forEach(s -> all.addAll(before(plan, s)));
        }
        return all;
    }

    /** Runs that were frozen by each version before this one are read as what they meant. */
    @Test
    void runsOfBeforeAreStillRead() {
        String one = released("run-1.json");
        RunPlan plan = RunFile.read(one);
        assertThat(plan.steps()).hasSizeGreaterThan(8);
        assertThat(plan.steps().get(0).kind()).isEqualTo(WorkKind.TRIM);
        assertThat(plan.cards()).isEqualTo(2);
        assertThat(RunFile.read(RunFile.write(plan))).isEqualTo(plan);
        String zero = one.replaceAll("\"hazard\":\"[A-Z]+\",", "")
                .replaceAll(",\"makers\":\\d+", "")
                .replaceAll(",\"within\":\\d+", "")
                .replaceAll("\"aside\":\\[\\],", "");
        assertThat(zero).doesNotContain("hazard").doesNotContain("makers");
        assertThat(RunFile.read(zero)).isEqualTo(plan);
        assertThatThrownBy(() -> RunFile.read(one.replace("\"TRIM\"", "\"WHITTLE\"")))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("whittle");
    }

    private static String released(String file) {
        try {
            return Files.readString(Path.of("src/test/resources/released", file));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Test
    void aSpareSavesTheCutting() {
        CardSpec spec = TestCards.of("upper-station.json").spec();
        CutChoice two = new CutChoice("panel", Optional.empty(), Optional.empty(), false, 2);
        Plan spared = Planner.plan(CardEdit.of(spec).cut(two), TestCards.WORKSHOP);
        RunPlan plan = RunPlan.of(spared.assembly(), spared.build(), List.of());
        until(plan, WorkKind.CLOSE);
        RunStep close = RunState.of(plan, events).next("Oduya", now).orElseThrow();
        RunState state = say(plan, event("Oduya", RunEvent.Kind.WRONG, close.key(), 3));
        assertThat(state.spareTaken(state.mishaps().get(0))).isTrue();
        assertThat(state.steps())
                .filteredOn(s -> s.key().startsWith("again"))
                .extracting(RunStep::kind)
                .doesNotContain(WorkKind.TRIM, WorkKind.DIE_CUT);
    }

    @Test
    void pausesAndTakingBack() {
        RunPlan plan = upperStation("0");
        RunState state = doNext(plan);
        String first = plan.steps().get(0).key();
        state = say(plan, event("Oduya", RunEvent.Kind.PAUSED, "", 0));
        assertThat(state.open(now)).isEmpty();
        assertThat(state.refuses(event("Oduya", RunEvent.Kind.UNDONE, first, 0)))
                .contains("paused");
        say(plan, event("Oduya", RunEvent.Kind.RESUMED, "", 0));
        state = say(plan, event("Oduya", RunEvent.Kind.UNDONE, first, 0));
        assertThat(state.doneCount()).isZero();
        assertThat(state.next("Oduya", now).map(RunStep::key)).contains(first);
        assertThat(state.refuses(event("Oduya", RunEvent.Kind.DONE, "nonsense", 0)))
                .contains("no such step");
        state = say(plan, event("Oduya", RunEvent.Kind.TICKED, Caution.BLADE.name(), 0));
        assertThat(state.toTick(Set.of(Caution.BLADE, Caution.HEAT))).containsExactly(Caution.HEAT);
    }

    /** Whatever several makers say, nobody does another's step, nothing is done twice, and all is done in the end. */
    @Property(tries = 60)
    void anyTalkEndsWell(@ForAll long seed) {
        // One instance serves all tries.
        events.clear();
        now = START;
        Random random = new Random(seed);
        RunPlan plan = upperStation(random.nextInt(3) + "");
        List<String> makers = List.of("Oduya", "Bakery", "Signal box");
        Set<String> ids = new HashSet<>();
        RunState state = RunState.of(plan, events);
        for (int i = 0; i < 2_000 && !state.isFinished(); i++) {
            String maker = makers.get(random.nextInt(makers.size()));
            Optional<RunStep> next = state.next(maker, now);
            if (next.isEmpty()) {
                now = now.plusSeconds(600);
                continue;
            }
            boolean at = state.doing(next.get().key()).isPresent();
            RunEvent.Kind kind = !at
                    ? RunEvent.Kind.BEGUN
                    : state.mishaps().size() < 3 && random.nextInt(20) == 0 ? RunEvent.Kind.WRONG : RunEvent.Kind.DONE;
            int card = next.get().foremost();
            assertThat(next.get().holds(card)).isTrue();
            assertThat(IntStream.range(1, card)).noneMatch(next.get()::holds);
            RunEvent event = event(maker, kind, next.get().key(), card);
            assertThat(state.refuses(event)).isEmpty();
            events.add(event);
            if (random.nextInt(4) == 0) {
                events.add(event);
            }
            ids.add(event.id());
            now = now.plusSeconds(random.nextInt(300));
            state = RunState.of(plan, events);
            assertThat(state.steps()).extracting(RunStep::key).doesNotHaveDuplicates();
            assertWaitsKept(state);
        }
        assertThat(state.isFinished()).isTrue();
        assertThat(RunState.of(plan, events).doneCount())
                .isEqualTo(state.steps().size());
    }
}
