package dev.schachtel.core.files;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.assembly.Assembly;
import dev.schachtel.core.assembly.AssemblySearch;
import dev.schachtel.core.assembly.FoundOrder;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.cutting.CutPlanner;
import dev.schachtel.core.cutting.CutSearch;
import dev.schachtel.core.model.RefusedException;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** What looking longer found, written down, read again and gone on with. */
class FoundFileTest {
    private final Build build = TestCards.of("viaduct.json").build();

    @Test
    void plansAreTheSameAfterAnyPause() {
        CutSearch cuts = CutPlanner.search(build, TestCards.WORKSHOP);
        cuts.run(40);
        AssemblySearch order = Assembly.search(build, TestCards.WORKSHOP);
        order.run(200);
        order.run(200);
        FoundFile read = FoundFile.read(new FoundFile(cuts.found(), order.found()).write());
        assertThat(CutPlanner.search(build, TestCards.WORKSHOP, read.cuts()).plan())
                .isEqualTo(cuts.plan());
        AssemblySearch again = Assembly.search(build, TestCards.WORKSHOP, read.order());
        assertThat(again.plan()).isEqualTo(order.plan());
        again.run(300);
        assertThat(again.plan().total()).isLessThanOrEqualTo(order.plan().total());
    }

    @Test
    void anotherCardsOrderIsRefused() {
        FoundOrder found = Assembly.search(build, TestCards.WORKSHOP).found();
        Build other = TestCards.upperStation().build();
        assertThatThrownBy(() -> Assembly.search(other, TestCards.WORKSHOP, found))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void anOrderAgainstTheLinksIsRefused() {
        FoundOrder found = Assembly.search(build, TestCards.WORKSHOP).found();
        FoundOrder.Lots lots = found.tried().get(0);
        List<Integer> backwards = new java.util.ArrayList<>(lots.order());
        java.util.Collections.reverse(backwards);
        FoundOrder turned = new FoundOrder(List.of(new FoundOrder.Lots(lots.together(), backwards)));
        assertThatThrownBy(() -> Assembly.search(build, TestCards.WORKSHOP, turned))
                .hasMessageContaining("waits for");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "[]", "{\"schachtel\": 99}", "{\"schachtel\": 1, \"cuts\": 3}", "{\"schachtel\": 1,"})
    void nonsenseIsRefused(String text) {
        assertThatThrownBy(() -> FoundFile.read(text)).isInstanceOf(RefusedException.class);
    }
}
