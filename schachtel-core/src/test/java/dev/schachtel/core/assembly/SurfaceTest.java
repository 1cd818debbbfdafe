package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.List;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.OrderWish;
import dev.schachtel.core.edit.BookEdit;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.house.HouseRules;
import dev.schachtel.core.material.Hazard;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Medium;
import dev.schachtel.core.material.Surfacing;
import dev.schachtel.core.material.Technique;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;
import dev.schachtel.core.work.Caution;
import dev.schachtel.core.work.WorkKind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** Surface work in its order, by rule and by house rule; every rule is needed. */
class SurfaceTest {
    private static final Workshop USUAL = TestCards.WORKSHOP;

    /** Upper Station with work on these pieces: {@code "panel ink-blend #d9c99f"}. */
    static TestCards worked(String... works) {
        TestCards card = TestCards.of("upper-station.json");
        for (int i = 0; i < works.length; i++) {
            String[] w = works[i].split(" ");
            String id = i == 0 ? "treatment" : "treatment-" + (i + 1);
            card = card.add("treatment").set(id, "on", w[0]).set(id, "way", w[1]);
            card = w.length > 2 ? card.set(id, "colour", w[2]) : card;
        }
        return card;
    }

    static Plan plan(TestCards card, HouseRules house) {
        return Planner.plan(card.spec(), USUAL.with(USUAL.techniques(), house));
    }

    private static List<String> order(BuildPlan plan) {
        return plan.steps().stream()
                .filter(s -> s.op().surface().isPresent() || s.op().is(WorkKind.DIE_CUT))
                .map(s -> s.op().id())
                .toList();
    }

    @Test
    void resistComesBeforeInkWhateverTheList() {
        List<String> order =
                order(worked("panel ink-blend", "panel resist").plan().assembly());
        assertThat(order)
                .containsSubsequence("prepare treatment-2", "powder treatment-2", "heat treatment-2", "ink treatment");
    }

    @Test
    void aHouseRuleTurnsInkAndCut() {
        TestCards card = worked("panel ink-blend");
        Plan cutFirst = plan(card, HouseRules.USUAL.with(HouseRules.InkOrCut.CUT_FIRST));
        assertThat(order(card.plan().assembly())).containsSubsequence("ink treatment", "die-cut");
        assertThat(order(cutFirst.assembly())).containsSubsequence("die-cut", "ink treatment");
    }

    /** Cut, laid out, cleared away, inked, laid out again, glued. */
    @Test
    void whoLaysOutFirstInksAfterwards() {
        Plan plan =
                worked("panel ink-blend").set("treatment", "laidOut", "true").plan();
        assertThat(plan.assembly().contradictions()).isEmpty();
        List<String> steps =
                plan.assembly().steps().stream().map(s -> s.op().id()).toList();
        assertThat(steps)
                .containsSubsequence("die-cut", "plan-layout base", "ink treatment", "layout base", "close panel");
        assertThat(worked("panel ink-blend").plan().assembly().steps()).noneMatch(s -> s.op().is(WorkKind.PLAN_LAYOUT));
    }

    @Test
    void aHouseRuleTurnsLightAndDark() {
        TestCards card = worked("panel ink-blend #333344", "panel ink-blend #d9c99f");
        Plan darkFirst = plan(card, HouseRules.USUAL.with(HouseRules.Shades.DARK_TO_LIGHT));
        assertThat(order(card.plan().assembly())).containsSubsequence("ink treatment-2", "ink treatment");
        assertThat(order(darkFirst.assembly())).containsSubsequence("ink treatment", "ink treatment-2");
    }

    /** 12 cards, 90 s each, to be washed within 10 minutes: two rounds of six, a wash after each. */
    @Test
    void pasteIsLaidInRoundsThatCanBeWashedInTime() {
        BuildPlan plan =
                worked("panel paste-stencil").set("brief", "cards", "12").plan().assembly();
        List<Step> rounds = plan.steps().stream()
                .filter(s -> s.op().is(WorkKind.PASTE) || s.op().is(WorkKind.CLEAN))
                .toList();
        assertThat(rounds)
                .extracting(s -> s.op().kind())
                .containsExactly(WorkKind.PASTE, WorkKind.CLEAN, WorkKind.PASTE, WorkKind.CLEAN);
        for (int i = 0; i < rounds.size(); i += 2) {
            Duration waited = rounds.get(i + 1).start().minus(rounds.get(i).end());
            assertThat(waited).isLessThanOrEqualTo(Duration.ofMinutes(10));
        }
    }

    /** Two lots of the same blue need its brush once; the second lot says that it goes on. */
    @Test
    void theSameColourIsSetUpOnce() {
        BuildPlan plan = worked("panel ink-blend #333344")
                .set("brief", "cards", "8")
                .set("brief", "together", "4")
                .plan()
                .assembly();
        List<Step> inks =
                plan.steps().stream().filter(s -> s.op().is(WorkKind.INK)).toList();
        assertThat(inks).hasSize(2);
        assertThat(inks).extracting(s -> s.time().setsUp()).containsExactly(true, false);
        assertThat(inks.get(1).hands()).isEqualTo(Duration.ofSeconds(4 * 120));
    }

    @Test
    void wishesAreKeptAndContradictionsSaid() {
        TestCards card = worked("panel ink-blend", "liner stamp");
        List<OrderWish> both = List.of(
                new OrderWish("stamp treatment-2", "ink treatment"),
                new OrderWish("ink treatment", "stamp treatment-2"));
        for (OrderWish wish : both) {
            TestCards wished = new TestCards(CardEdit.of(card.spec()).wish(wish));
            assertThat(order(wished.plan().assembly())).containsSubsequence(wish.first(), wish.then());
        }
        OrderWish absurd = new OrderWish("close panel", "fill shaker");
        Plan plan = new TestCards(CardEdit.of(card.spec()).wish(absurd)).plan();
        StepsRecheck.check(plan.assembly(), plan.build(), plan.workshop());
        BuildPlan.Contradiction c = plan.assembly().contradictions().get(0);
        assertThat(c.circle()).hasSize(2);
        assertThat(c.circle().get(c.gaveWay()).rule().id()).isEqualTo("wish");
        assertThat(plan.findings().of(RuleId.ORDER_CONTRADICTS).all())
                .singleElement()
                .satisfies(f -> assertThat(f.severity()).isEqualTo(Severity.WATCH));
    }

    @Test
    void lotsLetDryingRunBesideTheNextLot() {
        TestCards card = TestCards.of("upper-station.json").set("shaker", "filmFixing", "gel");
        AssemblySearch search = Assembly.search(card.plan().build(), USUAL);
        Duration atOnce = search.plan().total();
        for (int i = 0; i < 20; i++) {
            search.run(200);
        }
        BuildPlan best = search.plan();
        StepsRecheck.check(best, card.plan().build(), USUAL);
        assertThat(best.total()).isLessThanOrEqualTo(atOnce);
        assertThat(best.batch().sizes()).hasSizeGreaterThan(3);
        assertThat(best.total().toSeconds()).isGreaterThanOrEqualTo(best.floor().seconds());
        Plan two = card.set("brief", "makers", "3").plan();
        StepsRecheck.check(two.assembly(), two.build(), USUAL);
        assertThat(two.assembly().total()).isLessThan(atOnce);
    }

    static final TestCards OVERHANGING = TestCards.upperStation().set("sentiment", "across", "3 in");

    /** Leaving what overhangs takes no step; trimming takes one for each, between its glue and the base. */
    @Test
    void aHouseRuleTrimsWhatOverhangs() {
        Plan left = plan(OVERHANGING, HouseRules.USUAL);
        Plan trimmed = plan(OVERHANGING, HouseRules.USUAL.with(HouseRules.Overhang.TRIM));
        assertThat(left.assembly().steps()).noneMatch(s -> s.op().is(WorkKind.TRIM_OVERHANG));
        assertThat(trimmed.assembly().steps()).anyMatch(s -> s.op().is(WorkKind.TRIM_OVERHANG));
        StepsRecheck.check(trimmed.assembly(), trimmed.build(), trimmed.workshop());
    }

    /** Three makers, a hot pen of the maker's own and alcohol on another part: kept apart, and each said to be dangerous. */
    @Test
    void aHotToolOfOnesOwnKeepsAwayFromAlcohol() {
        List<Technique> book = BookEdit.of(USUAL.techniques()).add("hot pen", Surfacing.COLOUR);
        book = BookEdit.of(book).set(new MaterialId("hot-pen"), "hazard", "heat");
        CardSpec spec = worked("liner hot-pen", "panel alcohol-wash")
                .set("brief", "makers", "3")
                .spec();
        Workshop hot = USUAL.with(book, USUAL.house());
        Plan plan = Planner.plan(spec, hot);
        assertThat(step(plan, "colour treatment").op().cautions()).containsExactly(Caution.HEAT);
        assertThat(step(plan, "wash treatment-2").op().cautions()).containsExactly(Caution.SOLVENT);
        StepsRecheck.check(plan.assembly(), plan.build(), hot);
        Plan cold = Planner.plan(
                spec, USUAL.with(BookEdit.of(book).set(new MaterialId("hot-pen"), "hazard", "none"), USUAL.house()));
        assertThat(overlap(step(cold, "colour treatment"), step(cold, "wash treatment-2")))
                .isTrue();
        assertThat(overlap(step(plan, "colour treatment"), step(plan, "wash treatment-2")))
                .isFalse();
    }

    private static boolean overlap(Step a, Step b) {
        return a.start().compareTo(b.ready()) < 0 && b.start().compareTo(a.ready()) < 0;
    }

    private static Step step(Plan plan, String op) {
        return plan.assembly().steps().stream()
                .filter(s -> s.op().id().equals(op))
                .findFirst()
                .orElseThrow();
    }

    /** Whatever the book says, alcohol burns and powder is melted. */
    @Test
    void theHazardOfAKindCantBeTakenAway() {
        BookEdit book = BookEdit.of(USUAL.techniques());
        assertThatThrownBy(() -> book.set(new MaterialId("alcohol-wash"), "hazard", "none"))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("solvent");
        assertThat(new Technique(
                                new MaterialId("w"),
                                "w",
                                Surfacing.WASH,
                                "dropper",
                                0,
                                0,
                                0,
                                0,
                                Hazard.NONE,
                                Medium.DYE_INK,
                                Length.ZERO)
                        .hazard())
                .isEqualTo(Hazard.SOLVENT);
    }

    /** New ways get a name of their own and the times of their kind; the last one stays. */
    @Test
    void theBookGrowsAndShrinks() {
        List<Technique> more = BookEdit.of(USUAL.techniques()).add("Stamping", Surfacing.STAMP);
        more = BookEdit.of(more).add("Stamping", Surfacing.STAMP);
        assertThat(more)
                .extracting(t -> t.id().value())
                .endsWith("stamping", "stamping-2")
                .startsWith("ink-blend");
        Technique usual = USUAL.techniques().stream()
                .filter(t -> t.kind() == Surfacing.STAMP)
                .findFirst()
                .orElseThrow();
        assertThat(more.get(more.size() - 1).each()).isEqualTo(usual.each());
        assertThatThrownBy(() -> BookEdit.of(USUAL.techniques()).add("  ", Surfacing.INK))
                .isInstanceOf(RefusedException.class);
        List<Technique> fewer = more;
        while (fewer.size() > 1) {
            fewer = BookEdit.of(fewer).remove(fewer.get(0).id());
        }
        BookEdit last = BookEdit.of(fewer);
        MaterialId id = fewer.get(0).id();
        assertThatThrownBy(() -> last.remove(id)).isInstanceOf(RefusedException.class);
    }
}
