package dev.schachtel.core.cutting;

import java.util.List;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.material.Die;
import dev.schachtel.core.plan.Plan;

import static org.assertj.core.api.Assertions.assertThat;

class DieRunTest {
    private static List<DieRun> runs(Plan plan) {
        return DieRun.of(plan.build(), plan.cutting().demands(), plan.workshop());
    }

    private static DieRun run(Plan plan, String part) {
        return runs(plan).stream()
                .filter(r -> r.part().id().toString().equals(part))
                .findFirst()
                .orElseThrow();
    }

    private static TestCards framed(String inlayCard) {
        return TestCards.upperStation()
                .add("frame")
                .set("frame", "outer", "circle")
                .set("frame", "outer.diameter", "2 in")
                .set("frame", "innerWidth", "1 1/2 in")
                .set("frame", "innerHeight", "1 1/2 in")
                .set("frame", "inlay", "inlaid")
                .set("frame", "card", "damson-300")
                .set("frame", "inlayCard", inlayCard);
    }

    /** Circles of 2 and 1 1/2 in, both in the register: one pass for each of 12 cards and 2 spares, and the inlays drop out. */
    @Test
    void nestedDiesCutFrameAndInlayInOnePass() {
        Plan plan = framed("damson-300").plan();
        DieRun frame = run(plan, "frame");
        assertThat(frame.turns()).hasSize(1);
        assertThat(frame.turns().get(0).dies())
                .extracting(d -> d.die().map(Die::name).orElse(""))
                .containsExactly("circle 2 in", "circle 1 1/2 in");
        assertThat(frame.passes()).isEqualTo(14);
        Demand inlay = demand(plan, "frame/inlay");
        assertThat(inlay.dropped()).contains(new Demand.Dropped(frame.letter(), 14));
        assertThat(inlay.toCut()).isZero();
        assertThat(runs(plan)).noneMatch(r -> r.part().id().toString().equals("frame/inlay"));
    }

    @Test
    void anInlayOfAnotherCardIsCutByItself() {
        Plan plan = framed("moss-270").plan();
        assertThat(demand(plan, "frame/inlay").dropped()).isEmpty();
        assertThat(demand(plan, "frame/inlay").toCut()).isEqualTo(14);
    }

    private static Demand demand(Plan plan, String part) {
        return plan.cutting().demands().stream()
                .filter(d -> d.part().id().toString().equals(part))
                .findFirst()
                .orElseThrow();
    }

    /** Two windows of the same size in one panel: the maker has one die of it, so each takes its turn. */
    @Test
    void aSizeWantedTwiceTakesTwoTurns() {
        Plan one = TestCards.upperStation().plan();
        Plan two = TestCards.upperStation()
                .add("window")
                .set("window-2", "shape", "circle")
                .set("window-2", "shape.diameter", "2 3/8 in")
                .set("window-2", "up", "2 in")
                .plan();
        assertThat(run(one, "panel").turns()).hasSize(1);
        assertThat(run(two, "panel").turns()).hasSize(2);
        assertThat(run(two, "panel").passes()).isEqualTo(2 * run(one, "panel").passes());
    }
}
