package dev.schachtel.core.practice;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.plan.Planner;

import static org.assertj.core.api.Assertions.assertThat;

/** Cards with one fault: each has that one and no other, differs from a sound card in one thing, and is mended by undoing it. */
class FaultsTest {
    private static final List<CardSpec> DEMO = TestCards.files().stream()
            .filter(f -> !f.startsWith("bad/"))
            .map(f -> TestCards.whole(f).spec())
            .toList();
    private static final Faults FAULTS = new Faults(DEMO, TestCards.WORKSHOP);
    private static final Map<Mistake, Optional<Exercise>> MADE = new EnumMap<>(Mistake.class);

    @BeforeAll
    static void make() {
        MADE.putAll(Arrays.stream(Mistake.values())
                .parallel()
                .collect(Collectors.toMap(m -> m, m -> FAULTS.make(m, seed(m)))));
    }

    /** Seeds that need few tries; any others do as well, later. */
    private static long seed(Mistake mistake) {
        return switch (mistake) {
            case LOCKS, STAYS_OPEN -> 0;
            case FOAM_SEEN, TOO_LARGE_TO_POST -> 1;
            case FILM_STICKS_OUT, NOT_TO_WRITE_ON, WINDOW_COVERED -> 2;
            case RUNS_INTO -> 3;
            case DAM_GAPES, FALLS_BACK, SLIPS_DOWN, SLIPS_OUT -> 4;
            case LIES_ACROSS, TILTS -> 5;
            case REACHES_OUT -> 6;
            case FILM_COMES_OFF, NOT_TO_READ, TEARS_AT_EDGE -> 7;
            case TOO_SHALLOW -> 8;
            case EDGE_IN_WINDOW, TEARS_BETWEEN -> 9;
        };
    }

    private static Set<String> troubles(CardSpec card) {
        return Planner.plan(CardFile.read(CardFile.write(card), TestCards.WORKSHOP), TestCards.WORKSHOP)
                .findings()
                .all()
                .stream()
                .filter(f ->
                        f.severity() == Severity.MEND || Mistake.of(f.rule()).isPresent())
                .filter(f -> f.severity() != Severity.WORKS)
                .map(Finding::key)
                .collect(Collectors.toSet());
    }

    /** Judged by a whole plan of the card as its file gives it. */
    @Test
    void eachKindIsMadeAndIsAlone() {
        assertThat(EnumSet.allOf(Mistake.class)).hasSizeGreaterThanOrEqualTo(12);
        MADE.forEach((mistake, made) -> {
            Exercise e = made.orElseThrow(() -> new AssertionError("no card with " + mistake));
            assertThat(e.finding().rule()).isEqualTo(mistake.rule());
            assertThat(troubles(e.card()))
                    .as(mistake + " by " + e.made())
                    .containsExactly(e.finding().key());
            CardSpec undone = CardEdit.of(e.card())
                    .set(e.undone().piece(), e.undone().component(), e.undone().value());
            assertThat(troubles(undone)).as(mistake.name()).isEmpty();
        });
    }

    /** One number, choice or material of one piece of one demo card; pieces that followed it along are no second change. */
    @Test
    void oneThingIsChanged() {
        MADE.values().stream().flatMap(Optional::stream).forEach(e -> {
            CardSpec sound = DEMO.stream()
                    .filter(d -> d.name().equals(e.card().name()))
                    .findFirst()
                    .orElseThrow();
            Piece before = sound.piece(e.made().piece()).orElseThrow();
            Piece after = e.card().piece(e.made().piece()).orElseThrow();
            List<String> changed = RecordType.of(before.getClass()).components().stream()
                    .filter(c -> !RecordType.of(before.getClass())
                            .get(before, c)
                            .equals(RecordType.of(after.getClass()).get(after, c)))
                    .map(RecordType.Component::name)
                    .toList();
            assertThat(changed).containsExactly(e.made().component().split("\\.")[0]);
            assertThat(e.card().pieces().map(Piece::id).toList())
                    .isEqualTo(sound.pieces().map(Piece::id).toList());
            assertThat(e.card().brief()).isEqualTo(sound.brief());
        });
    }

    @Test
    void theSameSeedGivesTheSame() {
        Exercise first = MADE.get(Mistake.FALLS_BACK).orElseThrow();
        Exercise again = new Faults(DEMO, TestCards.WORKSHOP)
                .make(Mistake.FALLS_BACK, seed(Mistake.FALLS_BACK))
                .orElseThrow();
        assertThat(again.card()).isEqualTo(first.card());
        assertThat(again.made()).isEqualTo(first.made());
    }

    /** Cards that have a fault of their own are never used, and from none no exercise is made. */
    @Test
    void onlySoundCardsAreUsed() {
        CardSpec leaking = TestCards.whole("bad/leaking-dam.json").spec();
        assertThat(new Faults(List.of(leaking), TestCards.WORKSHOP).make(Mistake.FILM_COMES_OFF, 0))
                .isEmpty();
    }

    /** Place and outcome are judged each by itself. */
    @Test
    void answersAreJudged() {
        Exercise e = MADE.get(Mistake.DAM_GAPES).orElseThrow();
        assertThat(verdict(e, "shaker", Outcome.LEAKS).right()).isTrue();
        assertThat(verdict(e, "liner", Outcome.LEAKS)).isEqualTo(new Exercise.Verdict(false, true));
        assertThat(verdict(e, "shaker", Outcome.JAMS)).isEqualTo(new Exercise.Verdict(true, false));
        assertThat(e.judge(new Exercise.Answer(Optional.empty(), Optional.empty()))
                        .right())
                .isFalse();
    }

    private static Exercise.Verdict verdict(Exercise e, String piece, Outcome outcome) {
        return e.judge(new Exercise.Answer(Optional.of(new Id(piece)), Optional.of(outcome)));
    }
}
