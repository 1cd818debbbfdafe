package dev.schachtel.core.drawing;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.assembly.Step;
import dev.schachtel.core.card.Element;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.work.WorkKind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

/** What is in the hands after each step. */
class AfterStepTest {
    static List<String> files() {
        return TestCards.files();
    }

    private static Set<String> owners(Scene scene) {
        Set<String> owners = new TreeSet<>();
        for (Mark mark : scene.marks()) {
            if (mark instanceof Mark.Area area) {
                area.of().map(Id::value).ifPresent(owners::add);
            }
        }
        return owners;
    }

    private static Optional<Scene> after(Plan plan, Step step) {
        return AfterStep.of(plan.build(), step.op(), plan.assembly().before(step));
    }

    /** A step that fixes something has a picture, which grows to the whole card by the last of them; any other has none. */
    @ParameterizedTest
    @MethodSource("files")
    void stepsThatFixHaveAPicture(String file) {
        Plan plan = TestCards.of(file).plan();
        for (Step step : plan.assembly().steps()) {
            Optional<Scene> scene = after(plan, step);
            assertThat(scene.isPresent()).isEqualTo(step.op().joins().isPresent());
            scene.ifPresent(s -> assertThat(s.marks()).isNotEmpty());
        }
    }

    /** The shaker's film is on the panel alone; when that is closed the base is there too. */
    @Test
    void onlyWhatHangsTogetherIsThere() {
        Plan plan = TestCards.upperStation().plan();
        Step film = first(plan, WorkKind.FIX_FILM);
        Step close = first(plan, WorkKind.CLOSE);
        assertThat(owners(after(plan, film).orElseThrow())).contains("panel").doesNotContain("base");
        assertThat(owners(after(plan, close).orElseThrow())).contains("panel", "base", "shaker");
    }

    /** What is stuck behind or inside is turned into sight; almost nothing that is fixed by itself stays hidden. */
    @ParameterizedTest
    @MethodSource("files")
    void whatIsNewIsInSight(String file) {
        Plan plan = TestCards.of(file).plan();
        int pieces = 0;
        int seen = 0;
        for (Step step : plan.assembly().steps()) {
            boolean piece =
                    plan.build().spec().find(step.op().owner(), Element.class).isPresent();
            Optional<Scene> scene = piece ? after(plan, step) : Optional.empty();
            if (scene.isPresent()) {
                pieces++;
                seen += InSight.of(scene.get(), step.op().owner()) > 4 ? 1 : 0;
            }
        }
        assertThat(seen).isGreaterThanOrEqualTo(pieces * 9 / 10);
    }

    /** A piece on the outside of the back is hidden from where one usually looks: the card is turned. */
    @Test
    void whatIsBehindIsTurnedIntoSight() {
        Plan plan = TestCards.upperStation()
                .add("motif")
                .set("motif", "on", "outside-back")
                .plan();
        Step step = plan.assembly().steps().stream()
                .filter(s ->
                        s.op().owner().equals(new Id("motif")) && s.op().joins().isPresent())
                .findFirst()
                .orElseThrow();
        double whole = plan.build().levels().stream()
                .filter(l -> l.slab().part().owner().equals(new Id("motif")))
                .mapToDouble(l -> l.slab().footprints().get(0).area().squareMillimetres())
                .max()
                .orElseThrow();
        assertThat(InSight.of(after(plan, step).orElseThrow(), new Id("motif"))).isGreaterThan(whole / 3);
    }

    private static Step first(Plan plan, WorkKind kind) {
        return plan.assembly().steps().stream()
                .filter(s -> s.op().is(kind))
                .findFirst()
                .orElseThrow();
    }

    /** What comes gets nearer from picture to picture, all else stays where it is, and the last is the picture after the step. */
    @ParameterizedTest
    @MethodSource("files")
    void whatIsNewComesToItsPlace(String file) {
        Plan plan = TestCards.of(file).plan();
        for (Step step : plan.assembly().steps()) {
            List<Scene> all =
                    AfterStep.goingIn(plan.build(), step.op(), plan.assembly().before(step));
            boolean comes = step.op().joins().isPresent() && !step.op().owner().equals(Id.BASE);
            assertThat(all.isEmpty()).as(step.op().id()).isNotEqualTo(comes);
            if (!comes) {
                continue;
            }
            Scene last = all.get(all.size() - 1);
            Scene done = after(plan, step).orElseThrow();
            assertThat(owners(last)).isEqualTo(owners(done));
            assertThat(drawn(last)).isCloseTo(drawn(done), withinPercentage(1));
            assertThat(all).allMatch(s -> s.extent().equals(last.extent()));
            Point ends = middle(last, step.op().owner());
            assertThat(areas(all.get(0), step.op().owner()))
                    .as(step.op().id())
                    .isNotEqualTo(areas(last, step.op().owner()));
            double before = Double.MAX_VALUE;
            for (Scene scene : all) {
                double left = middle(scene, step.op().owner()).distanceTo(ends);
                assertThat(left).as(step.op().id()).isLessThan(Math.max(before, 1e-9));
                before = left;
            }
        }
    }

    /** Square millimetres of all that is drawn, hidden parts too. */
    private static double drawn(Scene scene) {
        return scene.marks().stream()
                .filter(Mark.Area.class::isInstance)
                .map(Mark.Area.class::cast)
                .filter(a -> a.of().isPresent())
                .mapToDouble(a -> a.outline().area().squareMillimetres())
                .sum();
    }

    private static List<Outline> areas(Scene scene, Id owner) {
        return scene.marks().stream()
                .filter(Mark.Area.class::isInstance)
                .map(Mark.Area.class::cast)
                .filter(a -> a.of().filter(owner::equals).isPresent())
                .map(Mark.Area::outline)
                .toList();
    }

    /** Of the box round all that is drawn of a piece. */
    private static Point middle(Scene scene, Id owner) {
        return areas(scene, owner).stream()
                .map(Outline::bounds)
                .reduce(Box::union)
                .orElseThrow()
                .centre();
    }
}
