package dev.schachtel.core.cutting;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.material.Grain;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.material.Tools;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;

class CutPlannerTest {
    /** Plays a cut tree with the rectangle in hand; shares no code with the planner. */
    private static final class Player {
        private final Map<PartId, Integer> got = new HashMap<>();
        private final Sheet sheet;

        Player(Sheet sheet) {
            this.sheet = sheet;
        }

        void play(CutNode node, long width, long height) {
            boolean swallowed = node instanceof CutNode.Rest;
            assertThat(width).isGreaterThan(swallowed ? -1 : 0);
            assertThat(height).isGreaterThan(swallowed ? -1 : 0);
            if (node instanceof CutNode.Stroke stroke) {
                long at = stroke.at().nanometres();
                assertThat(at).isBetween(1L, (stroke.upright() ? width : height) - 1);
                play(stroke.first(), stroke.upright() ? at : width, stroke.upright() ? height : at);
                long gone = at + stroke.kerf().nanometres();
                play(
                        stroke.second(),
                        stroke.upright() ? Math.max(0, width - gone) : width,
                        stroke.upright() ? height : Math.max(0, height - gone));
            } else if (node instanceof CutNode.Blank blank) {
                Demand d = blank.demand();
                assertThat(width).isEqualTo((blank.turned() ? d.height() : d.width()).nanometres());
                assertThat(height).isEqualTo((blank.turned() ? d.width() : d.height()).nanometres());
                boolean both = d.grain() != Grain.NONE && sheet.grain() != Grain.NONE;
                assertThat(!both || (d.grain() == sheet.grain()) != blank.turned())
                        .as("grain of %s on %s", d.part().id(), sheet.id())
                        .isTrue();
                got.merge(d.part().id(), 1, Integer::sum);
            }
        }
    }

    private static void check(CutPlan plan) {
        Map<PartId, Integer> got = new HashMap<>();
        for (MaterialPlan material : plan.materials()) {
            Map<String, Integer> used = new HashMap<>();
            for (SheetPlan sheet : material.sheets()) {
                Player player = new Player(sheet.sheet());
                player.play(
                        sheet.root(),
                        sheet.sheet().width().nanometres(),
                        sheet.sheet().height().nanometres());
                player.got.forEach((part, n) -> got.merge(part, n, Integer::sum));
                if (sheet.inStock()) {
                    int taken = used.merge(sheet.sheet().id().value(), 1, Integer::sum);
                    assertThat(taken).isLessThanOrEqualTo(sheet.sheet().count());
                }
                assertThat(sheet.laid())
                        .hasSize(player.got.values().stream()
                                .mapToInt(Integer::intValue)
                                .sum());
            }
            assertThat(material.taken()).isGreaterThanOrEqualTo(material.proof().sheets());
            for (Demand d : plan.demands()) {
                boolean ours = d.part().material().equals(material.material());
                if (ours && !material.unplaced().contains(d)) {
                    assertThat(got.getOrDefault(d.part().id(), 0))
                            .as("%s", d.part().id())
                            .isEqualTo(d.count());
                }
            }
        }
    }

    @Test
    void theDemoBatchIsCutFromEdgeToEdge() {
        CutPlan plan = TestCards.upperStation().plan().cutting();
        check(plan);
        assertThat(plan.everythingPlaced()).isTrue();
        assertThat(plan.demands())
                .extracting(Demand::letter)
                .startsWith("A", "B", "C")
                .doesNotContain("I", "O");
    }

    @Provide
    Arbitrary<TestCards> batches() {
        return Combinators.combine(
                        Arbitraries.integers().between(1, 60),
                        Arbitraries.integers().between(40, 200),
                        Arbitraries.integers().between(40, 260),
                        Arbitraries.integers().between(5, 80),
                        Arbitraries.of("side", "top"))
                .as((cards, w, h, strip, fold) -> TestCards.upperStation()
                        .set("brief", "cards", "" + cards)
                        .set("base", "width", w + " mm")
                        .set("base", "height", h + " mm")
                        .set("base", "fold", fold)
                        .set("sentiment", "width", strip + " mm"));
    }

    @Property(tries = 60)
    void anyBatchIsCutFromEdgeToEdge(@ForAll("batches") TestCards card) {
        check(card.plan().cutting());
    }

    @Test
    void sparesAreCutOfSmallPartsOnly() {
        CutPlan plan = TestCards.upperStation().plan().cutting();
        Map<String, Integer> counts = new HashMap<>();
        plan.demands().forEach(d -> counts.put(d.part().id().toString(), d.count()));
        assertThat(counts)
                .containsEntry("base", 12)
                .containsEntry("shaker/film", 14)
                .containsEntry("shaker/dam", 146);
    }

    @Test
    void aPartLargerThanEverySheetIsNamed() {
        CutPlan plan =
                TestCards.upperStation().set("base", "width", "10 in").plan().cutting();
        List<Demand> left = new ArrayList<>();
        plan.materials().forEach(m -> left.addAll(m.unplaced()));
        assertThat(left).extracting(d -> d.part().id().toString()).contains("base");
        assertThat(plan.everythingPlaced()).isFalse();
    }

    /** The workshop's tools with a blade of 2 mm and sheets squared up by 5 mm. */
    @Test
    void kerfAndSquaringUpAreTakenOffTheSheets() {
        Tools t = TestCards.WORKSHOP.tools();
        Tools sawing = new Tools(
                t.trimmer(),
                t.plateWidth(),
                t.plateLength(),
                t.matWidth(),
                t.matHeight(),
                t.pressWidth(),
                t.pressHeight(),
                Length.ofMillimetres(2),
                Length.ofMillimetres(5),
                t.keep(),
                false);
        Build build = TestCards.of("terraces.json").set("brief", "cards", "9").build();
        CutPlan plain = CutPlanner.plan(build, TestCards.WORKSHOP);
        CutPlan sawn = CutPlanner.plan(build, workshop(sawing));
        check(sawn);
        assertThat(sawn.everythingPlaced()).isTrue();
        assertThat(sawn.sheets()).isGreaterThanOrEqualTo(plain.sheets());
        for (SheetPlan sheet : sawn.numbered()) {
            assertThat(sheet.laid()).allSatisfy(l -> {
                assertThat(l.x()).isGreaterThanOrEqualTo(Length.ofMillimetres(7));
                assertThat(l.y()).isGreaterThanOrEqualTo(Length.ofMillimetres(7));
            });
        }
    }

    private static Workshop workshop(Tools tools) {
        return TestCards.WORKSHOP.with(TestCards.WORKSHOP.sheets(), TestCards.WORKSHOP.rolls(), tools);
    }

    /** Every stroke finds its piece in hand, and when all are made each sheet lies there as its tree says. */
    @ParameterizedTest
    @ValueSource(strings = {"terraces.json", "upper-station.json", "timetable.json", "viaduct.json"})
    void theTrimmerProgramCutsWhatThePlanSays(String card) {
        Build build = TestCards.of(card).set("brief", "cards", "12").build();
        for (MaterialPlan material : CutPlanner.plan(build, TestCards.WORKSHOP).materials()) {
            TrimmerProgram program = TrimmerProgram.of(material.sheets(), 1);
            List<List<Rect>> hands = new ArrayList<>();
            List<Map<String, Integer>> blanks = new ArrayList<>();
            for (SheetPlan sheet : material.sheets()) {
                Rect whole = new Rect(
                        Length.ZERO,
                        Length.ZERO,
                        sheet.sheet().width(),
                        sheet.sheet().height());
                hands.add(new ArrayList<>(List.of(whole)));
                blanks.add(new HashMap<>());
            }
            Length stop = Length.ZERO;
            for (TrimmerProgram.Setting setting : program.settings()) {
                assertThat(setting.stop()).isNotEqualTo(stop);
                stop = setting.stop();
                for (TrimmerProgram.Stroke stroke : setting.strokes()) {
                    assertThat(stroke.stop()).isEqualTo(stop);
                    for (int n : stroke.sheets()) {
                        make(stroke, hands.get(n - 1), blanks.get(n - 1));
                    }
                }
            }
            for (int i = 0; i < hands.size(); i++) {
                SheetPlan sheet = material.sheets().get(i);
                List<Rect> left = new ArrayList<>(sheet.rests());
                sheet.laid().forEach(l -> left.add(new Rect(l.x(), l.y(), l.width(), l.height())));
                assertThat(hands.get(i)).containsExactlyInAnyOrderElementsOf(left);
                Map<String, Integer> letters = new HashMap<>();
                sheet.laid().forEach(l -> letters.merge(l.blank().demand().letter(), 1, Integer::sum));
                if (program.strokes() > 0) {
                    assertThat(blanks.get(i)).isEqualTo(letters);
                }
            }
        }
    }

    private static void make(TrimmerProgram.Stroke stroke, List<Rect> hand, Map<String, Integer> blanks) {
        assertThat(hand.remove(stroke.inHand())).isTrue();
        Length along =
                stroke.upright() ? stroke.inHand().width() : stroke.inHand().height();
        assertThat(stroke.stop()).isLessThan(along);
        for (TrimmerProgram.Yield freed : List.of(stroke.first(), stroke.second())) {
            hand.add(freed.rect());
            if (freed.what() == TrimmerProgram.Yield.What.BLANK) {
                blanks.merge(freed.letter(), 1, Integer::sum);
            }
        }
        Rect a = stroke.first().rect();
        Rect b = stroke.second().rect();
        assertThat(stroke.upright() ? a.width().plus(b.width()) : a.height().plus(b.height()))
                .isEqualTo(along);
    }

    /** A batch improves with time and never gets worse; the same rounds give the same plan. */
    @Test
    void theSearchImprovesAndRepeats() {
        Build build = TestCards.of("terraces.json").set("brief", "cards", "40").build();
        CutSearch search = CutPlanner.search(build, TestCards.WORKSHOP);
        int first = search.plan().sheets();
        search.run(200);
        CutPlan better = search.plan();
        check(better);
        assertThat(better.sheets()).isLessThanOrEqualTo(first);
        CutSearch again = CutPlanner.search(build, TestCards.WORKSHOP);
        again.run(200);
        assertThat(again.plan()).isEqualTo(better);
    }

    /** 12 cards with 12 dam strips and two spares: the begun roll of 1.4 m first, then the full one. */
    @Test
    void tapeComesOffTheBegunRollFirst() {
        CutPlan plan = TestCards.upperStation().plan().cutting();
        LinearPlan tape = plan.rolls().stream()
                .filter(r -> r.material().name().equals("foam tape 2 mm"))
                .findFirst()
                .orElseThrow();
        Length wanted = plan.demands().stream()
                .filter(d -> d.part().material().equals(tape.material()))
                .map(d -> d.part().form().width().times(d.count()))
                .reduce(Length.ZERO, Length::plus);
        assertThat(tape.needed()).isEqualTo(wanted);
        assertThat(tape.uses().get(0).roll().id().value()).isEqualTo("foam-tape-2-begun");
        Length given = tape.uses().stream().map(LinearPlan.Use::taken).reduce(tape.missing(), Length::plus);
        assertThat(given).isEqualTo(wanted);
        tape.uses().forEach(u -> assertThat(u.taken().plus(u.left()))
                .isEqualTo(u.roll().left()));
    }

    /** Strips of a dam can't be put together, so a roll gives whole ones only. */
    @Property(tries = 60)
    void rollsGiveWholeDamStrips(@ForAll @IntRange(min = 1, max = 40) int cards) {
        CutPlan plan = TestCards.upperStation()
                .set("brief", "cards", "" + cards)
                .set("panel", "fixing", "glue")
                .plan()
                .cutting();
        for (LinearPlan roll : plan.rolls()) {
            List<Length> strips = plan.demands().stream()
                    .filter(d -> d.part().material().equals(roll.material()))
                    .map(Demand::width)
                    .distinct()
                    .toList();
            if (strips.size() == 1) {
                assertThat(roll.uses()).allMatch(u -> u.taken().isMultipleOf(strips.get(0)));
            }
        }
    }
}
