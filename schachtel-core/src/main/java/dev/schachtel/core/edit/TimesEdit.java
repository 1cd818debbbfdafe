package dev.schachtel.core.edit;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.house.WorkTime;
import dev.schachtel.core.model.RefusedException;

/** Changes to how long kinds of work take this maker, by text as it is typed: seconds from 0 to 36 000. */
public final class TimesEdit {
    private static final int MOST = 36_000;

    private TimesEdit() {}

    /**
     * Sets {@code setUp} or {@code each} of a kind of work; what is left as it was stays as usual.
     *
     * @param usual the times that hold as long as nothing else was said
     * @throws RefusedException with what was typed and what is allowed
     */
    public static List<WorkTime> set(List<WorkTime> times, WorkTime usual, String component, String text) {
        String typed = text.strip();
        if (!typed.matches("\\d{1,5}") || Integer.parseInt(typed) > MOST) {
            throw new RefusedException("'" + typed + "'", "must be a whole number of seconds from 0 to " + MOST);
        }
        int seconds = Integer.parseInt(typed);
        WorkTime now = times.stream()
                .filter(t -> t.work().equals(usual.work()))
                .findFirst()
                .orElse(usual);
        WorkTime changed =
                switch (component) {
                    case "setUp" -> new WorkTime(now.work(), seconds, now.each());
                    case "each" -> new WorkTime(now.work(), now.setUp(), seconds);
                    default -> throw new RefusedException(component, "is no time of a kind of work");
                };
        List<WorkTime> all = new ArrayList<>(times);
        all.removeIf(t -> t.work().equals(usual.work()));
        if (!changed.equals(usual)) {
            all.add(changed);
        }
        return all;
    }
}
