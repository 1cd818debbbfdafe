package dev.schachtel.core.practice;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.drawing.Mark;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.practice.Repetition.Look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** When mistakes come back, and what guesses of sizes say of who guesses. */
class RepetitionTest {
    private static final Instant START = Instant.parse("2026-11-28T18:00:00Z");

    private static Instant day(double days) {
        return START.plus(Duration.ofMinutes(Math.round(days * 1440)));
    }

    /** Seen: after 1, 3, 7, 16, 35 days; missed: at once, and from the beginning. */
    @Test
    void whilesGrowUntilItIsMissed() {
        List<Look> looks = new ArrayList<>();
        int[] after = {1, 3, 7, 16, 35, 35};
        Instant at = START;
        for (int days : after) {
            looks.add(new Look(Mistake.LOCKS, true, at));
            at = at.plus(Duration.ofDays(days));
            assertThat(standing(looks).due()).isEqualTo(at);
        }
        assertThat(standing(looks).known()).isTrue();
        looks.add(new Look(Mistake.LOCKS, false, at));
        assertThat(standing(looks).due()).isEqualTo(at);
        assertThat(standing(looks).known()).isFalse();
        assertThat(standing(looks).looks()).isEqualTo(7);
    }

    private static Repetition.Standing standing(List<Look> looks) {
        return Repetition.of(looks).standings().get(0);
    }

    /** First what goes wrong at the bench, then everything once; what was missed comes back, though never twice running. */
    @Test
    void whatGoesWrongComesFirst() {
        Repetition none = Repetition.of(List.of());
        for (int seed = 0; seed < 20; seed++) {
            assertThat(none.next(START, m -> m == Mistake.DAM_GAPES ? 2 : 0, new Random(seed)))
                    .isEqualTo(Mistake.DAM_GAPES);
        }
        List<Look> looks = new ArrayList<>(List.of(new Look(Mistake.LOCKS, false, START)));
        looks.add(new Look(Mistake.TILTS, true, day(0.001)));
        assertThat(Repetition.of(looks).next(day(0.002), m -> 0, new Random(1))).isEqualTo(Mistake.LOCKS);
        looks.add(new Look(Mistake.LOCKS, false, day(0.003)));
        assertThat(Repetition.of(looks).next(day(0.004), m -> 0, new Random(1))).isNotIn(Mistake.LOCKS, Mistake.TILTS);
    }

    /** Whoever sees half of all, on any days: every kind is met, none twice running, and those missed most come most often. */
    @Property(tries = 60)
    void everyKindIsMet(@ForAll int seed) {
        Random random = new Random(seed);
        List<Look> looks = new ArrayList<>();
        Map<Mistake, Integer> met = new EnumMap<>(Mistake.class);
        Set<Mistake> hard = EnumSet.of(Mistake.LOCKS, Mistake.FOAM_SEEN, Mistake.STAYS_OPEN);
        double days = 0;
        Mistake before = null;
        for (int i = 0; i < 120; i++) {
            days += random.nextInt(4) == 0 ? random.nextDouble() * 3 : 0.001;
            Mistake next = Repetition.of(looks).next(day(days), m -> 0, random);
            assertThat(next).isNotEqualTo(before);
            met.merge(next, 1, Integer::sum);
            looks.add(new Look(next, !hard.contains(next), day(days)));
            before = next;
        }
        assertThat(met).hasSize(Mistake.values().length);
        double easy = met.entrySet().stream()
                .filter(e -> !hard.contains(e.getKey()))
                .mapToInt(Map.Entry::getValue)
                .average()
                .orElse(0);
        assertThat(hard).allSatisfy(m -> assertThat(met.get(m)).isGreaterThan((int) easy));
    }

    /** The figure is taken out, and it is what lies between the ends of the line. */
    @Test
    void sizesAreAskedWithoutTheirFigure() {
        Sizes sizes = new Sizes(
                List.of(
                        TestCards.of("upper-station.json").spec(),
                        TestCards.of("timetable.json").spec()),
                TestCards.WORKSHOP);
        for (int seed = 0; seed < 40; seed++) {
            Sizes.Guess guess = sizes.of(seed);
            List<Mark.Dimension> asked = guess.scene().marks().stream()
                    .filter(m -> m instanceof Mark.Dimension d
                            && d.words().runs().toString().contains("?"))
                    .map(m -> (Mark.Dimension) m)
                    .toList();
            assertThat(asked).hasSize(1);
            Mark.Dimension d = asked.get(0);
            double long1 = Math.abs(d.from().x() - d.to().x());
            double long2 = Math.abs(d.from().y() - d.to().y());
            assertThat(guess.size().nanometres() / 1e6).isCloseTo(Math.max(long1, long2), within(0.6));
            assertThat(guess.scene().marks().toString()).doesNotContain("Label[");
            assertThat(sizes.of(seed).size()).isEqualTo(guess.size());
        }
    }

    /** Who guesses a fifth too small is told so, and what is no size is refused. */
    @Test
    void aBiasIsLearned() {
        List<Sizes.Guessed> guesses = new ArrayList<>();
        for (int mm = 10; mm < 40; mm++) {
            guesses.add(new Sizes.Guessed(Length.ofMillimetres(mm), Length.ofMicrometres(mm * 800)));
        }
        assertThat(Sizes.bias(guesses).median()).isCloseTo(0.8, within(0.02));
        Sizes.Guess guess = new Sizes(List.of(TestCards.of("timetable.json").spec()), TestCards.WORKSHOP).of(1);
        assertThat(Sizes.guessed(guess, "25 mm").said()).isEqualTo(Length.ofMillimetres(25));
        assertThatThrownBy(() -> Sizes.guessed(guess, "2 km")).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> Sizes.guessed(guess, "3 m")).hasMessageContaining("no size of anything");
        assertThatThrownBy(() -> Sizes.guessed(guess, "0")).isInstanceOf(RefusedException.class);
    }
}
