package dev.schachtel.core.design;

import java.util.List;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.colour.Harmony;
import dev.schachtel.core.colour.Sight;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Medium;
import dev.schachtel.core.material.Shade;
import dev.schachtel.core.material.Workshop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What is used up, and what colours look like beside each other. */
class UseUpTest {
    private static final Shade SLATE = new Shade(
            new MaterialId("slate-dye-ink"), "slate", Medium.DYE_INK, new Colour(0x587187), Shade.Level.LOW, "");

    /** By hand: a sheet of 95 x 138.5 mm at half strength, on 100 cards, from a pad for 1,500 cm2: 4.39 pads. */
    @Test
    void areaTimesCoverageOverWhatAPadCovers() {
        TestCards card = TestCards.raised()
                .add("treatment")
                .set("treatment", "on", "panel")
                .set("treatment", "colour", "#587187")
                .set("treatment", "coverage", "50")
                .set("brief", "cards", "100");
        Build build = card.build();
        double area = build.level(build.surfaces().get(0).slab())
                .orElseThrow()
                .slab()
                .footprints()
                .get(0)
                .area()
                .squareMillimetres();
        Workshop workshop = TestCards.WORKSHOP.shaded(List.of(SLATE));
        List<UseUp.Use> uses = UseUp.of(build, workshop);
        assertThat(uses).singleElement().satisfies(u -> {
            assertThat(u.shade()).isEqualTo(SLATE);
            assertThat(u.share()).isCloseTo(area / 100 * 0.5 * 100 / 1500, within(1e-6));
            assertThat(u.isShort()).isTrue();
            assertThat(u.left()).isZero();
        });
        assertThat(UseUp.of(build, TestCards.WORKSHOP.shaded(List.of()))).isEmpty();
    }

    /** What a piece covers takes no ink; a little on one card leaves nearly all. */
    @Test
    void whatIsCoveredTakesNone() {
        TestCards bare = TestCards.raised()
                .add("treatment")
                .set("treatment", "on", "panel")
                .set("treatment", "colour", "#587187");
        TestCards covered = bare.add("motif").set("motif", "shape.diameter", "60 mm");
        Workshop full = TestCards.WORKSHOP.shaded(
                List.of(new Shade(SLATE.id(), "slate", Medium.DYE_INK, SLATE.colour(), Shade.Level.FULL, "")));
        UseUp.Use before = UseUp.of(bare.build(), full).get(0);
        UseUp.Use after = UseUp.of(covered.build(), full).get(0);
        double less = (before.share() - after.share()) * 1500 * 100;
        assertThat(less).as("a disc of 60 less 2 all round").isCloseTo(Math.PI * 28 * 28, within(20.0));
        assertThat(after.left()).isBetween(0.9, 1.0);
    }

    /** A damson disc on damson runs together for all eyes; a green one on it does for none but some. */
    @Test
    void sideBySide() {
        TestCards card = TestCards.raised()
                .set("panel", "card", "white-300")
                .add("motif")
                .set("motif", "shape", "picture")
                .set("motif", "shape.picture", "moon");
        SideBySide beside = SideBySide.of(card.build());
        assertThat(beside.pairs()).singleElement().satisfies(p -> {
            assertThat(p.picture()).isEqualTo("Moon");
            assertThat(p.differences()).containsOnlyKeys(Sight.values());
            assertThat(p.runsTogether()).isEqualTo(p.difference() < 10);
        });
        assertThat(beside.shares().stream().mapToDouble(SideBySide.Share::of).sum())
                .isCloseTo(1, within(1e-9));
        assertThat(beside.shares()).isSortedAccordingTo((a, b) -> Double.compare(b.of(), a.of()));
        assertThat(beside.harmony().kind()).isNotNull().isInstanceOf(Harmony.Kind.class);
    }
}
