package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.work.WorkKind;

import static org.assertj.core.api.Assertions.assertThat;

/** A sound plan with one step moved, left out or doubled: the rehearsal names the step and the part. */
class RehearsalTest {
    private static final PartId CAR = new PartId(new Id("car"), "rider");
    private static final PartId RETAINER = new PartId(new Id("car"), "retainer");
    private final Plan station =
            TestCards.of("upper-station.json").set("brief", "cards", "1").plan();

    @Test
    void aSoundPlanHasNoFault() {
        assertThat(Rehearsal.of(station.build(), station.assembly())).isEmpty();
        assertThat(replayed(station.assembly())).isEmpty();
    }

    @Test
    void aStepLeftOutLeavesItsPartLoose() {
        expect(without(attaches(CAR)), Rehearsal.Fault.NOT_FIXED, CAR);
    }

    @Test
    void aStepDoneTwiceFixesTwice() {
        List<Step> steps = new ArrayList<>(station.assembly().steps());
        steps.add(step(attaches(CAR)));
        expect(renumbered(steps), Rehearsal.Fault.FIXED_TWICE, CAR);
    }

    @Test
    void nothingIsUsedBeforeItIsCut() {
        expect(moved(o -> o.is(WorkKind.DIE_CUT), 40), Rehearsal.Fault.NOT_MADE, CAR);
    }

    /** The car is larger than its slot: stuck on too early it does not come through. */
    @Test
    void nothingPassesWhatIsSmaller() {
        BuildPlan plan = moved(o -> o.is(WorkKind.INSERT), 40);
        expect(plan, Rehearsal.Fault.DOES_NOT_PASS, CAR);
        expect(plan, Rehearsal.Fault.OUT_OF_REACH, RETAINER);
    }

    /** Foam on the back of a panel that lies already. */
    @Test
    void theBackOfWhatLiesIsOutOfReach() {
        BuildPlan plan = moved(o -> o.is(WorkKind.FIX_FILM), 40);
        expect(plan, Rehearsal.Fault.OUT_OF_REACH, new PartId(new Id("shaker"), "film"));
    }

    @Test
    void aPanelWithoutItsFoamIsHeldByNothing() {
        Plan plain = TestCards.raised().plan();
        BuildPlan plan = without(plain.assembly(), o -> o.is(WorkKind.LAY_FOAM));
        assertThat(Rehearsal.of(plain.build(), plan))
                .anyMatch(f -> f.fault() == Rehearsal.Fault.HELD_BY_NOTHING
                        && f.part().equals(new PartId(new Id("panel"), "")));
    }

    private static Predicate<Op> attaches(PartId part) {
        return o -> o.lays(part);
    }

    private void expect(BuildPlan plan, Rehearsal.Fault fault, PartId part) {
        assertThat(Rehearsal.of(station.build(), plan))
                .anyMatch(f -> f.fault() == fault && f.part().equals(part));
        assertThat(replayed(plan)).anyMatch(line -> line.contains(part.toString()));
    }

    private List<String> replayed(BuildPlan plan) {
        return Replay.of(station.build(), station.workshop().house(), plan, 1);
    }

    private Step step(Predicate<Op> which) {
        return station.assembly().steps().stream()
                .filter(s -> which.test(s.op()))
                .findFirst()
                .orElseThrow();
    }

    private BuildPlan without(Predicate<Op> which) {
        return without(station.assembly(), which);
    }

    private static BuildPlan without(BuildPlan plan, Predicate<Op> which) {
        List<Step> steps = new ArrayList<>(plan.steps());
        steps.removeIf(s -> which.test(s.op()));
        return with(plan, steps);
    }

    /** The step so many hours later than all others. */
    private BuildPlan moved(Predicate<Op> which, int hours) {
        List<Step> steps = new ArrayList<>(station.assembly().steps());
        steps.replaceAll(s -> which.test(s.op()) ? later(s, Duration.ofHours(hours)) : s);
        steps.sort(Comparator.comparing(Step::start));
        return renumbered(steps);
    }

    private BuildPlan renumbered(List<Step> steps) {
        return with(station.assembly(), steps);
    }

    private static BuildPlan with(BuildPlan plan, List<Step> steps) {
        return new BuildPlan(steps, plan.batch(), plan.floor(), plan.contradictions());
    }

    private static Step later(Step s, Duration by) {
        Step.Time t = s.time();
        return new Step(
                s.number(),
                s.op(),
                s.lot(),
                s.round(),
                new Step.Time(t.start().plus(by), t.hands(), t.maker(), t.setsUp()),
                s.reasons(),
                s.waitsFor(),
                s.frees());
    }
}
