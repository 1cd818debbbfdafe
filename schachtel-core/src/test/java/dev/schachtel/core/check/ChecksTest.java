package dev.schachtel.core.check;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Change;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.edit.BoxEdit;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.edit.StockEdit;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;

import static org.assertj.core.api.Assertions.assertThat;

class ChecksTest {
    private static TestCards card() {
        return TestCards.upperStation();
    }

    private static TestCards leaking() {
        return card().set("shaker", "filling", "sand");
    }

    private static TestCards station() {
        return TestCards.of("upper-station.json");
    }

    @ParameterizedTest(name = "{0} {1}")
    @MethodSource({
        "dev.schachtel.core.check.Provoking#plain",
        "dev.schachtel.core.check.Provoking#structures",
        "dev.schachtel.core.check.ProvokingFolds#folds",
        "dev.schachtel.core.check.ProvokingSurfaces#surfaces"
    })
    void provoked(RuleId rule, Severity severity, TestCards card) {
        assertThat(card.findings().of(rule).all())
                .as("all findings: %s", card.findings().all())
                .anyMatch(f -> f.severity() == severity);
    }

    @Test
    void everyRuleIsProvoked() {
        Set<RuleId> met = Stream.of(
                        Provoking.plain(), Provoking.structures(), ProvokingFolds.folds(), ProvokingSurfaces.surfaces())
                .flatMap(a -> a)
                .map(a -> (RuleId) a.get()[0])
                .collect(Collectors.toSet());
        // Shown by tests of their own: they hang on what is owned.
        met.addAll(Set.of(RuleId.TOOL_MISSING, RuleId.PICTURES_SHORT));
        // A mistake of ours: EdgesTest makes one.
        met.add(RuleId.NOT_WORKED_OUT);
        // No card provokes these; plans with their steps turned round do: RehearsalTest.
        met.addAll(Set.of(RuleId.PART_CUT, RuleId.PART_REACHED, RuleId.PART_PASSES));
        assertThat(EnumSet.allOf(RuleId.class)).isSubsetOf(met);
    }

    /** Without a roller machine the die cut window can't be made; nothing else about the card changes. */
    @Test
    void aToolThatNobodyHasIsFound() {
        Workshop none = StockEdit.of(TestCards.WORKSHOP, Units.MM).set(new MaterialId("tools"), "plateWidth", "0 mm");
        Plan plan = Planner.plan(card().spec(), none);
        assertThat(plan.findings().of(RuleId.TOOL_MISSING).all())
                .isNotEmpty()
                .allMatch(f -> f.severity() == Severity.MEND && f.names().contains("roller machine"));
        assertThat(card().findings().of(RuleId.TOOL_MISSING).all()).isEmpty();
    }

    /** Two moons on each of three cards are six; of a moon that is drawn on a wheel there are as many as wanted. */
    @Test
    void picturesRunShort() {
        TestCards two = TestCards.raised()
                .add("motif")
                .set("motif", "shape", "picture")
                .set("motif", "shape.picture", "moon")
                .add("motif")
                .set("motif-2", "shape", "picture")
                .set("motif-2", "shape.picture", "moon")
                .set("brief", "cards", "3");
        assertThat(shortOf(two, 6)).isEmpty();
        assertThat(shortOf(two, 5)).singleElement().satisfies(f -> {
            assertThat(f.measured()).isEqualTo(new Amount.Count(6));
            assertThat(f.limit()).isEqualTo(new Amount.Count(5));
            assertThat(f.names()).containsExactly("Moon");
        });
        TestCards wheel = TestCards.of("turntable.json").set("wheel", "shows", "one");
        assertThat(shortOf(wheel.set("wheel", "shows.first", "moon"), 1)).isEmpty();
    }

    private static List<Finding> shortOf(TestCards card, int owned) {
        var box = new BoxEdit(TestCards.WORKSHOP.pictures()).set(new MaterialId("moon"), "owned", "" + owned);
        return Planner.plan(card.spec(), TestCards.WORKSHOP.pictured(box))
                .findings()
                .of(RuleId.PICTURES_SHORT)
                .all();
    }

    @Test
    void theDemoCardHasNothingToMend() {
        assertThat(card().findings().of(Severity.MEND).all()).isEmpty();
        assertThat(card().findings().of(Severity.WORKS).all())
                .extracting(Finding::rule)
                .contains(
                        RuleId.DAM_CLOSED,
                        RuleId.TUMBLE,
                        RuleId.MARGIN_EDGE,
                        RuleId.FILM_OVERLAP,
                        RuleId.WRITING,
                        RuleId.ENVELOPE_SIZE);
    }

    /** A plain folded card of 100 x 150 mm in 300 g/m2 card weighs 2 x 0.015 m2 x 300 = 9 g. */
    @Test
    void weighsAreaTimesGrammage() {
        TestCards plain = card().remove("sentiment")
                .remove("shaker")
                .remove("window")
                .remove("panel")
                .remove("liner")
                .set("base", "width", "100 mm")
                .set("base", "height", "150 mm")
                .set("base", "card", "damson-300");
        assertThat(plain.findings().of(RuleId.ENVELOPE_WEIGHT).all())
                .extracting(Finding::measured)
                .containsExactly(Amount.grams(9));
    }

    /** Every demo card works; every bad example shows its own fault and no other. */
    @Test
    void demoCardsWorkAndBadExamplesShowTheirFault() {
        Map<String, List<RuleId>> faults = Map.of(
                "bad/leaking-dam.json", List.of(RuleId.DAM_CLOSED),
                "bad/locked-pull-strip.json", List.of(RuleId.LOCKS),
                "bad/falling-easel.json", List.of(RuleId.TIPS),
                "bad/flaps-that-collide.json", List.of(RuleId.FLAPS_COLLIDE, RuleId.FLAP_GAP),
                "bad/door-glued-shut.json", List.of(RuleId.BLOCKED),
                "bad/score-across-the-grain.json", List.of(RuleId.UNPLACED));
        assertThat(TestCards.files()).hasSize(23).containsAll(faults.keySet());
        for (String file : TestCards.files()) {
            assertThat(TestCards.of(file).findings().of(Severity.MEND).all())
                    .as(file)
                    .extracting(Finding::rule)
                    .containsExactlyElementsOf(faults.getOrDefault(file, List.of()));
        }
        assertThat(TestCards.of("bad/score-across-the-grain.json")
                        .findings()
                        .of(RuleId.GRAIN)
                        .all())
                .hasSize(1);
    }

    /** Each remedy does away with the finding that offers it. */
    @Test
    void remediesMend() {
        Map<RuleId, Supplier<TestCards>> cards = Map.of(
                RuleId.DAM_CLOSED, ChecksTest::leaking,
                RuleId.FOAM_FORM, () -> card().set("shaker", "make", "one-piece"),
                RuleId.STRIPS_FOLLOW, () -> card().set("window", "shape", "oval"),
                RuleId.BEND_WIDTH, () -> card().set("shaker", "make", "bent-strip"),
                RuleId.FILM_OVERLAP, () -> card().set("shaker", "overlap", "1/16 in"),
                RuleId.DAM_RIDGE, () -> card().set("shaker", "overlap", "1/4 in"),
                RuleId.TUMBLE, () -> card().set("shaker", "foam", "foam-tape-1").set("panel", "fixing", "foam-tape-1"),
                RuleId.MARGIN_EDGE, () -> card().set("window", "up", "7 1/4 in"),
                RuleId.LEVEL, () -> card().set("panel", "fixing", "glue"),
                RuleId.WRITING, () -> card().remove("liner").set("base", "card", "damson-300"));
        cards.forEach(ChecksTest::mends);
    }

    @Test
    void remediesMendStructures() {
        Map<RuleId, Supplier<TestCards>> cards = Map.ofEntries(
                Map.entry(RuleId.RETAINED, () -> station().set("car", "hold", "1/8 in")),
                Map.entry(RuleId.LOCKS, () -> station().set("car", "connector.along", "3/8 in")),
                Map.entry(
                        RuleId.DEPTH_BEHIND,
                        () -> TestCards.raised().add("rider").set("panel", "fixing", "tape")),
                Map.entry(
                        RuleId.CLEARANCE,
                        () -> station().set("car", "path.rise", "3 9/16 in").set("car", "path.run", "1 1/4 in")),
                Map.entry(RuleId.PICTURE_FILLS, () -> TestCards.of("cable-drum.json")
                        .set("cable", "engaged", "60 mm")),
                Map.entry(RuleId.PICTURES_APART, () -> TestCards.of("turntable.json")
                        .set("wheel", "pictures", "12")),
                Map.entry(
                        RuleId.RIM_REACHED, () -> TestCards.of("turntable.json").set("wheel", "radius", "1 1/2 in")),
                Map.entry(
                        RuleId.HANGING_COUNT, () -> TestCards.of("viaduct.json").set("bridge", "pieces", "6")),
                Map.entry(RuleId.HANGING_LOW, () -> TestCards.of("viaduct.json").set("bridge", "drop", "48 mm")),
                Map.entry(
                        RuleId.STEPS_CLOSE, () -> TestCards.of("terraces.json").set("base", "middle.rise", "1 in")),
                Map.entry(
                        RuleId.STANDS, () -> TestCards.of("platform-sign.json").set("base", "crease", "80 mm")),
                Map.entry(RuleId.STOP_HEIGHT, () -> TestCards.of("platform-sign.json")
                        .set("base", "stop", "foam-tape-1")),
                Map.entry(RuleId.TIPS, () -> TestCards.of("bad/falling-easel.json")),
                Map.entry(RuleId.FLAP_GAP, () -> TestCards.of("bad/flaps-that-collide.json")
                        .remove("bell")),
                Map.entry(RuleId.DIE_MISSING, () -> card().set("window", "shape.diameter", "2 1/8 in")),
                Map.entry(
                        RuleId.GUSSET,
                        () -> card().add("mat").set("mat", "on", "inside").set("mat", "fixing", "foam-tape-2")));
        cards.forEach(ChecksTest::mends);
    }

    private static void mends(RuleId rule, Supplier<TestCards> make) {
        TestCards card = make.get();
        Finding finding = card.findings().of(rule).all().get(0);
        assertThat(finding.remedies()).as("remedy for %s", rule).isNotEmpty();
        TestCards mended = card;
        for (Change c : finding.remedies().get(0).changes()) {
            mended = c.component().isEmpty()
                    ? new TestCards(CardEdit.of(mended.spec()).add(c.value()))
                    : mended.set(c.piece().value(), c.component(), c.value());
        }
        assertThat(mended.findings().of(rule).of(finding.severity()).all())
                .as("%s after %s", rule, finding.remedies().get(0))
                .isEmpty();
    }

    @Test
    void threeFaultsGiveThreeFindings() {
        Findings findings = leaking()
                .set("shaker", "overlap", "1/16 in")
                .set("window", "up", "7 1/4 in")
                .findings();
        assertThat(findings.of(Severity.MEND).all())
                .extracting(Finding::rule)
                .contains(RuleId.DAM_CLOSED, RuleId.FILM_OVERLAP, RuleId.MARGIN_EDGE);
        assertThat(findings.all()).isSortedAccordingTo(Finding.ORDER);
    }

    @Test
    void measuresWhatItSays() {
        Finding margin = card().findings().of(RuleId.MARGIN_EDGE).all().get(0);
        Length half = Length.ofMicrometres(11_112);
        assertThat(((Amount.One) margin.measured()).length().minus(half).abs()).isLessThan(Length.ofMicrometres(20));
        assertThat(margin.limit()).isEqualTo(Amount.of(Length.ofMillimetres(10)));
        Finding seal = leaking().findings().of(RuleId.DAM_CLOSED).all().get(0);
        assertThat(seal.measured()).isEqualTo(new Amount.Thick(Length.ofMillimetres(1)));
        assertThat(seal.limit()).isEqualTo(new Amount.Thick(Length.ofMicrometres(300)));
        assertThat(seal.place()).isPresent();
        assertThat(List.of(seal.parts().toString())).containsExactly("[shaker/dam]");
    }
}
