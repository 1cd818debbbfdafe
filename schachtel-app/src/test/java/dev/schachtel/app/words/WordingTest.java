package dev.schachtel.app.words;

import java.time.Duration;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.app.RunningApp;
import dev.schachtel.core.assembly.Op;
import dev.schachtel.core.assembly.OrderRule;
import dev.schachtel.core.assembly.OrderRules;
import dev.schachtel.core.assembly.Step;
import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Change;
import dev.schachtel.core.build.Fit;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.design.Holding;
import dev.schachtel.core.design.HouseQuestions;
import dev.schachtel.core.design.WhatHelps;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.house.HouseRules;
import dev.schachtel.core.log.Rescue;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Method;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.Scalars;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;
import dev.schachtel.core.work.Caution;
import dev.schachtel.core.work.WorkKind;

import static org.assertj.core.api.Assertions.assertThat;

/** Nothing that the core can say is without words, and every step says all that must be known of it. */
class WordingTest {
    private final Wording words = new Wording();

    static List<WorkKind> kinds() {
        return WorkKind.all();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyStepHasItsWords(WorkKind kind) {
        String stem = "step." + kind.id();
        assertThat(List.of(".title", ".short", ".tool", ".do.1"))
                .allSatisfy(part ->
                        assertThat(words.knows(stem + part)).as(stem + part).isTrue());
    }

    static List<OrderRule> rules() {
        return OrderRules.all();
    }

    @ParameterizedTest
    @MethodSource("rules")
    void everyRuleGivesItsReason(OrderRule rule) {
        assertThat(words.reason(rule)).endsWith(".").hasSizeBetween(20, 140);
    }

    @ParameterizedTest
    @EnumSource
    void everyCautionIsSaid(Caution caution) {
        assertThat(words.caution(caution)).endsWith(".");
    }

    /** What belongs to setting down a stamp, and to powder, isn't said where powder is melted or paint splattered. */
    @Test
    void aStepSaysWhatIsItsOwn() {
        CardSpec card = RunningApp.demo("upper-station.json");
        for (String way : List.of("treatment panel emboss", "treatment-2 liner splatter")) {
            String[] w = way.split(" ");
            card = CardEdit.of(card).add("treatment");
            card = CardEdit.of(card).set(new Id(w[0]), "on", w[1]);
            card = CardEdit.of(card).set(new Id(w[0]), "way", w[2]);
        }
        Plan plan = Planner.withoutRemedies(card, WorkshopFile.standard());
        List<Op> ops = plan.assembly().steps().stream().map(Step::op).toList();
        Op heat = ops.stream().filter(o -> o.is(WorkKind.HEAT)).findFirst().orElseThrow();
        Op powder = ops.stream().filter(o -> o.is(WorkKind.POWDER)).findFirst().orElseThrow();
        Op splatter =
                ops.stream().filter(o -> o.is(WorkKind.SPLATTER)).findFirst().orElseThrow();
        assertThat(words.opOrders(heat, plan.build())).noneMatch(o -> o.contains("Set it down"));
        assertThat(powder.cautions()).contains(Caution.DUST);
        assertThat(heat.cautions()).doesNotContain(Caution.DUST);
        assertThat(splatter.cautions()).isEmpty();
    }

    /** Every fit is named without leftovers, and so is every way of laying and cutting that could help. */
    @Test
    void everyFitAndWhatHelpsHasItsWords() {
        FitWords fits = new FitWords(words);
        Plan plan = Planner.withoutRemedies(RunningApp.demo("upper-station.json"), WorkshopFile.standard());
        PartId part = plan.build().parts().get(0).id();
        for (Fit.Sort sort : Fit.Sort.values()) {
            assertThat(fits.fit(Fit.of(sort, part), plan.build()))
                    .hasSizeBetween(12, 60)
                    .doesNotContain("{");
        }
        for (HouseRules.Placing placing : HouseRules.Placing.values()) {
            assertThat(fits.step(new WhatHelps.Step.Placed(placing), plan.build()))
                    .startsWith("Lay ");
        }
        for (CutMethod method : CutMethod.values()) {
            assertThat(fits.step(new WhatHelps.Step.Cut(part, method), plan.build()))
                    .contains("the card base");
        }
    }

    @ParameterizedTest
    @EnumSource
    void everyReasonForAGlueIsSaid(Holding.Reason reason) {
        assertThat(words.named("hold." + Scalars.kebab(reason.name()))).hasSizeBetween(5, 60);
    }

    @ParameterizedTest
    @EnumSource
    void everyRescueAndEveryWayIsSaid(Rescue rescue) {
        assertThat(words.named("rescue." + rescue.word())).endsWith(".");
        for (Method way : Method.values()) {
            assertThat(words.named("way." + Scalars.kebab(way.name()) + ".do")).endsWith(".");
        }
    }

    @Test
    void everyAnswerOfEveryHouseHasItsName() {
        for (String file : List.of("upper-station.json", "viaduct.json", "platform-sign.json")) {
            Plan plan = Planner.plan(RunningApp.demo(file), WorkshopFile.standard());
            for (HouseQuestions.Question school : HouseQuestions.of(plan.spec(), plan.workshop())) {
                assertThat(words.house(school.question())).isNotBlank();
                school.options().forEach(o -> assertThat(words.house(school.question() + "." + o.word()))
                        .isNotBlank());
            }
        }
    }

    /** Whatever must be mended says what would have to change: in a sentence of its own, remedies or not. */
    @ParameterizedTest
    @EnumSource(RuleId.class)
    void whatMustBeMendedSaysWhatWouldHaveToChange(RuleId rule) {
        Finding stuck = new Finding(
                rule,
                Severity.MEND,
                Id.BASE,
                List.of(),
                List.of("first", "second"),
                Amount.of(Length.ofMillimetres(1)),
                Amount.of(Length.ofMillimetres(2)),
                Optional.empty(),
                List.of());
        if (words.knows(Wording.findingKey(stuck))) {
            String said = Html.plain(words.finding(stuck, Units.MM));
            assertThat(said).contains(". ").endsWith(".").doesNotContain("{");
        }
    }

    /** Whoever glues is told how long to press, whoever inks how long to let dry, in the last order, on a short list too. */
    @Test
    void whatRestsIsSaidWithItsTime() {
        Plan plan = Planner.plan(RunningApp.demo("viaduct.json"), WorkshopFile.standard());
        int resting = 0;
        for (Step step : plan.assembly().steps()) {
            Op op = step.op();
            List<String> all = words.opOrders(op, plan.build());
            List<String> few = words.opOrders(op, plan.build(), 2);
            assertThat(few).hasSizeLessThanOrEqualTo(2);
            if (!op.rest().isZero()) {
                resting++;
                String verb = op.surface().isEmpty()
                        ? "Press it flat under a weight for "
                        : op.is(WorkKind.HEAT) ? "Let it cool for " : "Let it dry lying flat for ";
                assertThat(all.get(all.size() - 1)).isEqualTo(verb + Times.of(op.rest()) + ".");
                assertThat(few.get(few.size() - 1)).isEqualTo(all.get(all.size() - 1));
            } else {
                assertThat(all).noneMatch(order -> order.contains("under a weight for"));
            }
        }
        assertThat(resting).isGreaterThanOrEqualTo(4);
        assertThat(Times.of(Duration.ofMinutes(45))).isEqualTo("45 min");
    }

    /** A stencil that is shorter than its sheet: how often, from where and how far on. */
    @Test
    void whoSetsAStencilDownAgainIsToldWhere() {
        CardSpec spec = CardEdit.of(RunningApp.demo("viaduct.json")).set(new Id("stones"), "where", "stepped");
        spec = CardEdit.of(spec).set(new Id("stones"), "where.tool", "2 in");
        spec = CardEdit.of(spec).set(new Id("stones"), "where.turned", "true");
        spec = CardEdit.of(spec).set(new Id("stones"), "where.shifted", "1/8 in");
        spec = CardEdit.of(spec).set(new Id("stones"), "where.marked", "true");
        Plan plan = Planner.plan(spec, WorkshopFile.standard());
        Op paste = plan.assembly().steps().stream()
                .map(Step::op)
                .filter(o -> o.is(WorkKind.PASTE))
                .findFirst()
                .orElseThrow();
        int times = paste.surface().orElseThrow().times();
        assertThat(times).isGreaterThan(1);
        assertThat(words.opOrders(paste, plan.build()))
                .anyMatch(o -> o.startsWith("Set it down " + times + " times") && o.contains(" in further"))
                .anyMatch(o -> o.startsWith("Turn it half round"))
                .anyMatch(o -> o.startsWith("Shift it by 1/8 in"))
                .anyMatch(o -> o.contains("mark two of its corners"));
    }

    @Test
    void noTwoKindsOfWorkHaveOneName() {
        assertThat(kinds()).extracting(words::name).doesNotHaveDuplicates();
    }

    /** Which piece a remedy moves is said where that is another than the one at fault. */
    @Test
    void aRemedyNamesAnotherPiece() {
        Remedy remedy = new Remedy(
                Pull.UP,
                Amount.of(Length.ofMillimetres(40)),
                List.of(new Change(new Id("sentiment-2"), "up", "40 mm")));
        assertThat(words.remedy(owned("treatment", remedy), remedy, Units.MM)).isEqualTo("Move “sentiment 2” there");
        assertThat(words.remedy(owned("sentiment-2", remedy), remedy, Units.MM)).isEqualTo("Move it");
    }

    private static Finding owned(String owner, Remedy remedy) {
        return new Finding(
                RuleId.SEAM_SEEN,
                Severity.WATCH,
                new Id(owner),
                List.of(),
                List.of(),
                Amount.of(Length.ofMillimetres(1)),
                Amount.of(Length.ofMillimetres(2)),
                Optional.empty(),
                List.of(remedy));
    }
}
