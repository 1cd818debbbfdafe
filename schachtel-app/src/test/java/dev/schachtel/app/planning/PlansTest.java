package dev.schachtel.app.planning;

import java.time.Clock;
import java.time.Duration;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

import dev.schachtel.app.RunningApp;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.learning.Pace;
import dev.schachtel.core.plan.Plan;

import static org.assertj.core.api.Assertions.assertThat;

/** What one server found by looking longer, every other one has, and a new one too. */
@ExtendWith(RunningApp.class)
class PlansTest {
    private final Workshops workshops;
    private final FoundPlans found;
    private final FoundRepository rows;

    PlansTest(RunningApp app) {
        this.workshops = app.bean(Workshops.class);
        this.found = app.bean(FoundPlans.class);
        this.rows = app.bean(FoundRepository.class);
    }

    private Plans server() {
        return new Plans(workshops, found, Clock.systemUTC(), maker -> Pace.of(List.of()));
    }

    private static CardSpec cards(int number) {
        return CardEdit.of(RunningApp.demo("viaduct.json")).set(new Id("brief"), "cards", Integer.toString(number));
    }

    @Test
    void whatWasFoundIsThereOnAnotherServer() {
        CardSpec spec = cards(11);
        Plans first = server();
        Plan at = first.of(spec);
        first.better(spec);
        first.better(spec);
        while (!first.improve(spec, Duration.ofMillis(300)).done()
                && first.improve(spec, Duration.ofMillis(300)).rounds() < 600) {
            assertThat(first.of(spec).cutting().sheets())
                    .isLessThanOrEqualTo(at.cutting().sheets());
        }
        Plan last = first.of(spec);
        assertThat(last.assembly()).isNotEqualTo(at.assembly());
        Plan other = server().of(spec);
        assertThat(other.assembly()).isEqualTo(last.assembly());
        assertThat(other.cutting().sheets()).isEqualTo(last.cutting().sheets());
    }

    @Test
    void whatCannotBeUsedIsLookedForAnew() {
        CardSpec spec = cards(5);
        found.change(spec, workshops.now(), f -> found.of(cards(11), workshops.now()));
        Plan plan = server().of(spec);
        assertThat(plan.assembly().steps()).isNotEmpty();
        String key = FoundPlans.key(spec, workshops.now());
        rows.save(new FoundEntity(key, "{nonsense", java.time.Instant.now()));
        assertThat(server().of(spec).cutting().sheets())
                .isEqualTo(plan.cutting().sheets());
    }

    @Test
    void whatNobodyImprovedForMonthsIsForgotten() {
        CardSpec old = cards(3);
        String key = FoundPlans.key(old, workshops.now());
        rows.save(new FoundEntity(key, "{}", java.time.Instant.now().minus(Duration.ofDays(91))));
        found.change(cards(4), workshops.now(), f -> f);
        assertThat(rows.existsById(key)).isFalse();
    }
}
