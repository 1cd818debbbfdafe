package dev.schachtel.core.cutting;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.card.CutChoice;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Grain;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Parts on the cutter's mat, looked at again by their true outlines. */
class NestingTest {
    private static final Length GAP = Length.ofMillimetres(2);

    private static CutPlan plan(TestCards card, String... parts) {
        var spec = card.spec();
        for (String part : parts) {
            spec = CardEdit.of(spec)
                    .cut(new CutChoice(part, Optional.of(CutMethod.ELECTRONIC), Optional.empty(), false, 0));
        }
        Build build = Engineering.engineer(spec, TestCards.WORKSHOP);
        return CutPlanner.plan(build, TestCards.WORKSHOP);
    }

    private static void check(CutPlan plan) {
        Map<String, Integer> got = new HashMap<>();
        Map<MaterialId, Integer> taken = new HashMap<>();
        var tools = TestCards.WORKSHOP.tools();
        plan.numbered().stream()
                .filter(SheetPlan::inStock)
                .forEach(s -> taken.merge(s.sheet().id(), 1, Integer::sum));
        for (MatPlan mat : plan.mats().sheets()) {
            if (mat.inStock()) {
                assertThat(taken.merge(mat.sheet().id(), 1, Integer::sum))
                        .isLessThanOrEqualTo(mat.sheet().count());
            }
            double wide = Length.min(mat.sheet().width(), tools.matWidth()).nanometres() / 1e6;
            double high = Length.min(mat.sheet().height(), tools.matHeight()).nanometres() / 1e6;
            List<MatPlan.Nested> parts = mat.parts();
            for (int i = 0; i < parts.size(); i++) {
                MatPlan.Nested a = parts.get(i);
                Box box = a.outline().bounds();
                assertThat(box.left() >= 0 && box.bottom() >= 0 && box.right() <= wide && box.top() <= high)
                        .as("%s on %s", box, mat.sheet().id())
                        .isTrue();
                Outline own = a.demand().part().outline();
                assertThat(a.outline().area().squareMillimetres())
                        .isCloseTo(own.area().squareMillimetres(), within(0.1));
                boolean both = a.demand().grain() != Grain.NONE && mat.sheet().grain() != Grain.NONE;
                assertThat(both && (a.demand().grain() == mat.sheet().grain()) != (a.quarters() % 2 == 0))
                        .isFalse();
                for (int k = 0; k < i; k++) {
                    assertThat(a.outline().overlaps(parts.get(k).outline())).isFalse();
                    assertThat(a.outline().gapTo(parts.get(k).outline()).length())
                            .isGreaterThanOrEqualTo(GAP);
                }
                got.merge(a.demand().letter(), 1, Integer::sum);
            }
        }
        assertThat(plan.numbered().stream().flatMap(s -> s.laid().stream()))
                .as("nothing is cut twice")
                .noneMatch(l -> l.blank().demand().isNested());
        for (Demand d : plan.demands()) {
            if (d.isNested() && !plan.mats().unplaced().contains(d)) {
                assertThat(got).containsEntry(d.letter(), d.count());
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"ticket.json, 10", "ticket.json, 3", "level-crossing.json, 6"})
    void partsKeepApartAndInside(String card, int cards) {
        CutPlan plan = plan(TestCards.of(card).set("brief", "cards", "" + cards), "hedge", "bell", "lamp");
        check(plan);
        assertThat(plan.everythingPlaced()).isTrue();
    }

    /** A disc of 50 mm goes into the opening of 60 mm of a frame. */
    @Test
    void holesOfOthersAreUsed() {
        TestCards card = TestCards.raised()
                .add("frame")
                .set("frame", "outer", "circle")
                .set("frame", "outer.diameter", "84 mm")
                .set("frame", "innerWidth", "60 mm")
                .set("frame", "innerHeight", "60 mm")
                .set("frame", "card", "moss-270")
                .set("frame", "up", "60 mm")
                .add("motif")
                .set("motif", "shape", "circle")
                .set("motif", "shape.diameter", "50 mm")
                .set("motif", "card", "moss-270")
                .set("brief", "cards", "2");
        CutPlan plan = plan(card, "frame", "motif");
        check(plan);
        assertThat(plan.mats().sheets()).hasSize(1);
        List<MatPlan.Nested> parts = plan.mats().sheets().get(0).parts();
        assertThat(parts).hasSize(4);
        for (int i = 2; i < 4; i++) {
            Box disc = parts.get(i).outline().bounds();
            assertThat(parts.subList(0, 2)).anyMatch(f -> f.outline().filled().holds(disc.centre()));
        }
    }

    @Test
    void whatIsLargerThanTheMatIsNamed() {
        TestCards card = TestCards.of("ticket.json")
                .set("base", "outline.width", "200 mm")
                .set("base", "outline.height", "290 mm");
        CutPlan plan = plan(card);
        assertThat(plan.mats().unplaced())
                .extracting(d -> d.part().id().toString())
                .contains("base");
        assertThat(plan.everythingPlaced()).isFalse();
    }
}
