package dev.schachtel.core.plan;

import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mockito.MockedStatic;
import org.mockito.Mockito;

import dev.schachtel.core.EdgeCards;
import dev.schachtel.core.TestCards;
import dev.schachtel.core.assembly.BuildPlan;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.drawing.Views;
import dev.schachtel.core.edit.AsFarAsItGoes;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.patience.Patience;
import dev.schachtel.core.patience.PatienceLostException;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** A card that can't be planned is a state, not an exception. */
class EdgesTest {
    private static final int CARDS = 120;

    /** Whatever is typed, at the ends of its range and beside any neighbour, is planned, drawn, kept and read back. */
    @Test
    void anyEdgeIsPlannedKeptAndReadBack() {
        List<EdgeCards.Edge> edges = EdgeCards.edges();
        assertThat(edges).hasSizeGreaterThan(2_000);
        for (int seed = 0; seed < CARDS; seed++) {
            CardSpec spec = EdgeCards.card(edges, new Random(seed));
            Plan plan = Planner.withoutRemedies(spec, TestCards.WORKSHOP);
            assertThat(plan.findings().of(RuleId.NOT_WORKED_OUT).all())
                    .as("card %s", seed)
                    .isEmpty();
            Views.FRONT.of(plan.build(), Id.BASE);
            Views.IN_THE_ROUND.of(plan.build(), Id.BASE);
            assertThat(CardFile.readIncomplete(CardFile.write(spec)))
                    .as("card %s", seed)
                    .isEqualTo(spec);
        }
    }

    /** Doors that open flat beside what is raised: the remedy would have moved that infinitely far. */
    @ParameterizedTest
    @CsvSource({"179", "180"})
    void aDoorMayOpenFlat(String opens) {
        CardSpec spec = TestCards.whole("guards-door.json")
                .set("door", "opens", opens)
                .set("lamp-1", "fixing", "foam-tape-2")
                .set("lamp-1", "across", "24 mm")
                .set("lamp-1", "up", "60 mm")
                .spec();
        Plan plan = Planner.plan(spec, TestCards.WORKSHOP);
        assertThat(plan.findings().of(RuleId.DOOR_STOPS).all()).isNotEmpty();
        assertThat(plan.findings().of(RuleId.NOT_WORKED_OUT).all()).isEmpty();
    }

    /** A mistake of ours in one piece leaves the others as they are, and tells which one it was. */
    @Test
    void theRestIsPlannedWithoutThePieceAtFault() {
        CardSpec spec = TestCards.upperStation().spec();
        Id shaker = new Id("shaker");
        Plan sound = Planner.withoutRemedies(CardEdit.of(spec).remove(shaker), TestCards.WORKSHOP);
        AsFarAsItGoes<Plan> rest = AsFarAsItGoes.of(spec, s -> {
            if (s.piece(shaker).isPresent()) {
                throw new ArithmeticException("/ by zero");
            }
            return Planner.withoutRemedies(s, TestCards.WORKSHOP);
        });
        assertThat(rest.stopped()).contains(new AsFarAsItGoes.Stopped(shaker, "ArithmeticException: / by zero"));
        assertThat(rest.value().build().parts()).isEqualTo(sound.build().parts());
    }

    /** Wherever planning a card throws, it is planned all the same, with a finding that has to be mended. */
    @Test
    void noExceptionLeavesThePlanner() {
        CardSpec spec = TestCards.upperStation().spec();
        try (MockedStatic<PlanChecks> broken = Mockito.mockStatic(PlanChecks.class, Mockito.CALLS_REAL_METHODS)) {
            broken.when(() -> PlanChecks.order(Mockito.any())).thenAnswer(call -> {
                BuildPlan plan = call.getArgument(0);
                if (plan.steps().stream().flatMap(s -> s.op().parts().stream()).anyMatch(p -> p.owner()
                        .equals(new Id("shaker")))) {
                    throw new IllegalStateException("too much for it");
                }
                return call.callRealMethod();
            });
            Plan plan = Planner.plan(spec, TestCards.WORKSHOP);
            assertThat(plan.spec()).isEqualTo(spec);
            assertThat(plan.findings().of(RuleId.NOT_WORKED_OUT).all())
                    .singleElement()
                    .matches(f -> f.severity() == Severity.MEND && f.owner().equals(new Id("shaker")))
                    .extracting(Finding::names)
                    .isEqualTo(List.of("IllegalStateException: too much for it"));
        }
    }

    /** The end of patience is no mistake of a piece. */
    @Test
    void whatEndsPatienceEndsTheWork() {
        CardSpec spec = TestCards.upperStation().spec();
        assertThatThrownBy(() -> Patience.within(
                        5,
                        () -> AsFarAsItGoes.of(spec, s -> {
                            Patience.take(10);
                            return "";
                        })))
                .isInstanceOf(PatienceLostException.class);
    }
}
