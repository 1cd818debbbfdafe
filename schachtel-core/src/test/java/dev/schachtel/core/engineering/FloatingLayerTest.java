package dev.schachtel.core.engineering;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.assembly.Rehearsal;
import dev.schachtel.core.assembly.Step;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.motion.Space;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.pose.Linkage;
import dev.schachtel.core.pose.Rigid;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.work.WorkKind;

import static dev.schachtel.core.engineering.Worked.mm;
import static dev.schachtel.core.engineering.Worked.part;
import static dev.schachtel.core.engineering.Worked.size;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** A sheet on four supports over the fold, against the closed form of its engineer. */
class FloatingLayerTest {
    private static TestCards card(String fold, String gusset) {
        String size = fold.equals("top")
                ? "\"width\": \"178 mm\", \"height\": \"127 mm\""
                : "\"width\": \"127 mm\", \"height\": \"178 mm\"";
        return TestCards.empty("{\"kind\": \"flat-fold\", " + size + ", \"fold\": \"" + fold + "\", \"gusset\": \""
                        + gusset + "\"}")
                .add("floating-layer");
    }

    /** Halves 40, 15 over the pages, tabs 8: inner supports 9 from the fold, each sqrt(15^2 + 9^2) = 17.49 long, outer ones 32 further; shut up to 66.49. */
    @Test
    void itsSizes() {
        Build build =
                card("side", "0 mm").set("floating-layer", "high", "15 mm").build();
        assertThat(Mm.of(size(build, "floating-layer", "Support, between its tabs")))
                .isCloseTo(17.493, within(1e-3));
        assertThat(size(build, "floating-layer", "Inner supports, from the fold"))
                .isEqualTo(mm("9 mm"));
        assertThat(size(build, "floating-layer", "Outer supports, from the inner ones"))
                .isEqualTo(mm("32 mm"));
        assertThat(Mm.of(size(build, "floating-layer", "Shut, it reaches from the fold")))
                .isCloseTo(66.493, within(1e-3));
        assertThat(part(build, "floating-layer", "").form().width()).isEqualTo(mm("80 mm"));
        assertThat(build.level(new SlabId("floating-layer/outer-support-wall"))
                        .orElseThrow()
                        .slab()
                        .bounds()
                        .left())
                .isCloseTo(41, within(1e-6));
        assertThat(build.parts().stream().filter(p -> p.owner().value().equals("floating-layer")))
                .hasSize(5);
    }

    /** At each opening both halves are parallel to their pages and as high over them as the sum says; the crease is half-way between both. */
    @ParameterizedTest
    @CsvSource({"side,0 mm,15 mm", "top,0 mm,15 mm", "top,4 mm,25 mm", "side,6 mm,6 mm"})
    void itsHalvesKeepParallelToTheirPages(String fold, String gusset, String high) {
        Build build = card(fold, gusset).set("floating-layer", "high", high).build();
        Space space = new Space(build);
        double e = Mm.of(size(build, "floating-layer", "Inner supports, from the fold"));
        double s = Mm.of(size(build, "floating-layer", "Support, between its tabs"));
        for (int degrees = 3; degrees <= 180; degrees += 3) {
            Linkage.Pose pose = space.at(degrees / 180.0);
            assertThat(pose.closed()).as("%d°", degrees).isTrue();
            double half = Math.toRadians(degrees) / 2;
            double ridge = e * Math.cos(half) + Math.sqrt(s * s - Math.pow(e * Math.sin(half), 2));
            over(pose.panels().get(1), pose.panels().get(2), ridge * Math.sin(half));
            over(pose.panels().get(0), pose.panels().get(3), -ridge * Math.sin(half));
        }
        assertThat(Math.sqrt(s * s - e * e)).isCloseTo(Mm.of(mm(high)), within(2e-3));
    }

    /** A half looks where its page looks, and its sheet lies so far along where that looks from where it lies when shut. */
    private static void over(Rigid page, Rigid half, double high) {
        assertThat(half.out().minus(page.out()).length()).isLessThan(1e-6);
        Vec moved = half.at(new Vec(50, 60, 0)).minus(page.at(new Vec(50, 60, 0)));
        assertThat(moved.dot(page.out())).isCloseTo(high, within(1e-5));
    }

    /** Supports go under the layer, that on the page, and the card is closed on the rest; each part is fixed once. */
    @Test
    void hasAnOrderThatHandsCanDo() {
        Plan plan = card("top", "4 mm").plan();
        assertThat(plan.findings().all()).allMatch(f -> f.severity() != Severity.MEND);
        assertThat(Rehearsal.of(plan.build(), plan.assembly())).isEmpty();
        List<WorkKind> kinds = List.of(WorkKind.GLUE_SUPPORT, WorkKind.SET_LAYER, WorkKind.CLOSE_ON_TAB);
        assertThat(plan.assembly().steps().stream()
                        .map(Step::op)
                        .filter(o -> kinds.stream().anyMatch(o::is))
                        .map(o -> o.kind().id()))
                .containsExactly(
                        "glue-support", "glue-support", "glue-support", "glue-support", "set-layer", "close-on-tab");
    }

    @ParameterizedTest
    @CsvSource({"deep,150 mm,POP_UP_HIDDEN", "high,120 mm,POP_UP_HIDDEN", "tab,24 mm,TAB_ROOM", "off,90 mm,POP_UP_ALONG"
    })
    void whatIsTooLargeIsMended(String input, String value, RuleId rule) {
        TestCards wrong = card("top", "0 mm").set("floating-layer", input, value);
        Finding finding = wrong.plan().findings().all().stream()
                .filter(f -> f.rule() == rule)
                .findFirst()
                .orElseThrow();
        assertThat(finding.remedies()).isNotEmpty();
        TestCards mended = new TestCards(finding.remedies().get(0).taken(wrong.spec()));
        assertThat(mended.plan().findings().all()).noneMatch(f -> f.rule() == rule);
    }

    /** Nothing goes through anything in the shut card, wherever the supports come to lie beside or over each other. */
    @ParameterizedTest
    @CsvSource({"30 mm,6 mm", "40 mm,12 mm", "40 mm,25 mm", "70 mm,8 mm"})
    void shutAllLiesOnEachOther(String deep, String high) {
        Build build = card("top", "6 mm")
                .set("floating-layer", "deep", deep)
                .set("floating-layer", "high", high)
                .build();
        for (Level one : build.levels()) {
            for (Level other : build.levels()) {
                boolean apart =
                        !one.bottom().isBelow(other.top()) || !other.bottom().isBelow(one.top());
                if (!apart && !one.slab().part().equals(other.slab().part())) {
                    assertThat(one.slab()
                                    .footprints()
                                    .get(0)
                                    .overlaps(other.slab().footprints().get(0)))
                            .as(one.slab().id() + " and " + other.slab().id())
                            .isFalse();
                }
            }
        }
    }
}
