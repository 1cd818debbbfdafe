package dev.schachtel.app.supplies;

import java.time.Instant;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.Mockito;

import dev.schachtel.app.RunningApp;
import dev.schachtel.app.planning.Later;
import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.store.CardService;
import dev.schachtel.app.store.Place;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.plan.Planner;

import static org.assertj.core.api.Assertions.assertThat;

/** What runs short is told of every card that can be planned, whatever becomes of the others, and each is planned once. */
@ExtendWith(RunningApp.class)
class ShortsTest {
    private static final CardSpec GOOD = RunningApp.demo("viaduct.json");
    private static final CardSpec BROKEN = RunningApp.demo("ticket.json");
    private final Workshop workshop;
    private final Later later;
    private final CardService cards = Mockito.mock(CardService.class);
    private final Plans plans = Mockito.mock(Plans.class);
    private final AtomicInteger planned = new AtomicInteger();

    ShortsTest(RunningApp app) {
        this.workshop = app.bean(Workshops.class).now();
        this.later = app.bean(Later.class);
    }

    private void has(long id, CardSpec spec) {
        Mockito.when(cards.load(id)).thenReturn(new StoredCard(id, 1, 1, spec, false, false, Instant.EPOCH));
    }

    private StockView.Shorts whole(Shorts shorts, Workshop in) {
        StockView.Shorts now = shorts.in(in);
        for (int i = 0; i < 500 && now.missing() > 0; i++) {
            now = shorts.in(in);
        }
        return now;
    }

    @Test
    void oneThatCannotBePlannedLeavesTheOthers() {
        has(1, GOOD);
        has(2, BROKEN);
        Mockito.when(cards.heads(Place.BENCH))
                .thenReturn(List.of(
                        new CardService.Head(1, 1, "Viaduct", "", Instant.EPOCH),
                        new CardService.Head(2, 1, "Ticket", "", Instant.EPOCH)));
        Mockito.when(plans.of(Mockito.any())).thenAnswer(call -> {
            CardSpec spec = call.getArgument(0);
            if (spec.equals(BROKEN)) {
                throw new IllegalStateException("it can't be planned");
            }
            planned.incrementAndGet();
            return Planner.withoutRemedies(spec, workshop);
        });
        Workshop empty =
                workshop.with(workshop.sheets().stream().map(s -> s.counted(0)).toList(), List.of(), workshop.tools());
        Shorts shorts = new Shorts(cards, plans, later);
        StockView.Shorts found = whole(shorts, empty);
        assertThat(found.missing()).isZero();
        assertThat(found.list()).isNotEmpty().allMatch(s -> s.words().contains("“" + GOOD.name() + "”"));
        assertThat(whole(shorts, empty)).isEqualTo(found);
        assertThat(planned).hasValue(1);
        whole(shorts, workshop);
        assertThat(planned).as("in another workshop anew").hasValue(2);
    }
}
