package dev.schachtel.app.build;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.app.RunningApp;
import dev.schachtel.app.frame.Frames;
import dev.schachtel.app.lessons.Lessons;
import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.words.Wording;
import dev.schachtel.core.assembly.Step;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.OrderWish;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.learning.Pace;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

/** What the Build station shows of a plan, without a server. */
class BuildDeskTest {
    private final Wording wording = new Wording();
    private final BuildDesk desk =
            new BuildDesk(mock(Frames.class), wording, new HouseDesk(wording), lessons(), outlook());

    /** Nobody timed anything yet. */
    private static OutlookDesk outlook() {
        return new OutlookDesk(maker -> Pace.of(List.of()), mock(Plans.class));
    }

    /** Nothing was learned yet. */
    private static Lessons lessons() {
        Lessons lessons = mock(Lessons.class);
        when(lessons.orders(any(), any(), any())).thenAnswer(asked -> asked.getArgument(0));
        return lessons;
    }

    static List<String> files() {
        return RunningApp.demoFiles();
    }

    @ParameterizedTest
    @MethodSource("files")
    void everyStepIsListedAndOpensWhole(String file) {
        CardSpec spec = RunningApp.demo(file);
        Plan plan = Planner.withoutRemedies(spec, WorkshopFile.standard());
        List<Step> steps = plan.assembly().steps();
        int open = steps.size() / 2 + 1;
        BuildView view = desk.view(
                new StoredCard(1, 1, 1, spec, false, false, Instant.EPOCH),
                plan,
                new Plans.HouseAnswers(List.of(), false),
                open);
        assertThat(view.steps())
                .extracting(BuildView.Line::number)
                .isEqualTo(IntStream.rangeClosed(1, steps.size()).boxed().toList());
        assertThat(view.steps())
                .filteredOn(BuildView.Line::open)
                .extracting(BuildView.Line::number)
                .containsExactly(open);
        for (int i = 0; i < steps.size(); i++) {
            BuildView.Line line = view.steps().get(i);
            Step step = steps.get(i);
            assertThat(line.care()).isEqualTo(!step.op().cautions().isEmpty());
            assertThat(line.letters().size() + line.more())
                    .as("letters shown and counted, %s", line.key())
                    .isEqualTo((int) step.op().parts().stream()
                            .filter(plan.build().letters()::containsKey)
                            .distinct()
                            .count());
            assertThat(line.window().first()).isLessThanOrEqualTo(line.number());
            assertThat(line.window().last()).isGreaterThanOrEqualTo(line.number());
        }
        assertThat(view.open().number()).isEqualTo(open);
        assertThat(view.open().waitsFor())
                .extracting(BuildView.Other::number)
                .isEqualTo(steps.get(open - 1).waitsFor());
        assertThat(view.open().ordersHtml()).isNotEmpty().noneMatch(o -> o.contains("{"));
        assertThat(view.needs().stream()
                        .flatMap(n -> Arrays.stream(n.steps().split(", ")))
                        .map(Integer::valueOf)
                        .sorted())
                .as("each step needs something, once")
                .isEqualTo(IntStream.rangeClosed(1, steps.size()).boxed().toList());
    }

    /** Steps are called by their titles, and what is asked in vain says what stands against it. */
    @Test
    void anOrderThatCantBeKeptIsToldInWords() {
        CardSpec spec =
                CardEdit.of(RunningApp.demo("upper-station.json")).wish(new OrderWish("close panel", "fill shaker"));
        CardSpec both = CardEdit.of(spec).wish(new OrderWish("fold base", "no-such-step"));
        Plan plan = Planner.withoutRemedies(both, WorkshopFile.standard());
        BuildView.House house = desk.view(
                        new StoredCard(1, 1, 1, both, false, false, Instant.EPOCH),
                        plan,
                        new Plans.HouseAnswers(List.of(), false),
                        1)
                .house();
        String asked = house.wishesHtml().get(0);
        assertThat(asked).isEqualTo("“Close: lay the front panel down” before “Fill the shaker”");
        assertThat(house.wishesHtml().get(1)).isEqualTo("One of the two steps is no longer in the plan.");
        assertThat(house.gaveWay()).singleElement().satisfies(g -> {
            assertThat(g.askedHtml()).isEqualTo(asked);
            assertThat(g.against()).containsExactly("Fill before you close: nothing gets in afterwards.");
        });
        assertThat(plan.findings().of(RuleId.ORDER_CONTRADICTS).all())
                .singleElement()
                .satisfies(f -> assertThat(wording.finding(f, plan.spec().units()))
                        .contains("“shaker” and “panel”")
                        .doesNotContain("close panel", "base"));
    }
}
