package dev.schachtel.core.engineering;

import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.assembly.Rehearsal;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Motif;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.check.Checks;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.motion.Movements;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.shape.Ring;

import static dev.schachtel.core.engineering.Worked.mm;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.entry;
import static org.assertj.core.api.Assertions.within;

/** Heights and spacers of scenes solved again on a raster of a quarter millimetre, by a geometry that is not ours. */
class TrueStackingTest {
    private static final double CELL = 0.25;
    private static final List<String> HELD = List.of("glue", "glue", "foam-tape-1", "foam-tape-2", "foam-squares-2");

    static IntStream seeds() {
        return IntStream.rangeClosed(1, 24);
    }

    /** An A6 card with pictures that lie on each other as they fall, flat and on foam. */
    private static Build random(Random random) {
        List<Picture> box = TestCards.WORKSHOP.pictures();
        CardSpec spec = TestCards.raised().spec();
        for (int i = 0; i < 7; i++) {
            Id id = CardEdit.of(spec).nextId("motif");
            Picture picture = box.get(random.nextInt(box.size()));
            double scale = 0.5 + random.nextDouble() * 0.7;
            spec = CardEdit.of(spec).add("motif");
            Opening.Pictured shape = new Opening.Pictured(
                    picture.id(),
                    Mm.length(Mm.of(picture.width()) * scale),
                    Mm.length(Mm.of(picture.height()) * scale));
            spec = CardEdit.of(spec).pictured(id, "shape", shape);
            spec = CardEdit.of(spec).set(id, "across", 25 + random.nextInt(55) + " mm");
            spec = CardEdit.of(spec).set(id, "up", 35 + random.nextInt(80) + " mm");
            spec = CardEdit.of(spec).set(id, "fixing", HELD.get(random.nextInt(HELD.size())));
        }
        return Engineering.engineer(spec, TestCards.WORKSHOP);
    }

    /** Which cells of the card an outline takes. */
    private static final class Raster {
        private final boolean[][] at = new boolean[1_000][1_000];
        private int count;
        private double x;
        private double y;

        Raster(Outline outline) {
            Path2D path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
            add(path, outline.outer());
            outline.holes().forEach(h -> add(path, h));
            Rectangle2D box = path.getBounds2D();
            for (int c = cell(box.getMinX()) - 1; c <= cell(box.getMaxX()); c++) {
                for (int r = cell(box.getMinY()) - 1; r <= cell(box.getMaxY()); r++) {
                    at[c][r] = path.contains(mm(c), mm(r));
                    if (at[c][r]) {
                        count++;
                        x += mm(c);
                        y += mm(r);
                    }
                }
            }
        }

        private static void add(Path2D path, Ring ring) {
            List<Point> points = ring.flattened();
            path.moveTo(points.get(0).x(), points.get(0).y());
            points.forEach(p -> path.lineTo(p.x(), p.y()));
            path.closePath();
        }

        private static double mm(int cell) {
            return (cell + 0.5) * CELL - 60;
        }

        private static int cell(double mm) {
            return (int) ((mm + 60) / CELL);
        }

        private boolean holds(double mmX, double mmY) {
            return at[cell(mmX)][cell(mmY)];
        }

        /** But for notches that are slimmer than half a millimetre. */
        boolean holds(Box box) {
            int all = 0;
            int held = 0;
            for (double px = box.left() + CELL / 2; px < box.right(); px += CELL) {
                for (double py = box.bottom() + CELL / 2; py < box.top(); py += CELL) {
                    all++;
                    held += holds(px, py) ? 1 : 0;
                }
            }
            return held >= 0.9 * all;
        }

        /** Its share of this piece, in percent. */
        double share(Raster under) {
            int both = 0;
            for (int c = 0; c < at.length; c++) {
                for (int r = 0; r < at.length; r++) {
                    both += at[c][r] && under.at[c][r] ? 1 : 0;
                }
            }
            return 100.0 * both / count;
        }

        boolean lieUnderTheMiddleOf(Raster piece) {
            return holds(piece.x / piece.count, piece.y / piece.count);
        }
    }

    private static Level level(Build build, Id owner) {
        return build.level(SlabId.of(new PartId(owner, ""))).orElseThrow();
    }

    private static List<Motif> motifs(Build build) {
        return build.spec().elements().stream()
                .filter(Motif.class::isInstance)
                .map(Motif.class::cast)
                .toList();
    }

    private static Map<Id, Raster> rasters(Build build) {
        Map<Id, Raster> all = new HashMap<>();
        all.put(
                new Id("panel"),
                new Raster(level(build, new Id("panel")).slab().footprints().get(0)));
        motifs(build)
                .forEach(m -> all.put(
                        m.id(),
                        new Raster(level(build, m.id()).slab().footprints().get(0))));
        return all;
    }

    /** Each lies on the highest thing that holds a tenth of it or its middle, what holds it between. */
    @ParameterizedTest
    @MethodSource("seeds")
    void heights(int seed) {
        Build build = random(new Random(seed));
        Map<Id, Raster> rasters = rasters(build);
        Map<Id, Double> tops = new HashMap<>();
        tops.put(new Id("panel"), Mm.of(level(build, new Id("panel")).top()));
        List<Id> earlier = new ArrayList<>(List.of(new Id("panel")));
        for (Motif motif : motifs(build)) {
            Raster own = rasters.get(motif.id());
            double under = tops.get(new Id("panel"));
            boolean sure = true;
            for (Id other : earlier) {
                double share = own.share(rasters.get(other));
                boolean middle = rasters.get(other).lieUnderTheMiddleOf(own);
                sure &= Math.abs(share - 10) > 0.5;
                under = share >= 10 || middle ? Math.max(under, tops.get(other)) : under;
            }
            Level level = level(build, motif.id());
            Material by =
                    TestCards.WORKSHOP.find(motif.fixing(), Material.class).orElseThrow();
            if (sure) {
                assertThat(Mm.of(level.bottom()))
                        .as("%s, seed %d", motif.id(), seed)
                        .isCloseTo(under + Mm.of(by.thickness()), within(0.001));
            }
            tops.put(motif.id(), Mm.of(level.top()));
            earlier.add(motif.id());
        }
    }

    /** Foam lies inside its piece, wholly on what its joint says, with nothing higher in the way, and fills the gap. */
    @ParameterizedTest
    @MethodSource("seeds")
    void spacers(int seed) {
        Build build = random(new Random(seed));
        Map<Id, Raster> rasters = rasters(build);
        for (Motif motif : motifs(build)) {
            Level piece = level(build, motif.id());
            List<Level> foams = build.levels().stream()
                    .filter(l -> l.slab().part().owner().equals(motif.id()))
                    .filter(l -> build.part(l.slab().part()).orElseThrow().material() instanceof Foam)
                    .toList();
            boolean raised = TestCards.WORKSHOP.find(motif.fixing(), Foam.class).isPresent();
            assertThat(foams.isEmpty() && raised)
                    .as("%s stands on nothing", motif.id())
                    .isFalse();
            for (Level foam : foams) {
                Part part = build.part(foam.slab().part()).orElseThrow();
                assertThat(Mm.of(foam.slab().thickness()))
                        .isCloseTo(Mm.of(part.material().thickness()), within(0.151));
                Joint joint = build.joints().stream()
                        .filter(j -> j.upper().equals(foam.slab().id()))
                        .findFirst()
                        .orElseThrow();
                Level under = build.level(joint.lower()).orElseThrow();
                assertThat(foam.bottom()).isEqualTo(under.top());
                assertThat(foam.top().isAbove(piece.bottom())).isFalse();
                boolean told = !Checks.check(build, Movements.of(build), TestCards.WORKSHOP)
                        .of(RuleId.FOAM_SEEN)
                        .about(motif.id())
                        .isEmpty();
                boolean sliver = part.form().width().isBelow(mm("2 mm"));
                assertThat(told).isEqualTo(sliver);
                for (Outline square : sliver ? List.<Outline>of() : foam.slab().footprints()) {
                    square(build, motif, square, under, piece, rasters);
                }
            }
        }
    }

    private static void square(
            Build build, Motif motif, Outline square, Level under, Level piece, Map<Id, Raster> rasters) {
        Box box = square.bounds();
        double inset = box.width() > 5 ? 3 : box.width() > 3.5 ? 2 : 0;
        assertThat(rasters.get(motif.id()).holds(box.grown(inset - CELL)))
                .as("a square of %s at %s is inside by %s", motif.id(), box.centre(), inset)
                .isTrue();
        if (!(build.part(under.slab().part()).orElseThrow().material() instanceof Foam)) {
            assertThat(rasters.get(under.slab().part().owner()).holds(box))
                    .as(
                            "a square of %s at %s is wholly over %s",
                            motif.id(), box, under.slab().id())
                    .isTrue();
            for (Motif other : motifs(build)) {
                Level between = level(build, other.id());
                boolean higher =
                        between.top().isAbove(under.top()) && !between.top().isAbove(piece.bottom());
                if (higher && !other.id().equals(motif.id())) {
                    assertThat(overlap(box, rasters.get(other.id())))
                            .as("a square of %s runs into %s", motif.id(), other.id())
                            .isFalse();
                }
            }
        }
    }

    private static boolean overlap(Box box, Raster raster) {
        for (double x = box.left() + CELL / 2; x < box.right(); x += CELL) {
            for (double y = box.bottom() + CELL / 2; y < box.top(); y += CELL) {
                if (raster.holds(x, y)) {
                    return true;
                }
            }
        }
        return false;
    }

    /**
     * Worked by hand: card of 0.38 and its glue of 0.05 lie under a third of a piece on foam of 2 mm. The gap is 2 over that
     * card and 2.43 over the panel, which one of 1.5 and one of 1 fill to 0.07.
     */
    @Test
    void aPieceHalfOverAnotherStandsLevel() {
        CardSpec spec = TestCards.raised().spec();
        for (String[] one : new String[][] {
            {"motif", "40 mm", "30 mm", "40 mm", "glue"}, {"motif-2", "60 mm", "60 mm", "30 mm", "foam-tape-2"}
        }) {
            Id id = new Id(one[0]);
            spec = CardEdit.of(spec).add("motif");
            spec = CardEdit.of(spec).set(id, "shape", "rectangle");
            spec = CardEdit.of(spec).set(id, "shape.width", one[1]);
            spec = CardEdit.of(spec).set(id, "shape.height", one[3]);
            spec = CardEdit.of(spec).set(id, "across", one[2]);
            spec = CardEdit.of(spec).set(id, "up", "70 mm");
            spec = CardEdit.of(spec).set(id, "card", "white-300");
            spec = CardEdit.of(spec).set(id, "fixing", one[4]);
        }
        Build build = Engineering.engineer(spec, TestCards.WORKSHOP);
        Length panel = level(build, new Id("panel")).top();
        assertThat(level(build, new Id("motif-2")).bottom().minus(panel)).isEqualTo(mm("2.43 mm"));
        Map<String, Length> filled = new TreeMap<>();
        build.levels().stream()
                .filter(l -> l.slab().part().owner().equals(new Id("motif-2")))
                .filter(l -> build.part(l.slab().part()).orElseThrow().material() instanceof Foam)
                .forEach(l -> filled.put(
                        build.part(l.slab().part()).orElseThrow().material().id() + " from "
                                + Units.thickness(l.bottom().minus(panel)),
                        l.slab().thickness()));
        assertThat(filled)
                .containsExactly(
                        entry("foam-tape-1 from 1.50", mm("0.93 mm")),
                        entry("foam-tape-15 from 0.00", mm("1.5 mm")),
                        entry("foam-tape-2 from 0.43", mm("2 mm")));
    }

    /**
     * Worked by hand: three layers of card of 0.38, each on glue of 0.05, lie under one end of a flat piece, whose other end is
     * 1.34 over the panel. No foam of 1 or 1.5 is within 0.15 of that; three scraps of its own card with glue, 0.43 each, are.
     * They are nobody's to buy, are cut and glued behind the piece before it goes down, and all else is as without them.
     */
    @Test
    void aLooseEndLiesOnScrapsOfItsOwnCard() {
        CardSpec spec = TestCards.raised()
                .add("sentiment")
                .set("sentiment", "width", "40 mm")
                .set("sentiment", "height", "20 mm")
                .set("sentiment", "across", "36 mm")
                .set("sentiment", "up", "60 mm")
                .set("sentiment", "shadows", "2")
                .add("motif")
                .set("motif", "shape", "rectangle")
                .set("motif", "shape.width", "50 mm")
                .set("motif", "shape.height", "14 mm")
                .set("motif", "across", "68 mm")
                .set("motif", "up", "60 mm")
                .set("motif", "card", "white-300")
                .set("motif", "fixing", "glue")
                .spec();
        Plan plan = Planner.plan(spec, TestCards.WORKSHOP);
        Build build = plan.build();
        Length panel = level(build, new Id("panel")).top();
        assertThat(level(build, new Id("motif")).bottom().minus(panel)).isEqualTo(mm("1.34 mm"));
        List<Part> scraps = build.parts().stream()
                .filter(p -> p.material() instanceof Foam f && !f.isStock())
                .toList();
        assertThat(scraps).hasSize(3).allMatch(p -> p.name().equals("Scrap of card"));
        assertThat(scraps.get(0).material().thickness()).isEqualTo(mm("0.43 mm"));
        Set<PartId> ids = scraps.stream().map(Part::id).collect(Collectors.toSet());
        Length sum = build.levels().stream()
                .filter(l -> ids.contains(l.slab().part()))
                .map(l -> l.slab().thickness())
                .reduce(Length.ZERO, Length::plus);
        assertThat(sum).isEqualTo(mm("1.34 mm"));
        assertThat(plan.cutting().demands())
                .noneMatch(d -> ids.contains(d.part().id()));
        assertThat(plan.findings().all())
                .filteredOn(f -> f.severity() != Severity.WORKS && f.owner().equals(new Id("motif")))
                .as("white on cream, and nothing else")
                .extracting(Finding::rule)
                .containsOnly(RuleId.RUNS_TOGETHER);
        Map<PartId, Integer> cut = new HashMap<>();
        Map<PartId, Integer> laid = new HashMap<>();
        plan.assembly().steps().forEach(s -> {
            s.op().effect().makes().forEach(p -> cut.put(p, s.number()));
            s.op().effect().laid().forEach(p -> laid.put(p, s.number()));
        });
        int down = laid.get(new PartId(new Id("motif"), ""));
        assertThat(ids).allMatch(id -> cut.get(id) < laid.get(id) && laid.get(id) < down);
        assertThat(Rehearsal.of(build, plan.assembly())).isEmpty();
    }
}
