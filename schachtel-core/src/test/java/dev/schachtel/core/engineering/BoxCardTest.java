package dev.schachtel.core.engineering;

import java.util.List;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.assembly.Rehearsal;
import dev.schachtel.core.assembly.Step;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Flat;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.BoxCard;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Motif;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.motion.Space;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.pose.Linkage;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.work.WorkKind;

import static dev.schachtel.core.engineering.Worked.mm;
import static dev.schachtel.core.engineering.Worked.part;
import static dev.schachtel.core.engineering.Worked.size;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Four walls that fold flat with rows between them, against plain geometry. */
class BoxCardTest {
    private static TestCards box() {
        return TestCards.empty("{\"kind\": \"box-card\"}");
    }

    /** Front 80, deep 50, walls 70, flaps 45, tab 10: halves 140 x 115, shut 130 x 115; strips 100 x 40, 12.5 apart. */
    @Test
    void itsSizes() {
        Build build = box().build();
        assertThat(part(build, "base", "").form().width()).isEqualTo(mm("140 mm"));
        assertThat(part(build, "base", "second-half").form().height()).isEqualTo(mm("115 mm"));
        assertThat(part(build, "base", "row-2").form().width()).isEqualTo(mm("100 mm"));
        assertThat(size(build, "base", "From row to row")).isEqualTo(mm("12.5 mm"));
        assertThat(build.mechanics().flats()).extracting(Flat::width).containsExactly(mm("130 mm"));
        assertThat(build.folds().stream().filter(f -> f.part().which().isEmpty()))
                .extracting(f -> f.from().x() + " " + f.to().x() + " " + f.crease())
                .containsExactly("10.0 10.0 MOUNTAIN", "60.0 60.0 MOUNTAIN", "10.0 60.0 VALLEY", "60.0 140.0 VALLEY");
    }

    /** At any opening the walls are a parallelogram: the back keeps parallel to the front, and so does every row, so far behind it. */
    @ParameterizedTest
    @CsvSource({"80,50,3,white-300", "50,90,2,sky-216", "100,30,0,white-300", "60,60,5,ivory-120"})
    void allThatFacesTheFrontKeepsParallelToIt(int front, int deep, int rows, String rowCard) {
        Build build = box().set("base", "front", front + " mm")
                .set("base", "deep", deep + " mm")
                .set("base", "tab", "5 mm")
                .set("base", "rows", "" + rows)
                .set("base", "rowCard", rowCard)
                .build();
        Space space = new Space(build);
        for (int degrees = 0; degrees <= 90; degrees += 5) {
            Linkage.Pose pose = space.at(degrees / 90.0);
            assertThat(pose.closed()).as("%d°", degrees).isTrue();
            double turned = Math.toRadians(degrees);
            for (int panel : new int[] {1, 2}) {
                Vec side = pose.panels().get(panel).direction(new Vec(1, 0, 0));
                assertThat(side.x()).isCloseTo(Math.cos(turned), within(1e-6));
                assertThat(side.z()).isCloseTo(-Math.sin(turned), within(1e-6));
            }
            facing(pose, 3, deep, turned);
            for (int row = rows; row >= 1; row--) {
                facing(pose, 7 + rows - row, (double) deep * row / (rows + 1), turned);
            }
        }
    }

    /** Where a sheet that lies so far from the left when it is shut begins: so far along the left side. */
    private static void facing(Linkage.Pose pose, int panel, double along, double turned) {
        assertThat(pose.panels().get(panel).direction(new Vec(1, 0, 0)).x())
                .as("panel %d", panel)
                .isCloseTo(1, within(1e-6));
        Vec begins = pose.panels().get(panel).at(new Vec(along, 0, 0));
        assertThat(begins.x()).isCloseTo(along * Math.cos(turned), within(3.0));
        assertThat(begins.z()).isCloseTo(-along * Math.sin(turned), within(3.0));
    }

    /** Nothing goes through anything in the shut card: whatever covers something of another part lies above or below it. */
    @Test
    void shutAllLiesOnEachOther() {
        Build build = TestCards.whole("zigzag-station.json").build();
        List<Level> levels = build.levels();
        for (Level one : levels) {
            for (Level other : levels) {
                boolean apart =
                        !one.bottom().isBelow(other.top()) || !other.bottom().isBelow(one.top());
                boolean samePart = one.slab().part().equals(other.slab().part());
                if (!apart && !samePart) {
                    assertThat(covered(one, other))
                            .as(one.slab().id() + " and " + other.slab().id())
                            .isLessThan(0.01);
                }
            }
        }
    }

    private static double covered(Level one, Level other) {
        double shared = 0;
        for (Outline a : one.slab().footprints()) {
            for (Outline b : other.slab().footprints()) {
                shared += a.shared(b).squareMillimetres();
            }
        }
        return shared;
    }

    /** Pieces on all faces: each goes on before its place is shut in, and moves with its wall, flap or row. */
    @Test
    void everyFaceCarriesAndIsReached() {
        TestCards card = box().set("base", "rowUp", "20 mm");
        for (Id face : Stream.of(card.spec().base().faces(), card.spec().base().reverses())
                .flatMap(List::stream)
                .toList()) {
            card = put(card, face);
        }
        Plan plan = card.plan();
        assertThat(plan.findings().all())
                .filteredOn(f -> f.severity() == Severity.MEND)
                .isEmpty();
        assertThat(Rehearsal.of(plan.build(), plan.assembly())).isEmpty();
        List<Step> steps = plan.assembly().steps();
        int closed = number(steps, WorkKind.CLOSE_BOX);
        int folded = number(steps, WorkKind.FOLD_ON_ROWS);
        assertThat(closed).isGreaterThan(folded);
        for (Step step : steps) {
            String on = plan.spec()
                    .piece(step.op().owner())
                    .filter(Motif.class::isInstance)
                    .map(p -> ((Motif) p).on().value())
                    .orElse("");
            if (on.startsWith("row-") && step.op().joins().isPresent()) {
                assertThat(step.number()).as(on).isLessThan(folded);
            }
            if (on.equals("inside") && step.op().joins().isPresent()) {
                assertThat(step.number()).as(on).isLessThan(closed);
            }
        }
        assertThat(steps.stream().filter(s -> s.op().is(WorkKind.SET_ROW)))
                .extracting(s -> s.op().parts().get(0).which())
                .as("each row lies over those behind it")
                .containsExactly("row-3", "row-2", "row-1");
        moves(plan);
    }

    private static int number(List<Step> steps, WorkKind kind) {
        return steps.stream()
                .filter(s -> s.op().is(kind))
                .findFirst()
                .orElseThrow()
                .number();
    }

    private static void moves(Plan plan) {
        Space space = new Space(plan.build());
        List<String> panels = plan.build().mechanics().unfolding().panels().stream()
                .map(p -> p.name().replace(' ', '-'))
                .toList();
        for (Space.Body body : space.bodies()) {
            if (plan.spec().piece(body.level().slab().part().owner()).orElseThrow() instanceof Motif motif) {
                String name = motif.on().value().replace("inside", "back").replace("outside-back", "back");
                assertThat(panels.get(body.panel())).as(motif.on().value()).isEqualTo(name);
            }
        }
    }

    private static TestCards put(TestCards card, Id on) {
        String id = CardEdit.of(card.spec()).nextId("motif").value();
        Outline face = card.build().face(on).orElseThrow().outline();
        TestCards put = card.add("motif")
                .set(id, "on", on.value())
                .set(id, "shape", "circle")
                .set(id, "shape.diameter", "8 mm");
        return put.set(id, "across", face.centroid().x() + " mm")
                .set(id, "up", face.centroid().y() + " mm");
    }

    /** What stands out of a row above has nothing under it when the box is open: that the rows behind lie lower while it is shut doesn't tilt it. */
    @Test
    void whatStandsOutOfARowIsNotTilted() {
        TestCards card = box().add("motif")
                .set("motif", "on", "row-1")
                .set("motif", "shape", "circle")
                .set("motif", "shape.diameter", "30 mm")
                .set("motif", "across", "70 mm")
                .set("motif", "up", "65 mm");
        assertThat(card.plan().findings().all()).noneMatch(f -> f.rule() == RuleId.TILTS);
    }

    @Test
    void rowsOrTabsThatAreTooLargeAreMended() {
        for (String[] wrong : new String[][] {{"rowHeight", "60 mm"}, {"tab", "20 mm"}}) {
            TestCards card = box().set("base", wrong[0], wrong[1]);
            RuleId rule = wrong[0].equals("tab") ? RuleId.TAB_ROOM : RuleId.ROWS_ON_WALLS;
            var finding = card.plan().findings().all().stream()
                    .filter(f -> f.rule() == rule)
                    .findFirst()
                    .orElseThrow();
            assertThat(finding.remedies()).isNotEmpty();
            TestCards mended = new TestCards(finding.remedies().get(0).taken(card.spec()));
            assertThat(mended.plan().findings().all()).noneMatch(f -> f.rule() == rule);
            assertThat(mended.spec().base()).isInstanceOf(BoxCard.class);
        }
    }
}
