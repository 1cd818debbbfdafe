package dev.schachtel.core.plan;

import java.time.Duration;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.edit.RefusedException;
import dev.schachtel.core.measure.Length;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class SchoolsTest {
    static List<TestCards> cards() {
        return List.of(
                TestCards.of("upper-station.json"),
                TestCards.of("viaduct.json"),
                TestCards.of("platform-sign.json"),
                TestCards.of("luggage-label.json"));
    }

    /** What an answer is said to cost is what the card really takes once it is taken, and then it is the maker's own. */
    @ParameterizedTest
    @MethodSource("cards")
    void everyAnswerCostsWhatItSays(TestCards card) {
        Plan now = card.plan();
        for (Schools.School school : Schools.of(now)) {
            assertThat(school.options()).filteredOn(Schools.Option::yours).hasSizeLessThanOrEqualTo(1);
            for (Schools.Option option : school.options()) {
                Schools.Taken taken = Schools.take(now.spec(), now.workshop(), school.question(), option.word());
                Plan then = Planner.plan(taken.spec(), taken.workshop());
                assertThat(then.assembly().total().minus(now.assembly().total()))
                        .as("%s %s", school.question(), option.word())
                        .isEqualTo(option.later());
                assertThat(then.build().thickness().minus(now.build().thickness()))
                        .isEqualTo(option.thicker());
                assertThat(Schools.of(then))
                        .filteredOn(s -> s.question().equals(school.question()))
                        .flatExtracting(Schools.School::options)
                        .filteredOn(Schools.Option::yours)
                        .extracting(Schools.Option::word)
                        .containsExactly(option.word());
            }
        }
    }

    /** Three millimetres of foam in place of two make the front thicker, laid flat it sits askew on its dam; gel dries for half an hour. */
    @Test
    void foamCostsMillimetresAndGelMinutes() {
        Plan plan = TestCards.upperStation().set("brief", "cards", "1").plan();
        Schools.Option gel = option(plan, "film", "gel");
        Schools.Option flat = option(plan, "height", "tape");
        assertThat(gel.later()).isPositive();
        assertThat(option(plan, "height", "foam-tape-3").thicker()).isGreaterThan(Length.ZERO);
        assertThat(flat.mends()).isPositive();
        assertThat(option(plan, "film", "tape").later()).isEqualTo(Duration.ZERO);
    }

    private static Schools.Option option(Plan plan, String question, String word) {
        return Schools.of(plan).stream()
                .filter(s -> s.question().equals(question))
                .flatMap(s -> s.options().stream())
                .filter(o -> o.word().equals(word))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatNobodyAsksIsRefused() {
        Plan plan = TestCards.upperStation().plan();
        assertThatThrownBy(() -> Schools.take(plan.spec(), plan.workshop(), "shades", "light-to-dark"))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("no answer to that");
        assertThatThrownBy(() -> Schools.take(plan.spec(), plan.workshop(), "film", "hope"))
                .isInstanceOf(RefusedException.class);
    }
}
