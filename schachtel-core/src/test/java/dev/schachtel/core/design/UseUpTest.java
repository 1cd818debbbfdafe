package dev.schachtel.core.design;

import java.util.List;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.colour.Harmony;
import dev.schachtel.core.colour.Sight;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.Embellishment;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Medium;
import dev.schachtel.core.material.MediumUse;
import dev.schachtel.core.material.Shade;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.shape.Outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;

/** What is used up, and what colours look like beside each other. */
class UseUpTest {
    private static final Shade SLATE = new Shade(
            new MaterialId("slate-dye-ink"), "slate", Medium.DYE_INK, new Colour(0x587187), Shade.Level.LOW, "", 0);

    private static List<UseUp.Use> colours(Build build, Workshop workshop) {
        return UseUp.of(build, workshop).stream()
                .filter(u -> u.sort() == UseUp.Sort.SHADE)
                .toList();
    }

    /** Who says that a pad covers half as much needs twice as many. */
    @Test
    void ownFiguresCount() {
        Build build = TestCards.inked().set("treatment", "colour", "#587187").build();
        Workshop usual = TestCards.WORKSHOP.shaded(List.of(SLATE));
        double before = colours(build, usual).get(0).share();
        Workshop half = usual.using(new MediumUse(Medium.DYE_INK, false, 750));
        assertThat(colours(build, half).get(0).share()).isCloseTo(2 * before, within(1e-9));
    }

    /** By hand: half a millilitre a metre round what is glued, a fiftieth for each gem; bottles, pens and gems are less then. */
    @Test
    void glueAndGemsAreUsedUp() {
        TestCards card = TestCards.raised()
                .set("panel", "fixing", "glue")
                .add("gems")
                .set("gems", "on", "panel")
                .set("brief", "cards", "10");
        Build build = card.build();
        Workshop stock = TestCards.WORKSHOP;
        Outline panel = build.level(SlabId.of(new PartId(new Id("panel"), "")))
                .orElseThrow()
                .slab()
                .footprints()
                .get(0);
        double round = 2 * (panel.bounds().width() + panel.bounds().height()) / 1000;
        UseUp.Use glue = UseUp.of(build, stock).stream()
                .filter(u -> u.sort() == UseUp.Sort.GLUE)
                .findFirst()
                .orElseThrow();
        double millilitres = 10 * (0.5 * round + 3 * 0.02);
        assertThat(glue.share()).isCloseTo(millilitres / 60, within(1e-9));
        Workshop after = UseUp.taken(build, stock);
        assertThat(after.find(glue.id(), Adhesive.class).orElseThrow().left())
                .isEqualTo((int) Math.round(600 - 10 * millilitres));
        assertThat(after.find(new MaterialId("gems-4"), Embellishment.class)
                        .orElseThrow()
                        .owned())
                .isEqualTo(18);
    }

    /** A pen that is taken from in small sips is low in the end, as if it had been emptied at once. */
    @Property(tries = 200)
    void levelsFollowWhatIsTaken(
            @ForAll @DoubleRange(min = 0, max = 0.2) double sip, @ForAll @IntRange(max = 30) int sips) {
        Shade shade = new Shade(SLATE.id(), "slate", Medium.DYE_INK, SLATE.colour(), Shade.Level.FULL, "", 0);
        for (int i = 0; i < sips; i++) {
            shade = shade.less(sip);
        }
        double left = Math.max(0, 1 - sip * sips);
        assertThat(shade.left()).isCloseTo(left, within(0.0006 * (sips + 1)));
        double sure = 0.001 * (sips + 1);
        if (Math.abs(left - 0.5) > sure && Math.abs(left - 0.15) > sure && left > sure) {
            assertThat(shade.level())
                    .isEqualTo(left > 0.5 ? Shade.Level.FULL : left > 0.15 ? Shade.Level.HALF : Shade.Level.LOW);
        }
    }

    /** By hand: a sheet of 95 x 138.5 mm at half strength, on 100 cards, from a pad for 1,500 cm2: 4.39 pads. */
    @Test
    void areaTimesCoverageOverWhatAPadCovers() {
        TestCards card = TestCards.inked()
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
        List<UseUp.Use> uses = colours(build, workshop);
        assertThat(uses).singleElement().satisfies(u -> {
            assertThat(u.id()).isEqualTo(SLATE.id());
            assertThat(u.share()).isCloseTo(area / 100 * 0.5 * 100 / 1500, within(1e-6));
            assertThat(u.isShort()).isTrue();
            assertThat(u.left()).isZero();
        });
        double lacks = 100 * (area / 100 * 50 / 1500 - 0.15);
        assertThat(UseUp.shopping(uses)).containsExactly("slate, " + Math.round(lacks) + " % of a full one more");
        assertThat(colours(build, TestCards.WORKSHOP.shaded(List.of()))).isEmpty();
    }

    /** What a piece covers takes no ink; a little on one card leaves nearly all. */
    @Test
    void whatIsCoveredTakesNone() {
        TestCards bare = TestCards.inked().set("treatment", "colour", "#587187");
        TestCards covered = bare.add("motif").set("motif", "shape.diameter", "60 mm");
        Workshop full = TestCards.WORKSHOP.shaded(
                List.of(new Shade(SLATE.id(), "slate", Medium.DYE_INK, SLATE.colour(), Shade.Level.FULL, "", 0)));
        UseUp.Use before = colours(bare.build(), full).get(0);
        UseUp.Use after = colours(covered.build(), full).get(0);
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
