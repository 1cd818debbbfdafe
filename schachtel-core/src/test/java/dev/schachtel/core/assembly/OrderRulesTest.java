package dev.schachtel.core.assembly;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.card.OrderWish;
import dev.schachtel.core.house.HouseRules;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;
import dev.schachtel.core.work.WorkKind;

import static org.assertj.core.api.Assertions.assertThat;

/** Cards on which all rules of order are kept, and each of them is needed. */
class OrderRulesTest {
    /** Ink under a mask, and ink that it keeps off; gems, and a cut edge. */
    private static TestCards masked() {
        return TestCards.inked()
                .set("treatment", "colour", "#d9c99f")
                .add("mask")
                .set("mask", "on", "panel")
                .add("treatment")
                .set("treatment-2", "on", "panel")
                .set("mask", "before", "treatment-2")
                .add("gems")
                .add("motif")
                .set("motif", "on", "panel")
                .add("treatment")
                .set("treatment-3", "on", "motif")
                .set("treatment-3", "where", "core");
    }

    /** Paste, the rest of it inside, and washing. */
    private static TestCards stencilled() {
        return TestCards.inked()
                .set("treatment", "way", "paste-stencil")
                .add("treatment")
                .set("treatment-2", "on", "inside")
                .set("treatment-2", "leftFrom", "treatment");
    }

    /** A panel with a ribbon whose ends go behind it. */
    private static TestCards tied() {
        return TestCards.raised().add("ribbon").set("ribbon", "behind", "12 mm");
    }

    /** Cards on which each rule matters, with the house rules under which it does. */
    private static final List<Plan> PLANS = plans().toList();

    private static Stream<Plan> plans() {
        TestCards rich = SurfaceTest.worked(
                "panel ink-blend #333344",
                "panel ink-blend #d9c99f",
                "panel emboss",
                "panel resist",
                "sentiment colour-pens",
                "sentiment stamp",
                "liner paste-stencil",
                "liner alcohol-wash",
                "liner emboss",
                "inside stamp",
                "panel gloss");
        HouseRules other = new HouseRules(
                HouseRules.InkOrCut.CUT_FIRST,
                HouseRules.Shades.DARK_TO_LIGHT,
                HouseRules.Outlines.AFTER_COLOUR,
                HouseRules.Ground.IMAGES_FIRST,
                HouseRules.Layout.PHOTO,
                HouseRules.Overhang.TRIM,
                HouseRules.Placing.MEASURED,
                HouseRules.Inside.BEFORE_FRONT,
                8,
                4);
        return Stream.concat(
                AssemblyTest.cards().map(TestCards::plan),
                Stream.of(
                        SurfaceTest.plan(rich, HouseRules.USUAL),
                        SurfaceTest.plan(rich, other),
                        SurfaceTest.worked("inside stamp").remove("liner").plan(),
                        SurfaceTest.worked("panel ink-blend")
                                .set("treatment", "laidOut", "true")
                                .plan(),
                        SurfaceTest.plan(TestCards.upperStation(), HouseRules.USUAL.with(HouseRules.Inside.LAST)),
                        SurfaceTest.plan(SurfaceTest.OVERHANGING, HouseRules.USUAL.with(HouseRules.Overhang.TRIM)),
                        TestCards.raised().plan(),
                        AdhesiveSheetTest.PLATE.plan(),
                        masked().plan(),
                        stencilled().plan(),
                        tied().plan(),
                        TestCards.whole("cable-drum.json").plan(),
                        SurfaceTest.worked("panel ink-blend", "panel colour-pens")
                                .plan(),
                        Planner.plan(
                                TestCards.raised()
                                        .add("motif")
                                        .set("motif", "shape", "picture")
                                        .set("motif", "shape.picture", "lamp")
                                        .add("colouring")
                                        .spec(),
                                TestCards.WORKSHOP.shaded(TestCards.WORKSHOP.shades().stream()
                                        .filter(s -> Set.of("coal", "honey").contains(s.name()))
                                        .toList())),
                        TestCards.raised()
                                .add("motif")
                                .set("motif", "shape", "picture")
                                .set("motif", "shape.picture", "star")
                                .add("colouring")
                                .plan(),
                        TestCards.raised()
                                .add("motif")
                                .set("motif", "shape.diameter", "4 mm")
                                .set("motif", "across", "65 mm")
                                .set("motif", "up", "30 mm")
                                .add("sentiment")
                                .set("sentiment", "width", "75 mm")
                                .set("sentiment", "across", "52.5 mm")
                                .set("sentiment", "up", "30 mm")
                                .set("sentiment", "shadows", "0")
                                .set("sentiment", "fixing", "foam-tape-2")
                                .plan(),
                        TestCards.whole("zigzag-station.json").plan(),
                        TestCards.raised().add("floating-layer").plan(),
                        TestCards.whole("yard.json").remove("colouring").plan()));
    }

    private static List<String> said(BuildPlan plan) {
        return plan.contradictions().stream()
                .flatMap(c -> c.circle().stream())
                .map(c -> c.first().id() + " before " + c.then().id() + ": "
                        + c.rule().id())
                .toList();
    }

    static Stream<OrderRule> rules() {
        return OrderRules.all().stream();
    }

    @Test
    void richWorkHolds() {
        for (Plan p : PLANS) {
            assertThat(said(p.assembly())).isEmpty();
        }
        PLANS.forEach(p -> StepsRecheck.check(p.assembly(), p.build(), p.workshop()));
    }

    /** Without the rule some card's steps can be had in an order that it forbids: no other rule says the same. */
    @ParameterizedTest
    @MethodSource("rules")
    void everyRuleIsNeeded(OrderRule rule) {
        assertThat(PLANS.stream().anyMatch(p -> canBeTurnedWithout(rule, p)))
                .as(rule.id())
                .isTrue();
    }

    /**
     * Nothing is pressed on a tab before both what has that tab and what is pressed stand where they belong, nor after what is pressed is glued down itself; no wish
     * turns that.
     */
    @Test
    void whatIsPressedOnATabStandsBefore() {
        Plan plan = TestCards.whole("yard.json").remove("colouring").plan();
        List<Op> ops = plan.assembly().steps().stream().map(Step::op).toList();
        int pairs = 0;
        for (Op press : ops.stream().filter(o -> o.is(WorkKind.FOLD_ON_TAB)).toList()) {
            for (Op other : ops) {
                boolean sets = other.is(WorkKind.SET_TAB) && press.handles(other.main());
                boolean glues = (other.is(WorkKind.CLOSE_ON_TAB) || other.is(WorkKind.FOLD_ON_TAB))
                        && other.main().equals(press.parts().get(1));
                if (sets || glues) {
                    pairs++;
                    OrderWish wish =
                            sets ? new OrderWish(press.id(), other.id()) : new OrderWish(other.id(), press.id());
                    assertThat(contradicts(plan, wish)).as(wish.toString()).isTrue();
                }
            }
        }
        assertThat(pairs).isGreaterThanOrEqualTo(6);
    }

    private static boolean contradicts(Plan plan, OrderWish wish) {
        List<OrderRule> all = new ArrayList<>(OrderRules.all());
        all.add(new WishOrder(wish));
        return !new AssemblySearch(plan.build(), plan.workshop(), all, FoundOrder.NONE)
                .plan()
                .contradictions()
                .isEmpty();
    }

    private static boolean canBeTurnedWithout(OrderRule rule, Plan plan) {
        Shop shop = Shop.of(plan.build(), plan.workshop());
        List<Step> steps = plan.assembly().steps();
        for (Step a : steps) {
            for (Step b : steps) {
                if (a != b && rule.applies(a.op(), b.op(), shop)) {
                    List<OrderRule> others = new ArrayList<>(OrderRules.all());
                    others.remove(rule);
                    others.add(new WishOrder(new OrderWish(b.op().id(), a.op().id())));
                    BuildPlan turned =
                            new AssemblySearch(plan.build(), plan.workshop(), others, FoundOrder.NONE).plan();
                    if (turned.contradictions().isEmpty()) {
                        return true;
                    }
                }
            }
        }
        return false;
    }
}
