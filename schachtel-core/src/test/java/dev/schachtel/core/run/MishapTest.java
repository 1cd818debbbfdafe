package dev.schachtel.core.run;

import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.material.Hazard;
import dev.schachtel.core.work.WorkKind;

import static org.assertj.core.api.Assertions.assertThat;

/** What a mishap adds and how long it makes the rest, on a small plan written out by hand. */
class MishapTest {
    private static final Instant NOW = Instant.parse("2026-11-26T14:00:00Z");

    private static RunStep step(String key, WorkKind kind, int hands, int rest, List<String> parts, String... after) {
        List<RunStep.Wait> waits =
                List.of(after).stream().map(RunStep.Wait::dry).toList();
        return new RunStep(key, key, kind, 1, 4, List.of(), hands, 0, rest, Hazard.NONE, parts, waits);
    }

    /** Four cards: trim panels and mats, stamp the panels (dries 10 min), glue the mat on (5 min), put it in the envelope. */
    private static final RunPlan PLAN = new RunPlan(
            List.of(
                    step("trim", WorkKind.TRIM, 400, 0, List.of("panel", "mat")),
                    step("stamp", WorkKind.STAMP, 800, 600, List.of("panel"), "trim"),
                    step("glue", WorkKind.ATTACH, 480, 300, List.of("mat", "panel"), "stamp"),
                    step("post", WorkKind.ENVELOPE, 240, 0, List.of(), "glue")),
            4,
            Map.of(),
            1,
            List.of());

    private final Map<String, RunStep> steps = new LinkedHashMap<>();
    private final Set<String> done = new HashSet<>();

    MishapTest() {
        PLAN.steps().forEach(s -> steps.put(s.key(), s));
    }

    private void wrong(String step, int card, boolean spare) {
        RunEvent event = new RunEvent("abcdefghij", NOW, "Oduya", RunEvent.Kind.WRONG, step, card, "");
        new Mishap(PLAN, steps, done).add(event, spare);
    }

    /** The stamp smears on card 2: its panel is trimmed again, and stamped alone; the others are three. */
    @Test
    void oneCardIsDoneAgainByItself() {
        done.add("trim");
        wrong("stamp", 2, false);
        assertThat(steps.keySet())
                .containsExactly("trim", "again abcdefgh trim", "stamp, card 2", "stamp", "glue", "post");
        RunStep trimmed = steps.get("again abcdefgh trim");
        assertThat(trimmed.hands()).isEqualTo(100);
        assertThat(trimmed.holds(2)).isTrue();
        assertThat(trimmed.cards()).isEqualTo(1);
        RunStep alone = steps.get("stamp, card 2");
        assertThat(alone.hands()).isEqualTo(200);
        assertThat(alone.waits()).extracting(RunStep.Wait::key).containsExactly("trim", "again abcdefgh trim");
        RunStep others = steps.get("stamp");
        assertThat(others.holds(2)).isFalse();
        assertThat(others.hands()).isEqualTo(600);
        assertThat(others.foremost()).isEqualTo(1);
        assertThat(steps.get("glue").waits()).extracting(RunStep.Wait::key).containsExactly("stamp", "stamp, card 2");
    }

    /** A spare panel is there: nothing is trimmed again. */
    @Test
    void aSpareSavesTheCutting() {
        done.add("trim");
        wrong("stamp", 2, true);
        assertThat(steps.keySet()).containsExactly("trim", "stamp, card 2", "stamp", "glue", "post");
    }

    /** Seen only after all four were stamped: this one card is stamped again, under the step's own name. */
    @Test
    void whatWasDoneIsDoneAgain() {
        done.addAll(List.of("trim", "stamp"));
        wrong("stamp", 3, false);
        assertThat(done).containsExactly("trim");
        assertThat(steps.keySet()).containsExactly("trim", "again abcdefgh trim", "stamp", "glue", "post");
        assertThat(steps.get("stamp").holds(3)).isTrue();
        assertThat(steps.get("stamp").cards()).isEqualTo(1);
        assertThat(steps.get("stamp").hands()).isEqualTo(200);
    }

    /** The mat tears when it is glued: only the mat is cut again, since the panel is another part. */
    @Test
    void onlyTheMainPartIsMadeAgain() {
        done.addAll(List.of("trim", "stamp"));
        wrong("glue", 4, false);
        assertThat(steps.keySet())
                .containsExactly("trim", "stamp", "again abcdefgh trim", "glue, card 4", "glue", "post");
    }

    @Test
    void whatIsAboutNothingChangesNothing() {
        wrong("post", 1, false);
        wrong("no such step", 1, false);
        assertThat(steps.keySet()).containsExactly("trim", "stamp", "glue", "post");
    }

    private static RunEvent done(String step, Instant at) {
        return new RunEvent("done " + step, at, "Oduya", RunEvent.Kind.DONE, step, 0, "");
    }

    /** Nothing done: 400 + 800 + 600 drying + 480 + 300 drying + 240 seconds. */
    @Test
    void allIsLeftAtFirst() {
        assertThat(RunState.of(PLAN, List.of()).left(NOW)).isEqualTo(Duration.ofSeconds(2_820));
    }

    /** Stamped four minutes ago: six more to dry, then 480 + 300 + 240. */
    @Test
    void whatDriesAlreadyCounts() {
        Instant before = NOW.minusSeconds(240);
        RunState state = RunState.of(PLAN, List.of(done("trim", before), done("stamp", before)));
        assertThat(state.left(NOW)).isEqualTo(Duration.ofSeconds(360 + 1_020));
        assertThat(state.left(NOW.plusSeconds(360))).isEqualTo(Duration.ofSeconds(1_020));
    }

    /** The smeared card costs its trimming and stamping while the others dry: 100 + 200 + 600 + 600 drying, then on. */
    @Test
    void aMishapMakesTheRestLonger() {
        RunEvent smeared = new RunEvent("abcdefghij", NOW, "Oduya", RunEvent.Kind.WRONG, "stamp", 2, "");
        RunState state = RunState.of(PLAN, List.of(done("trim", NOW), smeared));
        Duration before = RunState.of(PLAN, List.of(done("trim", NOW))).left(NOW);
        assertThat(before).isEqualTo(Duration.ofSeconds(2_420));
        assertThat(state.left(NOW)).isEqualTo(Duration.ofSeconds(100 + 200 + 600 + 600 + 1_020));
    }
}
