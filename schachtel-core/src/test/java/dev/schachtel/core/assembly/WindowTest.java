package dev.schachtel.core.assembly;

import java.util.List;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.card.OrderWish;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.plan.Plan;

import static org.assertj.core.api.Assertions.assertThat;

/** The window that the rules leave a step: inside it a wish is kept, before it a wish gives way. */
class WindowTest {
    private static Plan wished(TestCards card, Step first, Step then) {
        return new TestCards(CardEdit.of(card.spec())
                        .wish(new OrderWish(first.op().id(), then.op().id())))
                .plan();
    }

    private static int place(Plan plan, Step step) {
        return plan.assembly().steps().stream()
                .filter(s -> s.op().id().equals(step.op().id()))
                .mapToInt(Step::number)
                .min()
                .orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(strings = {"upper-station.json", "viaduct.json", "carriage-windows.json", "platform-sign.json"})
    void wishesInsideTheWindowAreKept(String file) {
        TestCards card = TestCards.of(file);
        Plan plan = card.plan();
        List<Step> steps = plan.assembly().steps();
        int tried = 0;
        for (int i = 0; i < steps.size(); i += 3) {
            Step step = steps.get(i);
            BuildPlan.Window window = plan.assembly().window(step);
            assertThat(window.first()).isLessThanOrEqualTo(step.number());
            assertThat(window.last()).isGreaterThanOrEqualTo(step.number());
            if (window.first() < step.number()) {
                Step other = steps.get(window.first() - 1);
                Plan earlier = wished(card, step, other);
                assertThat(earlier.assembly().contradictions())
                        .as("%s before %s", step.key(), other.key())
                        .isEmpty();
                assertThat(place(earlier, step)).isLessThan(place(earlier, other));
                StepsRecheck.check(earlier.assembly(), earlier.build(), earlier.workshop());
                tried++;
            }
        }
        assertThat(tried).isPositive();
    }

    @ParameterizedTest
    @ValueSource(strings = {"upper-station.json", "viaduct.json", "carriage-windows.json", "platform-sign.json"})
    void aWishBeforeTheWindowGivesWayAndIsSaid(String file) {
        TestCards card = TestCards.of(file);
        Plan plan = card.plan();
        List<Step> steps = plan.assembly().steps();
        Step last = steps.get(steps.size() - 1);
        int first = plan.assembly().window(last).first();
        assertThat(first).isGreaterThan(1);
        Plan turned = wished(card, last, steps.get(first - 2));
        assertThat(turned.assembly().contradictions()).hasSize(1);
        assertThat(place(turned, last)).isEqualTo(steps.size());
    }
}
