package dev.schachtel.core.engineering;

import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Coat;
import dev.schachtel.core.build.Needed;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.card.Greeting;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Where;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.Medium;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

/** Where surface work lies, how strong it is there, what of it is needed, and what colour it makes. */
class CoatsTest {
    private static TestCards inked(String where) {
        return TestCards.inked().set("treatment", "where", where);
    }

    private static Surface only(Build build) {
        assertThat(build.surfaces()).hasSize(1);
        return build.surfaces().get(0);
    }

    private static Box panel(Build build) {
        return build.level(only(build).slab()).orElseThrow().slab().bounds();
    }

    /** How strong it is at a point; 0 outside all coats. */
    private static double at(Surface surface, Point point) {
        return surface.coats().stream()
                .filter(c -> c.areas().stream().anyMatch(a -> a.holds(point)))
                .mapToDouble(Coat::coverage)
                .sum();
    }

    private static double ramp(double way, double fade) {
        return fade == 0 ? (way >= 0 ? 1 : 0) : Math.max(0, Math.min(1, way / fade));
    }

    /** Against the plain formula at any point: steps of a tenth may differ by half of one, and by a step at their edges. */
    @Property(tries = 120)
    void asStrongAsTheFormula(@ForAll long seed) {
        Random random = new Random(seed);
        String kind = List.of("above", "below", "left", "right").get(random.nextInt(4));
        boolean level = kind.equals("above") || kind.equals("below");
        int line = random.nextInt(140);
        int fade = random.nextInt(60);
        int coverage = 5 + random.nextInt(96);
        Build build = inked(kind)
                .set("treatment", level ? "where.line" : "where.wide", line + " mm")
                .set("treatment", "where.fade", fade + " mm")
                .set("treatment", "coverage", "" + coverage)
                .build();
        Box box = panel(build);
        Surface surface = only(build);
        for (int i = 0; i < 40; i++) {
            Point p = new Point(
                    box.left() + box.width() * random.nextDouble(), box.bottom() + box.height() * random.nextDouble());
            double way =
                    switch (kind) {
                        case "above" -> p.y() - box.bottom() - line;
                        case "below" -> box.bottom() + line - p.y();
                        case "left" -> box.left() + line - p.x();
                        default -> p.x() - (box.right() - line);
                    };
            double wanted = coverage / 100.0 * ramp(way, fade);
            boolean edge = fade == 0 && Math.abs(way) < 0.05;
            if (!edge) {
                assertThat(at(surface, p)).isCloseTo(wanted, within(0.051));
            }
        }
    }

    /** By hand on a panel with a round window in it: the glow reaches 10 mm out, and is strongest beside the window. */
    @Test
    void aGlowRoundAWindow() {
        Build build = inked("round")
                .add("window")
                .set("window", "shape.diameter", "40 mm")
                .set("treatment", "where.piece", "window")
                .set("treatment", "where.out", "10 mm")
                .build();
        Surface surface = only(build);
        Box hole = build.parts().stream()
                .flatMap(p -> p.cutouts().stream())
                .filter(c -> c.owner().equals(new Id("window")))
                .findFirst()
                .orElseThrow()
                .onFace()
                .bounds();
        Point middle = hole.centre();
        assertThat(at(surface, middle)).as("nothing in the hole").isZero();
        assertThat(at(surface, new Point(hole.right() + 0.5, middle.y()))).isCloseTo(0.95, within(0.01));
        assertThat(at(surface, new Point(hole.right() + 9.5, middle.y()))).isCloseTo(0.05, within(0.01));
        assertThat(at(surface, new Point(hole.right() + 10.5, middle.y()))).isZero();
    }

    @Test
    void alongTheEdgesAndBetweenThePieces() {
        Build edges = inked("edges").set("treatment", "where.wide", "10 mm").build();
        Box box = panel(edges);
        assertThat(at(only(edges), new Point(box.left() + 0.5, box.centre().y())))
                .isCloseTo(0.95, within(0.01));
        assertThat(at(only(edges), new Point(box.left() + 9.5, box.centre().y())))
                .isCloseTo(0.05, within(0.01));
        assertThat(at(only(edges), box.centre())).isZero();
        Build between = inked("between")
                .add("motif")
                .set("motif", "shape.diameter", "20 mm")
                .set("motif", "across", "50 mm")
                .set("motif", "up", "60 mm")
                .build();
        assertThat(at(only(between), new Point(50, 60))).isZero();
        assertThat(at(only(between), new Point(50, 85))).isEqualTo(1);
    }

    /** By hand: a stencil of 100 with 10 of overlap on 100, 101, 190, 191 and 280 mm; it takes that many times as long. */
    @ParameterizedTest
    @CsvSource({"100,1", "101,2", "190,2", "191,3", "280,3", "281,4", "5,1"})
    void aShortStencilIsSetDownAgain(int length, int times) {
        Where.Stepped stepped =
                new Where.Stepped(Length.ofMillimetres(100), Length.ofMillimetres(10), false, Length.ZERO, false);
        assertThat(stepped.times(Length.ofMillimetres(length))).isEqualTo(times);
    }

    @Test
    void eachTimeTakesItsTime() {
        Surface once =
                only(inked("whole").set("treatment", "way", "ink-stencil").build());
        TestCards card = inked("stepped")
                .set("treatment", "way", "ink-stencil")
                .set("treatment", "where.tool", "60 mm")
                .set("treatment", "where.overlap", "5 mm");
        Surface often = only(card.build());
        int times = (int) Math.ceil((panel(card.build()).height() - 5) / 55);
        assertThat(often.times()).isEqualTo(times);
        assertThat(often.each()).isEqualTo(once.each().multipliedBy(times));
        assertThat(often.coats()).isEqualTo(once.coats());
    }

    /** The same with a piece of card under a corner, which covers nothing of its own: pieces of 39 mm that overlap in threes. */
    @Test
    void whatPropsUpCoversNothing() {
        neededAndCoveredAreTheRegion(26, 39);
        neededAndCoveredAreTheRegion(26, 40);
    }

    /** What is needed and what is covered are the region, and each point is where the plain rule puts it. */
    @Property(tries = 60)
    void neededAndCoveredAreTheRegion(@ForAll long seed, @ForAll @IntRange(min = 3, max = 40) int size) {
        Random random = new Random(seed);
        TestCards card = inked("above").set("treatment", "where.line", random.nextInt(100) + " mm");
        for (int i = 0; i < 3; i++) {
            String id = i == 0 ? "motif" : "motif-" + (i + 1);
            card = card.add("motif")
                    .set(id, "shape.diameter", size + " mm")
                    .set(id, "across", 10 + random.nextInt(85) + " mm")
                    .set(id, "up", 10 + random.nextInt(125) + " mm");
        }
        Build build = card.build();
        Surface surface = only(build);
        Needed needed = Needed.of(build, surface);
        double region = surface.coats().stream()
                .flatMap(c -> c.areas().stream())
                .mapToDouble(a -> a.area().squareMillimetres())
                .sum();
        double sum =
                needed.neededArea().squareMillimetres() + needed.coveredArea().squareMillimetres();
        assertThat(sum).isCloseTo(region, within(0.5 + 0.002 * region));
        List<Point> middles = build.parts().stream()
                .filter(p -> p.id().toString().matches("motif(-\\d)?"))
                .map(Part::footprints)
                .map(f -> f.get(0).bounds().centre())
                .toList();
        Box box = panel(build);
        for (int i = 0; i < 60; i++) {
            Point p = new Point(
                    box.left() + box.width() * random.nextDouble(), box.bottom() + box.height() * random.nextDouble());
            boolean inked = at(surface, p) > 0;
            double deepest = middles.stream()
                    .mapToDouble(m -> size / 2.0 - m.distanceTo(p))
                    .max()
                    .orElseThrow();
            if (inked && Math.abs(deepest - 2) > 0.1 && Math.abs(size - 4) > 0.2) {
                boolean covered = deepest > 2;
                assertThat(needed.covered().stream().anyMatch(o -> o.holds(p))).isEqualTo(covered);
                assertThat(needed.needed().stream().anyMatch(o -> o.holds(p))).isEqualTo(!covered);
            }
        }
    }

    /** The lower half of a white sheet inked: there the ink, above the card, and the whole sheet between them. */
    @Test
    void theColourHangsOnThePlace() {
        TestCards card = inked("below")
                .set("panel", "card", "white-300")
                .set("treatment", "colour", "#587187")
                .set("treatment", "where.line", "74 mm")
                .set("treatment", "where.fade", "0 mm");
        Build build = card.build();
        Box box = panel(build);
        Colour white = new Colour(0xfbfaf6);
        Colour ink = Medium.DYE_INK.over(white, new Colour(0x587187), 1);
        Part panel = build.part(only(build).part()).orElseThrow();
        Outline low = Outline.of(new Box(box.left() + 5, box.bottom() + 5, box.right() - 5, box.bottom() + 60));
        Outline high = Outline.of(new Box(box.left() + 5, box.bottom() + 80, box.right() - 5, box.top() - 5));
        assertThat(build.ground(panel.id(), low).orElseThrow().lab().differenceTo(ink.lab()))
                .isLessThan(0.5);
        assertThat(build.ground(panel.id(), high)).contains(white);
        double mean = build.colour(panel.id()).orElseThrow().lightness();
        assertThat(mean).isBetween(ink.lightness() + 5, white.lightness() - 5);
        assertThat(CardFile.read(CardFile.write(card.spec()), TestCards.WORKSHOP))
                .isEqualTo(card.spec());
    }

    /** White words run together with a white ground, and are read where it was inked dark. */
    @Test
    void wordsAreJudgedOnWhatIsInkedUnderThem() {
        TestCards plain = TestCards.raised()
                .add("greeting")
                .set("greeting", "text", "hello")
                .set("greeting", "ink", "#fdfdfb")
                .set("panel", "card", "white-300");
        String on = plain.spec().elements().get(0) instanceof Greeting g ? g.on().value() : "";
        assertThat(plain.findings().of(RuleId.TEXT_CONTRAST).all()).anyMatch(f -> f.severity() == Severity.WATCH);
        TestCards dark = plain.add("treatment").set("treatment", "on", on).set("treatment", "colour", "#14262e");
        assertThat(dark.findings().of(RuleId.TEXT_CONTRAST).all()).anyMatch(f -> f.severity() == Severity.WORKS);
    }
}
