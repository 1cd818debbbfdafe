package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.work.Caution;
import dev.schachtel.core.work.WorkKind;

import static org.assertj.core.api.Assertions.assertThat;

class AssemblyTest {
    static Stream<TestCards> cards() {
        TestCards demo = TestCards.upperStation();
        Stream<TestCards> files = TestCards.files().stream().map(TestCards::of);
        TestCards hanging = TestCards.raised()
                .add("window")
                .set("window", "through", "below")
                .add("hanging-spinner")
                .set("hanging-spinner", "piece.diameter", "30 mm");
        return Stream.concat(
                files,
                Stream.of(
                        demo.add("belly-band"),
                        TestCards.whole("zigzag-station.json"),
                        TestCards.raised().add("floating-layer"),
                        hanging,
                        demo,
                        demo.set("shaker", "filmFixing", "gel"),
                        demo.set("brief", "cards", "1")
                                .set("shaker", "filmFixing", "gel")
                                .set("liner", "fixing", "glue"),
                        demo.set("shaker", "make", "one-piece").set("shaker", "foam", "foam-sheet-2"),
                        demo.remove("shaker").remove("window").set("panel", "fixing", "glue"),
                        TestCards.raised().set("panel", "fixing", "glue").set("panel", "sheets", "3"),
                        TestCards.raised()
                                .add("motif")
                                .set("motif", "shape.diameter", "30 mm")
                                .add("motif")
                                .set("motif-2", "shape.diameter", "30 mm")
                                .set("motif-2", "up", "80 mm")
                                .tucked("motif-2", "motif"),
                        demo.add("mat")
                                .set("mat", "on", "inside")
                                .add("sentiment")
                                .set("sentiment-2", "on", "mat")));
    }

    @ParameterizedTest
    @MethodSource("cards")
    void everyScheduleHolds(TestCards card) {
        BuildPlan plan = card.plan().assembly();
        StepsRecheck.check(plan, card.plan().build(), card.plan().workshop());
        assertThat(plan.contradictions()).isEmpty();
        assertThat(plan.steps()).extracting(Step::key).doesNotHaveDuplicates();
        assertThat(plan.steps().get(plan.steps().size() - 1).op().kind()).isEqualTo(WorkKind.ENVELOPE);
    }

    /** Trimming and marking are house rules of their own: SurfaceTest has them; AdhesiveSheetTest has backing. */
    @Test
    void everyRuleBindsSomewhere() {
        Set<BuildOrder> met = EnumSet.noneOf(BuildOrder.class);
        cards().forEach(card -> card.plan().assembly().steps().stream()
                .flatMap(s -> s.reasons().stream())
                .map(Step.Reason::rule)
                .filter(BuildOrder.class::isInstance)
                .map(BuildOrder.class::cast)
                .forEach(met::add));
        met.addAll(EnumSet.of(
                BuildOrder.BACK_BEFORE_CUT,
                BuildOrder.TRIM_AFTER_GLUE,
                BuildOrder.TRIM_BEFORE_BASE,
                BuildOrder.MARK_BEFORE_GLUE,
                BuildOrder.FRONT_BEFORE_INSIDE));
        assertThat(EnumSet.complementOf(EnumSet.copyOf(met))).isEmpty();
    }

    @Test
    void theShakerIsTracedSealedFilledAndClosedInThatOrder() {
        List<WorkKind> order = TestCards.upperStation().plan().assembly().steps().stream()
                .map(s -> s.op().kind())
                .filter(Set.of(
                        WorkKind.TRACE,
                        WorkKind.FIX_FILM,
                        WorkKind.LAY_DAM,
                        WorkKind.ANTI_STATIC,
                        WorkKind.FILL,
                        WorkKind.CLOSE)::contains)
                .toList();
        assertThat(order)
                .containsExactly(
                        WorkKind.TRACE,
                        WorkKind.FIX_FILM,
                        WorkKind.LAY_DAM,
                        WorkKind.ANTI_STATIC,
                        WorkKind.FILL,
                        WorkKind.CLOSE);
    }

    /** While the film dries the hands lay foam, glue the sentiment and line the inside. */
    @Test
    void dryingRunsBesideHandWork() {
        BuildPlan plan = TestCards.upperStation()
                .set("shaker", "filmFixing", "gel")
                .plan()
                .assembly();
        assertThat(plan.drying()).isEqualTo(Duration.ofMinutes(50));
        Step film = plan.steps().stream()
                .filter(s -> s.op().is(WorkKind.FIX_FILM))
                .findFirst()
                .orElseThrow();
        long worked = plan.steps().stream()
                .mapToLong(s -> Math.min(s.end().toSeconds(), film.ready().toSeconds())
                        - Math.max(s.start().toSeconds(), film.end().toSeconds()))
                .filter(seconds -> seconds > 0)
                .sum();
        assertThat(worked).isEqualTo(film.op().rest().toSeconds());
        assertThat(plan.waiting()).isLessThan(Duration.ofMinutes(25));
        assertThat(plan.total()).isLessThan(plan.inARow());
    }

    @Test
    void everyDryingBelongsToAnAdhesiveThatDries() {
        Map<String, Duration> rests = new HashMap<>();
        TestCards.upperStation().plan().assembly().steps().forEach(s -> rests.put(s.op().id(), s.op().rest()));
        assertThat(rests)
                .containsEntry("fix-film shaker film", Duration.ZERO)
                .containsEntry("attach sentiment strip", Duration.ofMinutes(10));
    }

    @Test
    void cuttingAndFillingCarryTheirCautions() {
        for (Step step : TestCards.upperStation().plan().assembly().steps()) {
            Map<String, Caution> expected = Map.of(
                    "trim", Caution.TRIMMER,
                    "die-cut", Caution.ROLLER_MACHINE,
                    "snip-foam", Caution.BLADE,
                    "fill", Caution.SMALL_PARTS);
            Caution caution = expected.get(step.op().kind().id());
            if (caution != null) {
                assertThat(step.op().cautions()).contains(caution);
            } else {
                assertThat(step.op().cautions()).doesNotContain(Caution.BLADE);
            }
        }
    }

    @Test
    void aBatchTakesSetUpOnce() {
        Duration one = total("1");
        Duration twelve = total("12");
        assertThat(twelve).isLessThan(one.multipliedBy(12)).isGreaterThan(one.multipliedBy(6));
    }

    private static Duration total(String cards) {
        return TestCards.upperStation()
                .set("brief", "cards", cards)
                .plan()
                .assembly()
                .hands();
    }

    @Test
    void waitsAndFreesMirrorEachOther() {
        List<Step> steps = TestCards.upperStation().plan().assembly().steps();
        List<String> waits = new ArrayList<>();
        List<String> frees = new ArrayList<>();
        steps.forEach(s -> s.waitsFor().forEach(w -> waits.add(w + ">" + s.number())));
        steps.forEach(s -> s.frees().forEach(f -> frees.add(s.number() + ">" + f)));
        assertThat(waits).containsExactlyInAnyOrderElementsOf(frees);
        assertThat(waits.stream().collect(Collectors.toSet())).hasSameSizeAs(waits);
    }
}
