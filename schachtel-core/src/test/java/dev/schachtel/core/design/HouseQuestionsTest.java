package dev.schachtel.core.design;

import java.time.Duration;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

class HouseQuestionsTest {
    static List<TestCards> cards() {
        return List.of(
                TestCards.of("upper-station.json"),
                TestCards.of("viaduct.json"),
                TestCards.of("platform-sign.json"),
                TestCards.of("luggage-label.json"),
                onShaker());
    }

    /** What an answer is said to cost is what the card really takes once it is taken, and then it is the maker's own. */
    @ParameterizedTest
    @MethodSource("cards")
    void everyAnswerCostsWhatItSays(TestCards card) {
        Plan now = card.plan();
        for (HouseQuestions.Question school : of(now)) {
            assertThat(school.options())
                    .filteredOn(HouseQuestions.Option::yours)
                    .hasSizeLessThanOrEqualTo(1);
            for (HouseQuestions.Option option : school.options()) {
                HouseQuestions.Taken taken =
                        HouseQuestions.take(now.spec(), now.workshop(), school.question(), option.word());
                Plan then = Planner.plan(taken.spec(), taken.workshop());
                assertThat(then.assembly().total().minus(now.assembly().total()))
                        .as("%s %s", school.question(), option.word())
                        .isEqualTo(option.later());
                assertThat(then.build().thickness().minus(now.build().thickness()))
                        .isEqualTo(option.thicker());
                assertThat(of(then))
                        .filteredOn(s -> s.question().equals(school.question()))
                        .flatExtracting(HouseQuestions.Question::options)
                        .filteredOn(HouseQuestions.Option::yours)
                        .extracting(HouseQuestions.Option::word)
                        .containsExactly(option.word());
            }
        }
    }

    /** Three millimetres of foam in place of two make the front thicker, laid flat it sits askew on its dam; gel dries for half an hour. */
    @Test
    void foamCostsMillimetresAndGelMinutes() {
        Plan plan = TestCards.upperStation().set("brief", "cards", "1").plan();
        HouseQuestions.Option gel = option(plan, "film", "gel");
        HouseQuestions.Option flat = option(plan, "height", "tape");
        assertThat(gel.later()).isPositive();
        assertThat(option(plan, "height", "foam-tape-3").thicker()).isGreaterThan(Length.ZERO);
        assertThat(flat.mends()).isPositive();
        assertThat(option(plan, "film", "tape").later()).isEqualTo(Duration.ZERO);
    }

    /** A small cut-out in the middle of the shaker's window. */
    private static TestCards onShaker() {
        return TestCards.upperStation()
                .add("motif")
                .set("motif", "on", "panel")
                .set("motif", "shape", "circle")
                .set("motif", "shape.diameter", "15 mm")
                .set("motif", "across", "1 3/4 in")
                .set("motif", "up", "6 3/4 in");
    }

    /** Outside it lies over the film, inside under it on the base; only pieces in a window are asked about. */
    @Test
    void aPieceOnAShakerLiesOutsideOrInside() {
        Plan outside = onShaker().plan();
        assertThat(option(outside, "shaker", "outside").yours()).isTrue();
        HouseQuestions.Taken taken = HouseQuestions.take(outside.spec(), outside.workshop(), "shaker", "inside");
        Plan inside = Planner.plan(taken.spec(), taken.workshop());
        assertThat(height(inside)).isLessThan(height(outside));
        PartId film = inside.build().chambers().get(0).film();
        assertThat(height(inside))
                .isLessThan(inside.build().level(SlabId.of(film)).orElseThrow().bottom());
        assertThat(height(outside))
                .isGreaterThan(
                        outside.build().level(SlabId.of(film)).orElseThrow().bottom());
        assertThat(of(onShaker().set("motif", "up", "1 in").plan()))
                .extracting(HouseQuestions.Question::question)
                .doesNotContain("shaker");
    }

    private static Length height(Plan plan) {
        return plan.build()
                .level(SlabId.of(new PartId(new Id("motif"), "")))
                .orElseThrow()
                .bottom();
    }

    /** Three sheets of 0.3 mm with two films of glue raise the panel as little as that, and take their gluing. */
    @Test
    void sheetsInOneRaiseAPanelWithoutFoam() {
        Plan foam = TestCards.raised().plan();
        HouseQuestions.Taken taken = HouseQuestions.take(foam.spec(), foam.workshop(), "height", "stacked");
        Plan stacked = Planner.plan(taken.spec(), taken.workshop());
        Plan flat = TestCards.raised().set("panel", "fixing", "glue").plan();
        Length card = stacked.build().partsOf(new Id("panel")).get(0).material().thickness();
        assertThat(stacked.build().thickness().minus(flat.build().thickness()))
                .isEqualTo(card.times(2).plus(Length.ofMicrometres(100)));
        assertThat(stacked.assembly().steps()).extracting(s -> s.op().id()).contains("stack panel");
        assertThat(stacked.assembly().steps()).extracting(s -> s.op().id()).doesNotContain("lay-foam panel");
        assertThat(stacked.cutting().demands().stream()
                        .filter(d -> d.part().owner().equals(new Id("panel")))
                        .mapToInt(d -> d.count())
                        .sum())
                .isEqualTo(3 * stacked.spec().brief().cards());
    }

    /** Ready squares need no scissors, leave no longer span than strips do, and come out of their pack one by one. */
    @Test
    void squaresCarryAsStripsDo() {
        Plan squares =
                TestCards.raised().set("panel", "fixing", "foam-squares-2").plan();
        assertThat(squares.assembly().steps())
                .extracting(s -> s.op().kind().id())
                .doesNotContain("snip-foam");
        assertThat(squares.on(TestCards.TODAY).findings().count(Severity.MEND)).isZero();
        assertThat(squares.on(TestCards.TODAY).findings().of(Severity.WATCH).all())
                .extracting(f -> f.rule().name())
                .doesNotContain("SPAN");
        int pieces = squares.build().partsOf(new Id("panel")).stream()
                .filter(p -> p.name().equals("Foam square"))
                .mapToInt(p -> p.perCard())
                .sum();
        assertThat(pieces).isBetween(12, 40);
        assertThat(squares.cutting().rolls().stream()
                        .filter(r -> r.material().name().equals("foam squares 2 mm"))
                        .map(r -> r.needed())
                        .toList())
                .containsExactly(
                        Foam.SQUARE.times(pieces + (long) squares.spec().brief().spares()));
    }

    /**
     * A border of 3 mm looks even up to 1.5 times as wide as opposite: off by 0.6, half a sigma of 1.2 by eye, so 38.3 % each way; 1.2
     * sigma of 0.5 by ruler, 77.0 %; 2.4 of 0.25 against strips, 98.4 %. The trimmer takes a little of each. With a mat on the panel both must sit.
     */
    @Test
    void byEyeFewerBordersAreEven() {
        Plan plan = TestCards.raised().set("panel", "fixing", "tape").plan();
        assertThat(option(plan, "placing", "by-eye").even().orElseThrow()).isCloseTo(0.383 * 0.383, within(0.03));
        assertThat(option(plan, "placing", "measured").even().orElseThrow()).isCloseTo(0.770 * 0.770, within(0.05));
        assertThat(option(plan, "placing", "spaced").even().orElseThrow()).isCloseTo(0.984 * 0.984, within(0.05));
        assertThat(option(plan, "placing", "measured").later()).isPositive();
        Plan two = TestCards.raised()
                .set("panel", "fixing", "tape")
                .add("mat")
                .set("mat", "on", "panel")
                .set("mat", "reveal", "3 mm")
                .plan();
        assertThat(option(two, "placing", "measured").even().orElseThrow())
                .isCloseTo(0.770 * 0.770 * 0.770 * 0.770, within(0.06));
    }

    private static HouseQuestions.Option option(Plan plan, String question, String word) {
        return of(plan).stream()
                .filter(s -> s.question().equals(question))
                .flatMap(s -> s.options().stream())
                .filter(o -> o.word().equals(word))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatNobodyAsksIsRefused() {
        Plan plan = TestCards.upperStation().plan();
        assertThatThrownBy(() -> HouseQuestions.take(plan.spec(), plan.workshop(), "shades", "light-to-dark"))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("no answer to that");
        assertThatThrownBy(() -> HouseQuestions.take(plan.spec(), plan.workshop(), "film", "hope"))
                .isInstanceOf(RefusedException.class);
    }

    private static List<HouseQuestions.Question> of(Plan plan) {
        return HouseQuestions.of(plan.spec(), plan.workshop());
    }

    /** By the pace of somebody who takes twice as long another answer costs twice as much more, or saves twice as much. */
    @Test
    void answersCostByThePaceOfTheMaker() {
        Plan plan = TestCards.upperStation().plan();
        List<HouseQuestions.Question> book = HouseQuestions.of(plan.spec(), plan.workshop());
        List<HouseQuestions.Question> slow =
                HouseQuestions.of(plan.spec(), plan.workshop(), p -> p.total().multipliedBy(2));
        assertThat(slow).hasSameSizeAs(book);
        boolean any = false;
        for (int i = 0; i < book.size(); i++) {
            for (int o = 0; o < book.get(i).options().size(); o++) {
                Duration usual = book.get(i).options().get(o).later();
                assertThat(slow.get(i).options().get(o).later()).isEqualTo(usual.multipliedBy(2));
                any |= !usual.isZero();
            }
        }
        assertThat(any).isTrue();
    }
}
