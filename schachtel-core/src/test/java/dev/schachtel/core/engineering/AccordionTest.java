package dev.schachtel.core.engineering;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.assembly.Rehearsal;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.Accordion;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Motif;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.motion.Space;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.pose.Linkage;
import dev.schachtel.core.pose.Rigid;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.work.WorkKind;

import static dev.schachtel.core.engineering.Worked.mm;
import static dev.schachtel.core.engineering.Worked.part;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Panels folded to and fro: their strips, how they lie shut, and where they stand when they are opened. */
class AccordionTest {
    private static TestCards accordion(int panels) {
        return TestCards.empty("{\"kind\": \"accordion\", \"width\": \"100 mm\", \"height\": \"127 mm\", \"panels\": "
                + panels + ", \"tab\": \"12 mm\"}");
    }

    /** 2 x 100, then 12 + 2 x 100, scored at 12 the other way and at 112; an odd last panel has a strip of its own. */
    @Test
    void stripsHaveTwoPanelsAndATab() {
        Build build = accordion(5).build();
        assertThat(part(build, "base", "").form().width()).isEqualTo(mm("200 mm"));
        assertThat(part(build, "base", "strip-2").form().width()).isEqualTo(mm("212 mm"));
        assertThat(part(build, "base", "strip-3").form().width()).isEqualTo(mm("112 mm"));
        assertThat(build.folds())
                .extracting(f -> f.part().which() + " " + f.from().x() + " " + f.crease())
                .containsExactly(
                        " 100.0 MOUNTAIN", "strip-2 12.0 VALLEY", "strip-2 112.0 MOUNTAIN", "strip-3 12.0 VALLEY");
    }

    /** A tab as wide as the panel makes that double: three panels of two blanks. */
    @Test
    void aTabMayBeAWholePanel() {
        Build build = accordion(3).set("base", "tab", "100 mm").build();
        assertThat(build.parts()).extracting(p -> p.form().width()).containsExactly(mm("200 mm"), mm("200 mm"));
    }

    @Test
    void aTabWiderThanThePanelIsMended() {
        TestCards card = accordion(3).set("base", "tab", "130 mm");
        Finding finding = card.plan().findings().all().stream()
                .filter(f -> f.rule() == RuleId.TAB_ROOM)
                .findFirst()
                .orElseThrow();
        assertThat(finding.measured().toString()).contains("130");
        Accordion mended =
                (Accordion) finding.remedies().get(0).taken(card.spec()).base();
        assertThat(mended.tab()).isEqualTo(mm("100 mm"));
    }

    /** A tab of the same card doesn't "hardly stand out" from the panel that it is part of. */
    @Test
    void stripsLookAlikeAsTheyShould() {
        assertThat(accordion(6).plan().findings().all()).noneMatch(f -> f.rule() == RuleId.RUNS_TOGETHER);
    }

    /** Four panels, each 0.38; the tab and its glue lie between the first two, and on nothing else. */
    @Test
    void theTabLiesInside() {
        Build build = accordion(4).build();
        Length card = build.parts().get(0).material().thickness();
        Length glue = build.joints().stream()
                .filter(j -> j.upper().value().equals("base/tab-2"))
                .filter(j -> j.lower().value().equals("base/panel-2"))
                .findFirst()
                .orElseThrow()
                .thickness();
        assertThat(build.thickness()).isEqualTo(card.times(5).plus(glue));
        assertThat(height(build, 2)).isEqualTo(card.times(2));
        assertThat(height(build, 1)).isEqualTo(card.times(4).plus(glue));
    }

    private static Length height(Build build, int panel) {
        return build.levels().stream()
                .filter(l -> l.slab().id().value().equals("base/panel-" + panel))
                .findFirst()
                .orElseThrow()
                .bottom();
    }

    /** Seen from above: odd panels turned by 25 degrees of the share, even ones by 130 more, which lie on their faces while it is shut. */
    @ParameterizedTest
    @ValueSource(ints = {3, 4, 5, 6, 7, 8})
    void opensToAndFro(int panels) {
        Build build = accordion(panels).build();
        Space space = new Space(build);
        for (int percent = 0; percent <= 100; percent += 10) {
            double share = percent / 100.0;
            Linkage.Pose pose = space.at(share);
            assertThat(pose.closed()).isTrue();
            for (int i = 0; i < panels; i++) {
                Rigid at = pose.panels().get(i);
                double turned = Math.toRadians(share * (i % 2 == 0 ? 25 : 25 + 130));
                assertThat(at.direction(new Vec(1, 0, 0)).x()).isCloseTo(Math.cos(turned), within(1e-9));
                assertThat(at.direction(new Vec(1, 0, 0)).z()).isCloseTo(Math.sin(turned), within(1e-9));
                assertThat(at.at(new Vec(0, 0, 0)).y()).isCloseTo(0, within(1e-9));
                if (i > 0) {
                    double line = i % 2 == 0 ? 0 : 100;
                    double height = (middle(build, i) + middle(build, i + 1)) / 2;
                    Vec crease = new Vec(line, 50, height);
                    assertThat(at.at(crease)
                                    .minus(pose.panels().get(i - 1).at(crease))
                                    .length())
                            .as("panel " + (i + 1) + " hangs on the one before it")
                            .isLessThan(1e-9);
                }
            }
        }
    }

    private static double middle(Build build, int panel) {
        return Mm.of(height(build, panel))
                + Mm.of(build.parts().get(0).material().thickness()) / 2;
    }

    /** What is glued on either side of a panel goes on once, and moves with its panel. */
    @ParameterizedTest
    @ValueSource(ints = {3, 4, 8})
    void everySideOfEveryPanelCarries(int panels) {
        TestCards card = accordion(panels);
        for (int i = 1; i <= panels; i++) {
            for (Id face : List.of(Accordion.panel(i), Accordion.back(i))) {
                card = put(card, "motif", face);
            }
        }
        Plan plan = card.plan();
        assertThat(plan.findings().all())
                .filteredOn(f -> f.severity() == Severity.MEND)
                .isEmpty();
        assertThat(Rehearsal.of(plan.build(), plan.assembly())).isEmpty();
        assertThat(plan.assembly().steps().stream().filter(s -> s.op().is(WorkKind.JOIN_STRIP)))
                .hasSize((panels + 1) / 2 - 1);
        for (Space.Body body : new Space(plan.build()).bodies()) {
            if (card.spec().piece(body.level().slab().part().owner()).orElseThrow() instanceof Motif motif) {
                assertThat(body.panel())
                        .as(motif.on().value())
                        .isEqualTo(motif.on().value().charAt(6) - '1');
            }
        }
    }

    /** A window in a panel that is turned over comes to lie mirrored in its strip. */
    @Test
    void openingsOfTurnedPanelsAreMirrored() {
        Build build = put(accordion(4), "window", Accordion.back(4))
                .set("window", "shape.diameter", "20 mm")
                .set("window", "across", "30 mm")
                .set("window", "up", "60 mm")
                .build();
        Part strip = part(build, "base", "strip-2");
        assertThat(strip.outline().holds(Point.of(mm("182 mm"), mm("60 mm")))).isFalse();
        assertThat(strip.outline().holds(Point.of(mm("142 mm"), mm("60 mm")))).isTrue();
    }

    private static TestCards put(TestCards card, String kind, Id on) {
        String id = CardEdit.of(card.spec()).nextId(kind).value();
        return card.add(kind).set(id, "on", on.value());
    }
}
