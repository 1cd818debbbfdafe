package dev.schachtel.core.log;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;

import dev.schachtel.core.tolerance.Enough;

/**
 * How often a kind of work went wrong, and how many of what goes through it are enough. Each kind has the prior of all: one in
 * twenty, worth twenty pieces ({@link Enough}).
 *
 * @param work the id of its kind
 * @param made cards that went through it
 * @param wrong mishaps at it
 * @param make pieces that are enough nineteen times in twenty
 */
public record Risk(String work, int made, int wrong, int make) {
    /** Of these kinds of work those for which more must be made than for work in general, the riskiest first. */
    public static List<Risk> of(List<LogEntry> builds, Collection<String> works, int cards) {
        int usual = Enough.toMake(cards, Enough.good(0, 0));
        return works.stream()
                .distinct()
                .map(w -> of(builds, w, cards))
                .filter(r -> r.wrong > 0 && r.make > usual)
                .sorted(Comparator.comparing(Risk::make).reversed().thenComparing(Risk::work))
                .toList();
    }

    private static Risk of(List<LogEntry> builds, String work, int cards) {
        int made = builds.stream()
                .filter(b -> b.steps().stream().anyMatch(s -> s.work().equals(work)))
                .mapToInt(b -> b.made() + b.spoiled())
                .sum();
        int wrong = (int) builds.stream()
                .flatMap(b -> b.mishaps().stream())
                .filter(m -> m.work().equals(work))
                .count();
        double good = Enough.good(Math.max(made, wrong), wrong);
        return new Risk(work, made, wrong, Enough.toMake(cards, good));
    }
}
