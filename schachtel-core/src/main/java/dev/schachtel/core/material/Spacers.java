package dev.schachtel.core.material;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.measure.Length;

/**
 * The fewest spacers that fill a height to 0.15 mm; of equally few, those that come nearest. Up to four are tried.
 *
 * <p>Example: 2.3 from 0.3, 1, 1.5, 2, 3: one 2 and one 0.3.
 */
public final class Spacers {
    /** What a height may lack or have too much: foam gives that. */
    public static final Length WITHIN = Length.ofMicrometres(150);
    /** Card gives way over a step of so much: one caliper, 0.4, and the glue above and under it. */
    public static final Length BENDS = Length.ofMicrometres(500);

    private static final int MOST = 4;

    private Spacers() {}

    /** Thickest first; empty when none of the stock fits. */
    public static List<Length> fewest(Length height, List<Length> stock) {
        for (int n = 1; n <= MOST; n++) {
            List<List<Length>> all = new ArrayList<>();
            choose(stock, n, List.of(), all);
            Optional<List<Length>> best = all.stream()
                    .filter(s -> !off(s, height).isAbove(WITHIN))
                    .min(Comparator.comparing(s -> off(s, height)));
            if (best.isPresent()) {
                return best.get().stream().sorted(Comparator.reverseOrder()).toList();
            }
        }
        return List.of();
    }

    private static Length off(List<Length> spacers, Length height) {
        return spacers.stream().reduce(Length.ZERO, Length::plus).minus(height).abs();
    }

    private static void choose(List<Length> from, int n, List<Length> taken, List<List<Length>> all) {
        if (n == 0) {
            all.add(taken);
            return;
        }
        for (int i = 0; i < from.size(); i++) {
            List<Length> more = new ArrayList<>(taken);
            more.add(from.get(i));
            choose(from.subList(i, from.size()), n - 1, more, all);
        }
    }
}
