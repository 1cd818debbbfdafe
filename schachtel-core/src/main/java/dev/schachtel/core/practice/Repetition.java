package dev.schachtel.core.practice;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.ToIntFunction;
import java.util.stream.Stream;

/**
 * When each kind of fault comes back: at once after it was missed, and each time that it was seen after a longer while
 * ({@link #AFTER}). Seen {@value #KNOWN} times in a row it counts as known. The whiles are those that are usual for cards with
 * questions; each is about twice the one before.
 */
public final class Repetition {
    static final List<Duration> AFTER = List.of(
            Duration.ZERO,
            Duration.ofDays(1),
            Duration.ofDays(3),
            Duration.ofDays(7),
            Duration.ofDays(16),
            Duration.ofDays(35));
    /** So many times in a row. */
    public static final int KNOWN = 3;

    /** After so many that were met before comes a new one, however much was missed. */
    private static final int IN_A_ROW = 2;

    /** That a fault of some kind was looked for. */
    public record Look(Mistake mistake, boolean seen, Instant at) {}

    /**
     * How well one kind is known.
     *
     * @param row how many times it was seen since it was last missed
     */
    public record Standing(Mistake mistake, int looks, int row, Instant due) {
        public boolean known() {
            return row >= KNOWN;
        }
    }

    private final Map<Mistake, Standing> standings = new EnumMap<>(Mistake.class);
    private Optional<Mistake> last = Optional.empty();
    /** Looks since one was at something new. */
    private int old;

    /** From all looks of one maker, in any order. */
    public static Repetition of(List<Look> looks) {
        Repetition repetition = new Repetition();
        looks.stream().sorted(Comparator.comparing(Look::at)).forEach(repetition::add);
        return repetition;
    }

    private void add(Look look) {
        Standing before = standings.get(look.mistake());
        int looks = before == null ? 0 : before.looks();
        old = before == null ? 0 : old + 1;
        int row = look.seen() ? 1 + (before == null ? 0 : before.row()) : 0;
        Duration after = AFTER.get(Math.min(row, AFTER.size() - 1));
        standings.put(
                look.mistake(),
                new Standing(look.mistake(), looks + 1, row, look.at().plus(after)));
        last = Optional.of(look.mistake());
    }

    /** What was looked for, in the order of the kinds. */
    public List<Standing> standings() {
        return List.copyOf(standings.values());
    }

    /**
     * What to look for next: what is due, the longest first; else what was never looked for, where the maker goes wrong first; else what is
     * due soonest. Never the same twice running, and something new after two that were met before, as long as there is any.
     *
     * @param mishaps how often a maker went wrong where such faults are made
     */
    public Mistake next(Instant now, ToIntFunction<Mistake> mishaps, Random random) {
        Optional<Mistake> change = old >= IN_A_ROW ? fresh(mishaps, random) : Optional.empty();
        Optional<Mistake> due = candidates()
                .filter(s -> !s.due().isAfter(now))
                .min(Comparator.comparing(Standing::due))
                .map(Standing::mistake);
        return change.or(() -> due).or(() -> fresh(mishaps, random)).orElseGet(() -> candidates()
                .min(Comparator.comparing(Standing::due))
                .map(Standing::mistake)
                .orElse(Mistake.values()[0]));
    }

    /** All but what was looked for last. */
    private Stream<Standing> candidates() {
        return standings.values().stream().filter(s -> !last.equals(Optional.of(s.mistake())));
    }

    /** Of those never looked for, one of those at whose work most went wrong. */
    private Optional<Mistake> fresh(ToIntFunction<Mistake> mishaps, Random random) {
        List<Mistake> fresh = Stream.of(Mistake.values())
                .filter(k -> !standings.containsKey(k))
                .toList();
        int most = fresh.stream().mapToInt(mishaps).max().orElse(0);
        List<Mistake> first =
                fresh.stream().filter(k -> mishaps.applyAsInt(k) == most).toList();
        return first.isEmpty() ? Optional.empty() : Optional.of(first.get(random.nextInt(first.size())));
    }
}
