package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Coat;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.StampSeam;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Gems, ribbons, threads, corners, masks, what raises a sheet, and tools that are set down again and again. */
class FinishTest {
    private static Part part(Build build, String owner, String which) {
        return build.part(new PartId(new Id(owner), which)).orElseThrow();
    }

    private static Level level(Build build, String owner, String which) {
        return build.level(SlabId.of(new PartId(new Id(owner), which))).orElseThrow();
    }

    /** Three as a triangle: each 8 mm from the others; seven with one in the middle of six. */
    @Test
    void gemsLieEvenly() {
        TestCards card = TestCards.raised().add("gems").set("gems", "arranged", "close-together");
        List<Point> three = middles(card.plan().build());
        for (int i = 0; i < 3; i++) {
            assertThat(three.get(i).distanceTo(three.get((i + 1) % 3))).isCloseTo(8, within(1e-3));
        }
        List<Point> seven = middles(card.set("gems", "count", "7").plan().build());
        assertThat(seven.stream().skip(1).map(p -> p.distanceTo(seven.get(0))))
                .allSatisfy(d -> assertThat(d).isCloseTo(8, within(1e-3)));
        List<Point> row = middles(card.set("gems", "arranged", "in-a-row")
                .set("gems", "count", "4")
                .set("gems", "turned", "90")
                .plan()
                .build());
        assertThat(row.get(3).y() - row.get(0).y()).isCloseTo(24, within(1e-3));
        assertThat(row.get(3).x()).isCloseTo(row.get(0).x(), within(1e-3));
    }

    private static List<Point> middles(Build build) {
        return part(build, "gems", "").footprints().stream()
                .map(Outline::centroid)
                .toList();
    }

    /** They count in the thickness: 1.6 mm on glue of 0.05; nothing is cut for them, and each step of them is a sticking on. */
    @Test
    void gemsMakeTheCardThicker() {
        TestCards card = TestCards.raised();
        Plan plan = card.add("gems").set("gems", "on", "panel").plan();
        Length more = plan.build().thickness().minus(card.plan().build().thickness());
        assertThat(more).isEqualTo(Length.ofMicrometres(1650));
        assertThat(plan.cutting().materials()).noneMatch(m -> m.material().isCounted());
        assertThat(plan.assembly().steps().stream().map(s -> s.op().id())).contains("stick-on gems");
    }

    /** As long as the sheet is wide, with both ends: and a bow of 20 widths in six layers. */
    @Test
    void aRibbonIsSnippedToLength() {
        TestCards card = TestCards.raised()
                .add("ribbon")
                .set("ribbon", "on", "panel")
                .set("ribbon", "behind", "12 mm")
                .set("ribbon", "bow", "true");
        Build build = card.plan().build();
        Length wide = part(build, "panel", "").form().width();
        assertThat(part(build, "ribbon", "").form().width()).isEqualTo(wide.plus(Length.ofMillimetres(24)));
        assertThat(part(build, "ribbon", "bow").form().width()).isEqualTo(Length.ofMillimetres(200));
        Level bow = level(build, "ribbon", "bow");
        assertThat(bow.top().minus(bow.bottom())).isEqualTo(Length.ofMicrometres(1800));
    }

    /** 3, 4, 5: 50 mm of thread are seen, and 20 mm are knotted at each end. */
    @Test
    void aThreadIsStretched() {
        Build build = TestCards.raised()
                .add("thread-line")
                .set("thread-line", "on", "panel")
                .set("thread-line", "across", "20 mm")
                .set("thread-line", "right", "40 mm")
                .set("thread-line", "rise", "-30 mm")
                .plan()
                .build();
        assertThat(part(build, "thread-line", "").form().width()).isEqualTo(Length.ofMillimetres(90));
        assertThat(level(build, "thread-line", "").slab().bounds().width()).isCloseTo(40, within(0.6));
        assertThat(part(build, "panel", "").cutouts()).hasSize(2);
    }

    /** Four corners lose (4 - pi) r2 together; those at a fold stay. */
    @Test
    void cornersAreRounded() {
        TestCards card = TestCards.raised();
        TestCards rounded = card.add("rounded-corners");
        double four = area(card, "panel") - area(rounded.set("rounded-corners", "on", "panel"), "panel");
        assertThat(four).isCloseTo((4 - Math.PI) * 36, within(0.2));
        double two = area(card, "base") - area(rounded.set("rounded-corners", "on", "front"), "base");
        assertThat(two).isCloseTo((4 - Math.PI) * 18, within(0.1));
    }

    private static double area(TestCards card, String owner) {
        return part(card.plan().build(), owner, "").outline().area().squareMillimetres();
    }

    /** All ink leaves a mask's place free, or what comes from one kind of work on; judged by random points. */
    @Test
    void aMaskKeepsInkOff() {
        TestCards card = TestCards.inked()
                .add("mask")
                .set("mask", "on", "panel")
                .set("mask", "shape.diameter", "24 mm")
                .add("treatment")
                .set("treatment-2", "on", "panel")
                .set("mask", "before", "treatment-2");
        Plan plan = card.plan();
        Surface kept = card.set("mask", "before", "").build().surfaces().get(0);
        Part mask = part(plan.build(), "mask", "");
        Point middle = mask.footprints().get(0).centroid();
        Random random = new Random(7);
        Outline panel = level(plan.build(), "panel", "").slab().footprints().get(0);
        for (int i = 0; i < 400; i++) {
            Point p = new Point(
                    panel.bounds().left() + random.nextDouble() * panel.bounds().width(),
                    panel.bounds().bottom()
                            + random.nextDouble() * panel.bounds().height());
            if (Math.abs(p.distanceTo(middle) - 12) > 0.1) {
                assertThat(strength(plan.build().surfaces().get(0), p)).isEqualTo(1);
                assertThat(strength(kept, p))
                        .isEqualTo(strength(plan.build().surfaces().get(1), p));
                assertThat(strength(plan.build().surfaces().get(1), p)).isEqualTo(p.distanceTo(middle) > 12 ? 1 : 0);
            }
        }
        List<String> steps =
                plan.assembly().steps().stream().map(s -> s.op().kind().id()).toList();
        assertThat(steps).containsSubsequence("ink", "mask", "ink", "unmask", "close");
        assertThat(plan.cutting().materials())
                .anyMatch(m -> m.material().id().value().equals("masking"));
    }

    private static double strength(Surface surface, Point p) {
        return surface.coats().stream()
                .filter(c -> c.areas().stream().anyMatch(a -> a.holds(p)))
                .mapToDouble(Coat::coverage)
                .max()
                .orElse(0);
    }

    /** 0.5 mm in a folder, 2 mm curled: both with whatever lies on them. */
    @ParameterizedTest
    @ValueSource(strings = {"embossing-folder", "curl"})
    void whatRaisesASheetIsCounted(String way) {
        TestCards card = TestCards.raised().add("motif").set("motif", "on", "panel");
        Plan plan = card.add("treatment")
                .set("treatment", "on", "panel")
                .set("treatment", "way", way)
                .plan();
        Length more = plan.build().thickness().minus(card.plan().build().thickness());
        assertThat(more).isEqualTo(Length.ofMicrometres(way.equals("curl") ? 2000 : 500));
        assertThat(plan.findings().all()).noneMatch(f -> f.owner().value().equals("treatment"));
    }

    /** Two fifths as strong, within five minutes, and before the stencil is washed. */
    @Test
    void whatIsLeftIsLaidInsideAtOnce() {
        Plan plan = TestCards.inked()
                .set("treatment", "way", "paste-stencil")
                .add("treatment")
                .set("treatment-2", "on", "inside")
                .set("treatment-2", "leftFrom", "treatment")
                .plan();
        Surface rest = plan.build().surfaces().get(1);
        assertThat(rest.technique().id().value()).isEqualTo("paste-stencil");
        assertThat(rest.coats()).allSatisfy(c -> assertThat(c.coverage()).isCloseTo(0.4, within(1e-9)));
        List<String> steps =
                plan.assembly().steps().stream().map(s -> s.op().id()).toList();
        assertThat(steps).containsSubsequence("paste treatment", "paste treatment-2", "clean treatment");
    }

    /**
     * Impressions of 60 mm with 5 mm overlap: where the lines lie is worked out anew here, by trying every shift and every millimetre of
     * the line; the planner's shift must be as good as the best.
     */
    @ParameterizedTest
    @ValueSource(ints = {20, 40, 60, 90, 110})
    void seamsAreHiddenWhereTheyCanBe(int up) {
        Build build = TestCards.inked()
                .set("treatment", "where", "stepped")
                .set("treatment", "where.tool", "60 mm")
                .add("sentiment")
                .set("sentiment", "width", "80 mm")
                .set("sentiment", "height", "16 mm")
                .set("sentiment", "up", up + " mm")
                .plan()
                .build();
        List<StampSeam> seams = StampSeam.of(build, build.surfaces().get(0));
        Outline panel = level(build, "panel", "").slab().footprints().get(0);
        List<Outline> strips = build.levels().stream()
                .filter(l -> l.slab().part().owner().value().equals("sentiment"))
                .flatMap(l -> l.slab().footprints().stream())
                .toList();
        int times = build.surfaces().get(0).times();
        double high = panel.bounds().height();
        double slack = times * 55 + 5 - high;
        assertThat(seams).hasSize(times - 1);
        double best = Double.MAX_VALUE;
        for (double back = 0; back <= slack; back += 1) {
            List<Double> lines = new ArrayList<>();
            for (int i = 1; i < times; i++) {
                lines.add(panel.bounds().bottom() - back + i * 55 + 2.5);
            }
            best = Math.min(
                    best,
                    lines.stream().mapToDouble(y -> seen(y, panel, strips)).sum());
        }
        double chosen = seams.stream()
                .mapToDouble(s -> seen(s.line().bounds().centre().y(), panel, strips))
                .sum();
        assertThat(chosen).isLessThanOrEqualTo(best + 2);
        assertThat(seams.stream().mapToDouble(s -> s.seen().nanometres() / 1e6).sum())
                .isCloseTo(chosen, within(3.0));
    }

    /** Millimetres of a level line on the panel that no strip covers by 2 mm. */
    private static double seen(double y, Outline panel, List<Outline> strips) {
        int seen = 0;
        for (double x = panel.bounds().left() + 0.5; x < panel.bounds().right(); x++) {
            double at = x;
            boolean covered = strips.stream()
                    .map(Outline::bounds)
                    .anyMatch(b -> at > b.left() + 2 && at < b.right() - 2 && y > b.bottom() + 2 && y < b.top() - 2);
            seen += covered ? 0 : 1;
        }
        return seen;
    }
}
