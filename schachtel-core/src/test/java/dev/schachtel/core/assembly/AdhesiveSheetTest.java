package dev.schachtel.core.assembly;

import java.util.List;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.Asked;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.cutting.LinearPlan;
import dev.schachtel.core.design.Holding;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.Choices;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;
import dev.schachtel.core.work.WorkKind;

import static org.assertj.core.api.Assertions.assertThat;

/** Adhesive in sheets: on the whole back, before that is cut. */
class AdhesiveSheetTest {
    static final TestCards PLATE = TestCards.raised().add("cover-plate").set("cover-plate", "fixing", "sheet-adhesive");

    private static List<Step> steps(Plan plan, PartId part) {
        return plan.assembly().steps().stream()
                .filter(s -> s.op().handles(part))
                .toList();
    }

    @Test
    void itGoesOnBeforeTheCardIsCut() {
        Plan plan = PLATE.plan();
        PartId plate = plan.build().parts().stream()
                .map(Part::id)
                .filter(p -> p.owner().equals(new Id("cover-plate")))
                .findFirst()
                .orElseThrow();
        List<WorkKind> works =
                steps(plan, plate).stream().map(s -> s.op().kind()).toList();
        assertThat(works.indexOf(WorkKind.BACK)).isNotNegative();
        assertThat(works.stream().filter(WorkKind.BACK::is)).hasSize(1);
        assertThat(works.stream().filter(WorkKind::cuts)).isNotEmpty();
        for (int i = 0; i < works.size(); i++) {
            if (works.get(i).cuts() || works.get(i).is(WorkKind.ATTACH)) {
                assertThat(i).isGreaterThan(works.indexOf(WorkKind.BACK));
            }
        }
        StepsRecheck.check(plan.assembly(), plan.build(), plan.workshop());
        assertThat(plan.assembly().contradictions()).isEmpty();
        assertThat(Rehearsal.of(plan.build(), plan.assembly())).isEmpty();
        assertThat(PLATE.set("cover-plate", "fixing", "glue").plan().assembly().steps())
                .noneMatch(s -> s.op().is(WorkKind.BACK));
    }

    /** Whatever may be held by it is backed before it is cut. */
    @Test
    void whateverItHoldsCanBeBuilt() {
        for (TestCards card : List.of(
                TestCards.of("turntable.json").set("liner", "fixing", "sheet-adhesive"),
                TestCards.raised().set("panel", "fixing", "sheet-adhesive"),
                TestCards.of("platform-sign.json").set("frame", "fixing", "sheet-adhesive"))) {
            Plan plan = card.plan();
            assertThat(plan.assembly().steps()).anyMatch(s -> s.op().is(WorkKind.BACK));
            assertThat(plan.assembly().contradictions()).isEmpty();
            StepsRecheck.check(plan.assembly(), plan.build(), plan.workshop());
        }
    }

    /** Film, flaps and spans are stuck at their edges only: it is neither offered nor proposed for them. */
    @Test
    void whatIsStuckAtItsEdgesIsNotOfferedIt() {
        assertThat(offered(Asked.Choice.ADHESIVE)).contains("tape").doesNotContain("sheet-adhesive");
        assertThat(offered(Asked.Choice.WHOLE_BACK)).contains("tape", "sheet-adhesive");
        for (String[] at : new String[][] {
            {"carriage-windows.json", "pouch"}, {"ticket.json", "pocket"}, {"viaduct.json", "bridge"}
        }) {
            Holding holding = Holding.of(TestCards.of(at[0]).build(), TestCards.WORKSHOP, new Id(at[1]))
                    .orElseThrow();
            assertThat(holding.options()).isNotEmpty().noneMatch(o -> o.by().whole());
        }
    }

    private static List<String> offered(Asked.Choice from) {
        return Choices.of(TestCards.WORKSHOP, from).stream()
                .map(c -> c.id().value())
                .toList();
    }

    /** Panel 99 by 142.5 mm, roll 150 mm wide: 99 mm of it for each card; at 160 mm high it is turned and takes 160 mm, at 170 wide, too, two strips. */
    @Test
    void itTakesTheWholeBackFromTheRoll() {
        assertThat(taken(PLATE)).isEqualTo(Length.ofMillimetres(99));
        assertThat(taken(PLATE.set("brief", "cards", "4"))).isEqualTo(Length.ofMillimetres(4 * 99));
        assertThat(taken(PLATE.set("base", "height", "166 mm"))).isEqualTo(Length.ofMillimetres(160));
        assertThat(taken(PLATE.set("base", "height", "166 mm").set("base", "width", "176 mm")))
                .isEqualTo(Length.ofMillimetres(2 * 170));
    }

    private static Length taken(TestCards card) {
        return card.plan().cutting().rolls().stream()
                .filter(r -> r.material().id().equals(new MaterialId("sheet-adhesive")))
                .map(LinearPlan::needed)
                .findFirst()
                .orElseThrow();
    }

    /** Where a door must open it would stick; each remedy that is offered makes that good. */
    @Test
    void itSticksWhatMustStayFree() {
        TestCards door = TestCards.of("bad/door-glued-shut.json").set("panel", "fixing", "sheet-adhesive");
        Finding shut = stuck(door.plan()).get(0);
        assertThat(shut.severity()).isEqualTo(Severity.MEND);
        assertThat(shut.remedies()).isNotEmpty();
        for (Remedy remedy : shut.remedies()) {
            assertThat(stuck(Planner.plan(remedy.taken(door.spec()), TestCards.WORKSHOP)))
                    .noneMatch(f -> f.severity() == Severity.MEND);
        }
    }

    private static List<Finding> stuck(Plan plan) {
        return plan.findings().all().stream()
                .filter(f -> f.rule() == RuleId.GLUE_FREE)
                .toList();
    }
}
