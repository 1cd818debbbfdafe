package dev.schachtel.core.tolerance;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Fit;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.shape.Mm;

/**
 * A card built many times with dice. Same card, workshop, number and seed: same answer. O(builds x shares of all gauges).
 *
 * @param works how many cards work
 * @param looks how many work and also look as they were meant
 * @param even how many have all their borders even; empty if the card has none
 * @param fits every fit, in the card's own order
 */
public record Simulation(int builds, Odds works, Odds looks, Optional<Odds> even, List<Result> fits) {
    public static final int BUILDS = 2000;
    private static final long SEED = 50;

    public Simulation {
        fits = List.copyOf(fits);
    }

    /** One fit and how often it suits. */
    public record Result(Fit fit, Odds odds) {}

    /** As often as pages ask, with the dice that all pages share. */
    public static Simulation of(Build build, Workshop workshop) {
        return of(build, workshop, BUILDS, SEED);
    }

    public static Simulation of(Build build, Workshop workshop, int builds, long seed) {
        Dice dice = new Dice(build, workshop, builds, seed);
        boolean[] works = new boolean[builds];
        boolean[] looks = new boolean[builds];
        boolean[] even = new boolean[builds];
        Arrays.fill(works, true);
        Arrays.fill(looks, true);
        Arrays.fill(even, true);
        List<Result> results = new ArrayList<>();
        for (Fit fit : Fits.of(build, workshop)) {
            boolean[] suits = played(fit, dice, builds);
            results.add(new Result(fit, odds(suits)));
            and(looks, suits);
            if (fit.sort().works()) {
                and(works, suits);
            }
            if (fit.sort() == Fit.Sort.EVEN) {
                and(even, suits);
            }
        }
        boolean bordered = results.stream().anyMatch(r -> r.fit().sort() == Fit.Sort.EVEN);
        Optional<Odds> borders = bordered ? Optional.of(odds(even)) : Optional.empty();
        return new Simulation(builds, odds(works), odds(looks), borders, results);
    }

    /** Worst first: what spoils most cards. */
    public List<Result> worst() {
        return fits.stream()
                .sorted(Comparator.comparing((Result r) -> r.odds().share()))
                .toList();
    }

    private static boolean[] played(Fit fit, Dice dice, int builds) {
        boolean[] suits = new boolean[builds];
        Arrays.fill(suits, true);
        double[] smallest = new double[builds];
        double[] largest = new double[builds];
        Arrays.fill(smallest, Double.MAX_VALUE);
        Arrays.fill(largest, -Double.MAX_VALUE);
        for (Fit.Gauge gauge : fit.gauges()) {
            double[] got = measured(gauge, dice, builds);
            double least = Mm.of(gauge.least());
            double most = Mm.of(gauge.most());
            for (int i = 0; i < builds; i++) {
                suits[i] &= got[i] >= least && got[i] <= most;
                smallest[i] = Math.min(smallest[i], got[i]);
                largest[i] = Math.max(largest[i], got[i]);
            }
        }
        for (int i = 0; i < builds && fit.times() > 0; i++) {
            suits[i] &= largest[i] <= fit.times() * smallest[i];
        }
        return suits;
    }

    private static double[] measured(Fit.Gauge gauge, Dice dice, int builds) {
        double[] got = new double[builds];
        Arrays.fill(got, Mm.of(gauge.nominal()));
        for (Fit.Share share : gauge.shares()) {
            double[] off = dice.of(share.off());
            for (int i = 0; i < builds; i++) {
                got[i] += share.times() * off[i];
            }
        }
        return got;
    }

    private static void and(boolean[] all, boolean[] more) {
        for (int i = 0; i < all.length; i++) {
            all[i] &= more[i];
        }
    }

    private static Odds odds(boolean[] suits) {
        int good = 0;
        for (boolean s : suits) {
            good += s ? 1 : 0;
        }
        return Odds.of(good, suits.length);
    }
}
