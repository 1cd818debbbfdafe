package dev.schachtel.core.plan;

import java.time.LocalDate;
import java.util.Optional;

/**
 * From today to the day a card is wanted for.
 *
 * @param begin the last day on which to begin, 8 hours a day counted; before today when it is too late
 * @param days how many days at the bench it takes, 1 or more
 */
public record DateLine(LocalDate today, LocalDate begin, LocalDate due, int days) {
    /** Empty if no day is set. */
    public static Optional<DateLine> of(Plan plan, LocalDate today) {
        return plan.spec().brief().due().map(due -> {
            int days = days(plan);
            return new DateLine(today, due.minusDays(days - 1L), due, days);
        });
    }

    /** Whole days of 8 hours that the work takes with its drying. */
    public static int days(Plan plan) {
        long minutes = plan.assembly().total().toMinutes();
        return (int) Math.max(1, (minutes + PlanChecks.BENCH_DAY - 1) / PlanChecks.BENCH_DAY);
    }

    public boolean isLate() {
        return begin.isBefore(today);
    }

    /** Where the last day to begin stands between today and the day it is wanted for: 0 to 1. */
    public double share() {
        double all = due.toEpochDay() - today.toEpochDay();
        double to = begin.toEpochDay() - today.toEpochDay();
        return all <= 0 ? 0 : Math.max(0, Math.min(1, to / all));
    }
}
