package dev.schachtel.core.plan;

import java.time.LocalDate;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.files.WorkshopFile;

import static org.assertj.core.api.Assertions.assertThat;

class DateLineTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 12, 1);

    private static Plan plan(String due) {
        CardSpec spec = CardEdit.of(TestCards.upperStation().spec()).set(new Id("brief"), "due", due);
        return Planner.withoutRemedies(spec, WorkshopFile.standard());
    }

    /** Every day from the last to begin on is needed, and one day less would not do. */
    @Test
    void theLastDayToBeginLeavesJustEnoughDays() {
        Plan plan = plan("2026-12-12");
        DateLine line = DateLine.of(plan, TODAY).orElseThrow();
        long minutes = plan.assembly().total().toMinutes();
        long from = line.due().toEpochDay() - line.begin().toEpochDay() + 1;
        assertThat(from * 480).isGreaterThanOrEqualTo(minutes);
        assertThat((from - 1) * 480).isLessThan(minutes);
        assertThat(line.isLate()).isFalse();
        assertThat(line.share()).isBetween(0.5, 1.0);
    }

    @Test
    void whatIsWantedTodayAndTakesTwoDaysIsLate() {
        DateLine line = DateLine.of(plan("2026-12-01"), TODAY).orElseThrow();
        assertThat(line.days()).isGreaterThan(1);
        assertThat(line.isLate()).isTrue();
        assertThat(line.share()).isZero();
        assertThat(DateLine.of(plan(" "), TODAY)).isEmpty();
    }
}
