package dev.schachtel.core.plan;

import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.assembly.Rehearsal;
import dev.schachtel.core.assembly.Step;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Change;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Tuck;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.check.Findings;
import dev.schachtel.core.drawing.Mark;
import dev.schachtel.core.drawing.Meaning;
import dev.schachtel.core.drawing.StepView;
import dev.schachtel.core.drawing.Views;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.work.Trait;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

/** Pieces that go under the edge of others, are woven, or are cut off at the edge. Worked by hand; the panel is 99 x 142.5 from (3, 3). */
class TuckTest {
    private static final Id A = new Id("motif");
    private static final Id B = new Id("motif-2");
    private static final Id C = new Id("motif-3");

    /** A card with rectangles of white card glued on its panel: left, bottom, width, height each. */
    private static TestCards with(double[]... boxes) {
        TestCards card = TestCards.raised();
        for (int i = 0; i < boxes.length; i++) {
            String id = i == 0 ? "motif" : "motif-" + (i + 1);
            double[] box = boxes[i];
            card = card.add("motif")
                    .set(id, "shape", "rectangle")
                    .set(id, "shape.width", box[2] + " mm")
                    .set(id, "shape.height", box[3] + " mm")
                    .set(id, "across", box[0] + box[2] / 2 + " mm")
                    .set(id, "up", box[1] + box[3] / 2 + " mm")
                    .set(id, "card", "white-300");
        }
        return card;
    }

    private static TestCards tucked(TestCards card, Id piece, Id under) {
        return card.tucked(piece.value(), under.value());
    }

    private static Level level(Build build, Id owner) {
        return build.level(SlabId.of(new PartId(owner, ""))).orElseThrow();
    }

    private static List<String> steps(Plan plan) {
        return plan.assembly().steps().stream()
                .filter(s -> s.op().owner().value().startsWith("motif")
                        && !s.op().kind().cuts())
                .map(s -> s.op().kind().id() + " " + s.op().owner())
                .toList();
    }

    /** What is drawn of a piece, in mm2. */
    private static double drawn(Build build, Id owner) {
        return Views.face(build).marks().stream()
                .filter(m -> m instanceof Mark.Area a
                        && a.edge() == Meaning.CUT
                        && a.of().filter(owner::equals).isPresent())
                .mapToDouble(m -> ((Mark.Area) m).outline().area().squareMillimetres())
                .sum();
    }

    /** 5 of the 20 mm of the second lie on the first: it lies on it, or under its edge and as low, with that much less seen. */
    @Test
    void whatGoesUnderAnEdgeLiesAsLow() {
        TestCards plain = with(new double[] {20, 40, 60, 30}, new double[] {30, 65, 20, 20});
        Build over = plain.build();
        assertThat(level(over, B).bottom()).isGreaterThan(level(over, A).top());
        assertThat(drawn(over, B)).isCloseTo(400, within(0.1));
        TestCards tucked = tucked(plain, B, A);
        Plan plan = tucked.plan();
        assertThat(level(plan.build(), B).bottom())
                .isEqualTo(level(plan.build(), A).bottom());
        assertThat(drawn(plan.build(), B)).isCloseTo(300, within(0.1));
        assertThat(drawn(plan.build(), A)).isCloseTo(1_800, within(0.1));
        assertThat(steps(plan)).containsExactly("attach-open motif", "tuck motif-2", "press-edge motif");
        assertThat(Rehearsal.of(plan.build(), plan.assembly())).isEmpty();
        for (RuleId rule : List.of(RuleId.TUCK_APART, RuleId.TUCK_HIGH, RuleId.TUCK_DEEP, RuleId.TUCK_CIRCLE)) {
            assertThat(plan.findings().of(rule).isEmpty()).as("%s", rule).isTrue();
        }
    }

    /** What was added before the edge simply lies there: no edge is left open. */
    @Test
    void whatLiesThereAlreadyNeedsNoSlipping() {
        TestCards card = tucked(with(new double[] {20, 40, 60, 30}, new double[] {30, 65, 20, 20}), A, B);
        Plan plan = card.plan();
        assertThat(level(plan.build(), B).bottom())
                .isEqualTo(level(plan.build(), A).bottom());
        assertThat(steps(plan)).containsExactly("attach motif", "attach motif-2");
        assertThat(drawn(plan.build(), B)).isCloseTo(400, within(0.1));
    }

    /** A step hides nothing of a piece under an edge that does not lie yet, and does when it lies. */
    @Test
    void aStepHidesOnlyWhatIsUnderWhatLies() {
        TestCards card = with(new double[] {20, 40, 60, 30}, new double[] {30, 65, 20, 20});
        assertThat(fresh(card.tucked("motif", "motif-2").plan(), A)).isCloseTo(1_800, within(0.1));
        assertThat(fresh(card.tucked("motif-2", "motif").plan(), B)).isCloseTo(300, within(0.1));
    }

    /** What the step that lays a piece draws as new, in mm2. */
    private static double fresh(Plan plan, Id piece) {
        Step step = plan.assembly().steps().stream()
                .filter(s -> s.op().owner().equals(piece) && s.op().kind().has(Trait.PLACES))
                .findFirst()
                .orElseThrow();
        return StepView.of(plan.build(), step.op(), plan.assembly().before(step)).marks().stream()
                .filter(m -> m instanceof Mark.Area a && a.edge() == Meaning.FRESH)
                .mapToDouble(m -> ((Mark.Area) m).outline().area().squareMillimetres())
                .sum();
    }

    /** A branch over the first and under the second: all lie flat, and each step finds what it needs. */
    @Test
    void aBranchIsWoven() {
        TestCards card = with(new double[] {20, 40, 8, 30}, new double[] {60, 40, 8, 30}, new double[] {10, 50, 85, 6});
        Plan plan = tucked(card, C, B).plan();
        assertThat(steps(plan))
                .containsSubsequence("attach motif", "tuck motif-3", "press-edge motif-2")
                .containsSubsequence("attach-open motif-2", "tuck motif-3");
        assertThat(level(plan.build(), C).bottom())
                .isEqualTo(level(plan.build(), A).bottom());
        assertThat(drawn(plan.build(), C)).isCloseTo(85 * 6 - 8 * 6, within(0.1));
        assertThat(plan.findings().of(RuleId.TUCK_CIRCLE).isEmpty()).isTrue();
        assertThat(Rehearsal.of(plan.build(), plan.assembly())).isEmpty();
    }

    /** Three over each other in a ring: at three places that is weaving, at one it can't be laid. */
    @ParameterizedTest
    @CsvSource({"true, 0", "false, 1"})
    void aRingAtOnePlaceCantBeLaid(boolean apart, int found) {
        TestCards card = apart
                ? with(new double[] {20, 40, 50, 6}, new double[] {20, 34, 6, 50}, new double[] {22, 82, 46, 6})
                : with(new double[] {20, 40, 40, 40}, new double[] {30, 50, 40, 40}, new double[] {25, 45, 40, 40});
        Plan plan = tucked(card, C, A).plan();
        assertThat(plan.findings().of(RuleId.TUCK_CIRCLE).all()).hasSize(found);
    }

    /** Too high and too far: the remedy is offered, and when it is taken the fault is gone. */
    @ParameterizedTest
    @CsvSource({"TUCK_HIGH, 65, foam-tape-2", "TUCK_APART, 80, glue"})
    void theRemedyMends(RuleId rule, int bottom, String fixing) {
        TestCards card = with(new double[] {20, 40, 60, 30}, new double[] {30, bottom, 20, 20})
                .set("motif-2", "fixing", fixing)
                .tucked("motif-2", "motif");
        mends(card, rule);
    }

    /** Too deep under an edge, and three in a ring: one of them is moved as far as it takes. */
    @Test
    void whatIsTooDeepOrInARingIsMoved() {
        mends(
                with(new double[] {20, 40, 60, 30}, new double[] {22, 30, 56, 38})
                        .tucked("motif-2", "motif"),
                RuleId.TUCK_DEEP);
        TestCards ring =
                with(new double[] {20, 40, 40, 40}, new double[] {30, 50, 40, 40}, new double[] {25, 45, 40, 40});
        mends(tucked(ring, C, A), RuleId.TUCK_CIRCLE);
    }

    private static void mends(TestCards card, RuleId rule) {
        Findings before = card.plan().findings();
        Finding finding = before.of(rule).all().get(0);
        assertThat(finding.remedies()).isNotEmpty();
        TestCards mended = card;
        for (Change change : finding.remedies().get(0).changes()) {
            mended = mended.set(change.piece().value(), change.component(), change.value());
        }
        Findings after = mended.plan().findings();
        assertThat(after.of(rule).isEmpty()).isTrue();
        assertThat(after.of(Severity.MEND).all())
                .extracting(Finding::rule)
                .isSubsetOf(before.of(Severity.MEND).all().stream()
                        .map(Finding::rule)
                        .toList());
    }

    @Test
    void aTuckNeedsTwoPiecesAndGoesWithThem() {
        TestCards card = with(new double[] {20, 40, 60, 30}, new double[] {30, 65, 20, 20});
        assertThatThrownBy(() -> CardEdit.of(card.spec()).tucked(A, A)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> CardEdit.of(card.spec()).tucked(A, C)).isInstanceOf(RefusedException.class);
        TestCards tucked = tucked(card, B, A);
        assertThat(tucked.spec().tucks()).containsExactly(new Tuck(B, A));
        assertThat(CardEdit.of(tucked.spec()).tucked(A, B).tucks()).containsExactly(new Tuck(A, B));
        assertThat(CardEdit.of(tucked.spec()).tucked(B, A).tucks()).isEmpty();
        assertThat(CardEdit.of(tucked.spec()).remove(A).tucks()).isEmpty();
    }

    /** What is left of a turned rectangle over the panel's edge, against the geometry of the JDK. */
    @ParameterizedTest
    @CsvSource({"8, 70, 0", "8, 70, 30", "100, 140, 45", "50, 2, -20"})
    void whatStandsOverTheEdgeIsCutOff(double x, double y, int turned) {
        TestCards card = with(new double[] {x - 20, y - 10, 40, 20})
                .set("motif", "turned", "" + turned)
                .set("motif", "trimmed", "true");
        Build build = card.build();
        Area left = new Area(new Rectangle2D.Double(-20, -10, 40, 20));
        left.transform(AffineTransform.getRotateInstance(Math.toRadians(turned)));
        left.transform(AffineTransform.getTranslateInstance(x, y));
        left.intersect(new Area(new Rectangle2D.Double(3, 3, 99, 142.5)));
        Outline kept = level(build, A).slab().footprints().get(0);
        assertThat(kept.bounds().left()).isCloseTo(left.getBounds2D().getMinX(), within(0.01));
        assertThat(kept.bounds().right()).isCloseTo(left.getBounds2D().getMaxX(), within(0.01));
        assertThat(kept.bounds().bottom()).isCloseTo(left.getBounds2D().getMinY(), within(0.01));
        assertThat(kept.bounds().top()).isCloseTo(left.getBounds2D().getMaxY(), within(0.01));
        assertThat(kept.area().squareMillimetres()).isLessThan(800);
        assertThat(card.plan().assembly().steps())
                .anyMatch(s -> s.op().kind().id().equals("trim-overhang"));
    }
}
