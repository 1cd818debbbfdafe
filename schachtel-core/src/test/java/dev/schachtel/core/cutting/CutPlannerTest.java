package dev.schachtel.core.cutting;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.material.Grain;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.measure.Length;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

class CutPlannerTest {
    /** Plays a cut tree with the rectangle in hand; shares no code with the planner. */
    private static final class Player {
        private final Map<PartId, Integer> got = new HashMap<>();
        private final Sheet sheet;

        Player(Sheet sheet) {
            this.sheet = sheet;
        }

        void play(CutNode node, long width, long height) {
            assertThat(width).isPositive();
            assertThat(height).isPositive();
            if (node instanceof CutNode.Stroke stroke) {
                long at = stroke.at().nanometres();
                assertThat(at).isBetween(1L, (stroke.upright() ? width : height) - 1);
                play(stroke.first(), stroke.upright() ? at : width, stroke.upright() ? height : at);
                play(stroke.second(), stroke.upright() ? width - at : width, stroke.upright() ? height : height - at);
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
            assertThat(material.sheets().size()).isGreaterThanOrEqualTo(material.fewest());
            if (!material.fromRoll().isZero()) {
                continue;
            }
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

    @Test
    void tapeIsMeasuredInLength() {
        CutPlan plan = TestCards.upperStation().plan().cutting();
        Length tape = plan.materials().stream()
                .map(MaterialPlan::fromRoll)
                .filter(Length::isPositive)
                .findFirst()
                .orElseThrow();
        Length wanted = plan.demands().stream()
                .filter(d -> d.part().material().name().contains("foam tape"))
                .map(d -> d.part().form().width().times(d.count()))
                .reduce(Length.ZERO, Length::plus);
        assertThat(tape).isEqualTo(wanted);
    }
}
