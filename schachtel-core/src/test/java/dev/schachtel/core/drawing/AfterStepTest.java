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
import dev.schachtel.core.work.WorkKind;

import static org.assertj.core.api.Assertions.assertThat;

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
}
