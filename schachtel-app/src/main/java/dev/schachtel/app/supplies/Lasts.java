package dev.schachtel.app.supplies;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;

import dev.schachtel.core.log.Supplies;

/** What runs out first if its maker builds on as the log says, in words. */
final class Lasts {
    private static final int SHOWN = 5;
    private static final int SOON = 14;
    private static final int A_YEAR = 365;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM", Locale.ENGLISH);

    private Lasts() {}

    /**
     * Something and how long it lasts.
     *
     * @param soon whether it may be gone within two weeks
     */
    record Line(String material, String name, String words, boolean soon) {}

    static List<Line> of(List<Supplies.Out> outs, LocalDate today) {
        return outs.stream()
                .filter(o -> o.lasting().likely() < A_YEAR)
                .limit(SHOWN)
                .map(o -> line(o, today))
                .toList();
    }

    private static Line line(Supplies.Out out, LocalDate today) {
        int builds = out.lasting().builds();
        String enough = builds == 0
                ? left(out) + ", less than a build takes as a rule."
                : left(out) + ", for " + (builds == 1 ? "one more build" : builds + " more builds") + ", "
                        + "likely until " + day(today, out.lasting().likely()) + ", nine times in ten until "
                        + day(today, out.lasting().soonest()) + ".";
        return new Line(
                out.material().value(),
                out.name(),
                enough,
                builds == 0 || out.lasting().soonest() < SOON);
    }

    private static String day(LocalDate today, double days) {
        LocalDate day = today.plusDays((long) days);
        return day.getYear() == today.getYear() ? DAY.format(day) : DAY.format(day) + " " + day.getYear();
    }

    private static String left(Supplies.Out out) {
        double left = out.left();
        return switch (out.of()) {
            case MILLIMETRES -> String.format(Locale.ROOT, "%.1f m left", left / 1000);
            case THOUSANDTHS -> String.format(Locale.ROOT, "%.0f %% of a full one left", left / 10);
            case SHEETS -> (int) left == 1 ? "1 sheet left" : (int) left + " sheets left";
            case OFFCUTS, BACK, PIECES -> (int) left + " left";
        };
    }
}
