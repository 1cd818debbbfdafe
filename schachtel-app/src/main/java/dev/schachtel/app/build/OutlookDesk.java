package dev.schachtel.app.build;

import java.time.Duration;
import java.time.LocalDate;
import java.util.Optional;

import org.springframework.stereotype.Component;

import dev.schachtel.app.planning.MakersPace;
import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.words.Times;
import dev.schachtel.core.learning.Outlook;
import dev.schachtel.core.learning.Pace;
import dev.schachtel.core.plan.DateLine;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.run.Outlooks;

/** How long a plan takes as a distribution, by what was timed so far; a day is kept with a chance. */
@Component
public class OutlookDesk {
    /** Hours at the bench a day. */
    private static final int DAY = 8;

    private final MakersPace makers;
    private final Plans plans;

    OutlookDesk(MakersPace makers, Plans plans) {
        this.makers = makers;
        this.plans = plans;
    }

    /** By the pace of the one who timed most; by the book while nobody timed anything. */
    public String range(Plan plan) {
        Pace pace = makers.of("");
        Outlook outlook = Outlooks.of(plan.assembly(), pace::of);
        String by = pace.timed().isEmpty() ? "By the book " : "By what you timed ";
        return by + time(outlook.within(0.5)) + " as likely as not, nine times in ten within "
                + time(outlook.within(0.9)) + ".";
    }

    /** The chance of being ready in time when it is begun today, if a day is set. */
    public Optional<String> inTime(Plan plan) {
        return plans.dates(plan).map(dates -> {
            Outlook outlook = Outlooks.of(plan.assembly(), makers.of("")::of);
            int hundred = (int) Math.floor(100 * outlook.chance(seconds(dates)));
            return "Begun today, with " + DAY + " hours a day, it is ready in time "
                    + (hundred >= 99 ? "almost surely." : hundred < 1 ? "hardly ever." : hundred + " times in 100.");
        });
    }

    private static double seconds(DateLine dates) {
        LocalDate today = dates.today();
        long days = Math.max(0, dates.due().toEpochDay() - today.toEpochDay() + 1);
        return Duration.ofHours(DAY * days).toSeconds();
    }

    private static String time(double seconds) {
        return Times.of(Duration.ofSeconds(Math.round(seconds)));
    }
}
