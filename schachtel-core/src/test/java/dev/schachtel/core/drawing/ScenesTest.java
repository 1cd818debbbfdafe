package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.assembly.Op;
import dev.schachtel.core.assembly.Step;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.cutting.MaterialPlan;
import dev.schachtel.core.cutting.SheetPlan;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Surfacing;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.work.Trait;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What is drawn is what was engineered, for every card of the demo. */
class ScenesTest {
    static List<String> files() {
        return TestCards.files();
    }

    private static Stream<Mark> all(Scene scene) {
        return scene.marks().stream()
                .flatMap(m -> m instanceof Mark.Moving moving ? moving.marks().stream() : Stream.of(m));
    }

    private static List<Outline> areas(Scene scene, Meaning edge) {
        return all(scene)
                .flatMap(m -> m instanceof Mark.Area a && a.edge() == edge ? Stream.of(a.outline()) : Stream.empty())
                .toList();
    }

    /** Every footprint of card that lies before the closing leaf, and no other, is an area with a cut or visible edge. */
    @ParameterizedTest
    @MethodSource("files")
    void theFrontShowsEachPieceOfCardWhereItLies(String file) {
        Build build = TestCards.whole(file).build();
        Scene scene = Views.FRONT.of(build, Id.BASE);
        List<Outline> drawn = all(scene)
                .flatMap(m -> m instanceof Mark.Area a
                                && a.fill() instanceof Fill.Made made
                                && made.material() instanceof Cardstock
                                && !isTucked(build, a.of().orElseThrow())
                        ? Stream.of(a.outline())
                        : Stream.empty())
                .toList();
        List<Outline> lies = build.levels().stream()
                .filter(l -> build.front()
                        .map(f -> l.bottom().compareTo(f.bottom()) >= 0)
                        .orElse(true))
                .filter(l -> build.part(l.slab().part()).orElseThrow().material() instanceof Cardstock)
                .filter(l -> !isTucked(build, l.slab().part().owner()))
                .flatMap(l -> l.slab().footprints().stream())
                .toList();
        assertThat(drawn).containsExactlyInAnyOrderElementsOf(lies);
        assertThat(areas(scene, Meaning.HIDDEN)).allSatisfy(hidden -> assertThat(build.levels())
                .anyMatch(l -> l.slab().footprints().contains(hidden)));
    }

    /** Of these only some is seen: the test of tucks measures how much. */
    private static boolean isTucked(Build build, Id piece) {
        return build.spec().tucks().stream().anyMatch(t -> t.piece().equals(piece));
    }

    /** Only what moves is drawn in groups that move, and each movement has its group. */
    @ParameterizedTest
    @MethodSource("files")
    void whatMovesIsDrawnApart(String file) {
        Build build = TestCards.whole(file).build();
        Set<Id> moving = Views.FRONT.of(build, Id.BASE).marks().stream()
                .flatMap(m -> m instanceof Mark.Moving g ? Stream.of(g.owner()) : Stream.empty())
                .collect(Collectors.toSet());
        Set<Id> seen = build.mechanics().motions().stream()
                .filter(m -> m.moving().stream()
                        .flatMap(s -> build.level(s).stream())
                        .anyMatch(l -> FrontLayers.before(build, l)))
                .map(m -> m.owner())
                .collect(Collectors.toSet());
        assertThat(moving).isEqualTo(seen);
    }

    /** Taken apart, every tier has a letter, which is that of a part in it; nothing sticks out of the picture. */
    @ParameterizedTest
    @MethodSource("files")
    void takenApartEveryTierHasItsLetter(String file) {
        Build build = TestCards.whole(file).build();
        Scene scene = Views.TAKEN_APART.of(build, Id.BASE);
        List<Mark.Letter> letters = all(scene)
                .flatMap(m -> m instanceof Mark.Letter l ? Stream.of(l) : Stream.empty())
                .toList();
        assertThat(letters).hasSize(Tiers.of(build).all().size());
        assertThat(letters).allSatisfy(l -> assertThat(l.letter())
                .isEqualTo(build.letters().get(l.part())));
        Box extent = scene.extent().grown(1e-6);
        areas(scene, Meaning.CUT).forEach(a -> corners(a.bounds())
                .forEach(p ->
                        assertThat(extent.holds(p)).as("%s in %s", p, extent).isTrue()));
    }

    private static List<Point> corners(Box box) {
        return List.of(new Point(box.left(), box.bottom()), new Point(box.right(), box.top()));
    }

    /** Parts laid out flat keep their size and don't touch. */
    @ParameterizedTest
    @MethodSource("files")
    void partsSideBySideKeepTheirSizeAndTheirDistance(String file) {
        Build build = TestCards.whole(file).build();
        List<PartId> ids = build.parts().stream().map(Part::id).toList();
        List<Outline> drawn = areas(new PartsView(build).scene(ids), Meaning.CUT);
        assertThat(drawn).hasSameSizeAs(ids);
        assertThat(drawn.stream().mapToDouble(o -> o.area().squareMillimetres()).sum())
                .isCloseTo(
                        build.parts().stream()
                                .mapToDouble(p -> p.outline().area().squareMillimetres())
                                .sum(),
                        org.assertj.core.data.Percentage.withPercentage(0.01));
        for (int i = 0; i < drawn.size(); i++) {
            for (int j = 0; j < i; j++) {
                assertThat(drawn.get(i).bounds().touches(drawn.get(j).bounds()))
                        .as("%s beside %s", ids.get(i), ids.get(j))
                        .isFalse();
            }
        }
    }

    /** A step shows parts of its own only. */
    @ParameterizedTest
    @MethodSource("files")
    void aStepShowsItsOwnParts(String file) {
        Plan plan = TestCards.whole(file).plan();
        for (Step step : plan.assembly().steps()) {
            Op op = step.op();
            Set<PartId> letters = all(StepView.of(
                            plan.build(), op, plan.assembly().before(step)))
                    .flatMap(m -> m instanceof Mark.Letter l ? Stream.of(l.part()) : Stream.empty())
                    .collect(Collectors.toSet());
            if (!op.parts().isEmpty()) {
                assertThat(op.parts()).as("%s", op.id()).containsAll(letters);
            }
        }
    }

    /** A step that draws pictures or stamps words shows all of them on the part, flat and true. */
    @ParameterizedTest
    @MethodSource("files")
    void whatIsDrawnOnAPartIsShown(String file) {
        Plan plan = TestCards.whole(file).plan();
        for (Step step : plan.assembly().steps()) {
            if (step.op().kind().has(Trait.FOLLOWS_EDGES)) {
                PartId part = step.op().parts().get(0);
                Scene scene =
                        StepView.of(plan.build(), step.op(), plan.assembly().before(step));
                long due = plan.build().art(part).stream()
                                .flatMap(a -> a.tints().stream())
                                .mapToLong(t -> t.areas().size())
                                .sum()
                        + plan.build().letterings().stream()
                                .filter(l -> l.part().equals(part))
                                .flatMap(l -> l.letters().stream())
                                .mapToLong(t -> t.areas().size())
                                .sum();
                assertThat(due).as(step.op().id()).isPositive();
                assertThat(areas(scene, Meaning.WORKED)).as(step.op().id()).hasSize((int) due);
            }
        }
    }

    /** Where a piece is laid: what the step adds is fresh, its two measures are those from the nearest edges of its ground. */
    @ParameterizedTest
    @MethodSource("files")
    void aPlacingStepMeasuresFromTheNearestEdges(String file) {
        Plan plan = TestCards.whole(file).plan();
        for (Step step : plan.assembly().steps()) {
            Op op = step.op();
            if (op.kind().has(Trait.PLACES)) {
                Scene scene = StepView.of(plan.build(), op, plan.assembly().before(step));
                Box ground = scene.extent();
                Box piece = plan.build()
                        .level(SlabId.of(op.parts().get(0)))
                        .orElseThrow()
                        .slab()
                        .footprints()
                        .get(0)
                        .bounds();
                double across = nearest(piece.left() - ground.left(), ground.right() - piece.right());
                double up = nearest(piece.bottom() - ground.bottom(), ground.top() - piece.top());
                List<Double> measured = scene.marks().stream()
                        .filter(Mark.Dimension.class::isInstance)
                        .map(m -> ((Mark.Dimension) m).from().distanceTo(((Mark.Dimension) m).to()))
                        .toList();
                assertThat(measured).as(op.id()).hasSizeLessThanOrEqualTo(2);
                assertThat(Stream.of(across, up).filter(d -> d >= 0))
                        .as(op.id())
                        .allMatch(d -> measured.stream().anyMatch(m -> Math.abs(m - d) < 1e-6));
                assertThat(areas(scene, Meaning.FRESH)).as(op.id()).isNotEmpty();
            }
        }
    }

    private static double nearest(double one, double other) {
        return one < 0 ? other : other < 0 ? one : Math.min(one, other);
    }

    /** The scene grows: each step shows what the one before it showed and laid on the same ground. */
    @Test
    void theSceneGrowsPieceByPiece() {
        Plan plan = TestCards.whole("turntable.json").plan();
        List<Integer> drawn = new ArrayList<>();
        for (Step step : plan.assembly().steps()) {
            boolean pictured = !step.op().parts().isEmpty()
                    && plan.build().art(step.op().parts().get(0)).isPresent();
            if (step.op().kind().has(Trait.PLACES) && pictured) {
                Scene scene =
                        StepView.of(plan.build(), step.op(), plan.assembly().before(step));
                drawn.add((int) scene.marks().stream()
                        .filter(m -> m instanceof Mark.Area a && a.edge() != Meaning.WORKED)
                        .flatMap(m -> ((Mark.Area) m).of().stream())
                        .distinct()
                        .count());
            }
        }
        assertThat(drawn).hasSize(12).isSorted().doesNotHaveDuplicates();
    }

    /** Foam is drawn from behind: as far from the right edge as it lies from the left on the card. */
    @Test
    void foamIsDrawnFromBehind() {
        Build build = TestCards.whole("turntable.json").build();
        PartId goat = new PartId(new Id("goat-1"), "");
        Scene scene = UndersideView.of(build, goat).orElseThrow();
        Box drawn = areas(scene, Meaning.CUT).get(0).bounds();
        Box piece = build.level(SlabId.of(goat)).orElseThrow().slab().bounds();
        List<Outline> foam = build.levels().stream()
                .filter(l -> l.slab().part().owner().equals(goat.owner()))
                .filter(l -> !l.slab().part().equals(goat))
                .flatMap(l -> l.slab().footprints().stream())
                .toList();
        List<Outline> shown = areas(scene, Meaning.FRESH);
        assertThat(shown).hasSameSizeAs(foam).isNotEmpty();
        assertThat(shown.get(0).bounds().left() - drawn.left())
                .isCloseTo(piece.right() - foam.get(0).bounds().right(), within(1e-6));
    }

    /** On a sheet as many blanks are drawn as were laid, each inside the sheet. */
    @ParameterizedTest
    @MethodSource("files")
    void aSheetShowsAllItsBlanks(String file) {
        Plan plan = TestCards.whole(file).plan();
        for (MaterialPlan material : plan.cutting().materials()) {
            for (SheetPlan sheet : material.sheets()) {
                Scene scene = SheetView.of(sheet);
                List<Outline> blanks = areas(scene, Meaning.CUT);
                assertThat(blanks).hasSameSizeAs(sheet.laid());
                Box whole = scene.extent().grown(1e-6);
                blanks.forEach(b -> corners(b.bounds())
                        .forEach(p -> assertThat(whole.holds(p)).isTrue()));
            }
        }
    }

    /** Four pieces of work on two parts: each is seen on its part, the second ink apart from the first; nowhere inside. */
    @Test
    void surfaceWorkIsSeenWhereItIsDone() {
        TestCards viaduct = TestCards.of("viaduct.json");
        Build build = viaduct.build();
        List<Mark.Area> worked = worked(build);
        for (Surface surface : build.surfaces()) {
            double done = surface.coats().stream()
                    .flatMap(c -> c.areas().stream())
                    .mapToDouble(a -> a.area().squareMillimetres())
                    .sum();
            double drawn = worked.stream()
                    .filter(a -> ((Fill.Worked) a.fill()).colour().equals(surface.colour()))
                    .mapToDouble(a -> a.outline().area().squareMillimetres())
                    .sum();
            boolean even = surface.technique().kind() == Surfacing.INK;
            assertThat(drawn).as("%s", surface.owner()).isCloseTo(even ? 0 : done, within(1.0));
        }
        assertThat(worked)
                .extracting(a -> ((Fill.Worked) a.fill()).kind() + " " + ((Fill.Worked) a.fill()).nth())
                .containsOnly("EMBOSS 0", "PASTE 0");
        assertThat(worked(viaduct.remove("stones").build()))
                .isNotEmpty()
                .noneMatch(a -> ((Fill.Worked) a.fill()).kind() == Surfacing.PASTE);

        TestCards inside = TestCards.upperStation().add("treatment").set("treatment", "on", "inside");
        assertThat(inside.build().surfaces()).hasSize(1);
        assertThat(worked(inside.build())).isEmpty();
        int pictures = BlendsTest.inked(TestCards.upperStation().build()).size();
        assertThat(BlendsTest.inked(inside.build())).hasSize(pictures);
        assertThat(BlendsTest.inked(inside.set("treatment", "on", "panel").build()))
                .hasSize(pictures + 1);
    }

    private static List<Mark.Area> worked(Build build) {
        return all(Views.FRONT.of(build, Id.BASE))
                .flatMap(m -> m instanceof Mark.Area a && a.fill() instanceof Fill.Worked
                        ? Stream.of(a)
                        : Stream.<Mark.Area>empty())
                .toList();
    }

    /** The trunk of the label is cut by a die of 32 x 22 mm that stitches 1.5 mm inside its edge. */
    @Test
    void aStitchingDieLeavesItsLine() {
        TestCards label = TestCards.of("luggage-label.json");
        Build build = label.build();
        List<Outline> lines = areas(Views.FRONT.of(build, Id.BASE), Meaning.STITCH);
        assertThat(lines).hasSize(1);
        Outline trunk = build.part(new PartId(new Id("trunk"), ""))
                .orElseThrow()
                .footprints()
                .get(0);
        assertThat(lines.get(0).bounds().width()).isEqualTo(29.0, org.assertj.core.data.Offset.offset(1e-6));
        assertThat(lines.get(0).bounds().height()).isEqualTo(19.0, org.assertj.core.data.Offset.offset(1e-6));
        assertThat(trunk.marginOf(lines.get(0)).length().nanometres())
                .isCloseTo(1_500_000L, org.assertj.core.data.Offset.offset(10_000L));

        Workshop plain = TestCards.WORKSHOP.with(TestCards.WORKSHOP.dies().stream()
                .filter(d -> d.stitched().isZero())
                .toList());
        Build unstitched = Engineering.engineer(label.spec(), plain);
        assertThat(areas(Views.FRONT.of(unstitched, Id.BASE), Meaning.STITCH)).isEmpty();
    }

    /** What a stitching die presses is no line to cut. */
    @Test
    void stitchesAreInNoCuttingFile() {
        Part trunk = TestCards.of("luggage-label.json")
                .build()
                .partsOf(new Id("trunk"))
                .get(0);
        assertThat(trunk.stitched().isPositive()).isTrue();
        assertThat(SheetView.of(trunk, List.of()).marks()).hasSize(1);
        assertThat(trunk.stitches(trunk.outline())).isPresent();
        assertThat(Optional.of(trunk.outline())).isNotEqualTo(trunk.stitches(trunk.outline()));
    }
}
