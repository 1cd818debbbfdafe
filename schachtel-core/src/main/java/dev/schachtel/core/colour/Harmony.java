package dev.schachtel.core.colour;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

import dev.schachtel.core.material.Lab;

/**
 * How the hues of some colours stand to each other, on the circle of Lab.
 *
 * @param kind what they come nearest to
 * @param off how far the hue that fits least is from its place in that, degrees
 */
public record Harmony(Kind kind, double off) {
    /** So far off a place still counts as in it, degrees. */
    public static final double CLOSE = 20;
    /** Under this chroma a colour goes with everything. */
    private static final double GREY = 8;

    /** Ways for hues to go together: where they stand, seen from the first, in degrees. */
    public enum Kind {
        /** Nothing but greys. */
        NO_HUE,
        ONE_HUE(0),
        NEIGHBOURS(-30, 0, 30),
        OPPOSITES(0, 180),
        TRIAD(0, 120, 240);

        private final int[] places;

        Kind(int... places) {
            this.places = places;
        }
    }

    /** Whether they go together by the book. */
    public boolean isClose() {
        return off <= CLOSE;
    }

    /** Of these colours; the simplest kind that they are close to, else the one that they come nearest to. */
    public static Harmony of(List<Lab> colours) {
        List<Double> hues =
                colours.stream().filter(c -> c.chroma() >= GREY).map(Lab::hue).toList();
        if (hues.isEmpty()) {
            return new Harmony(Kind.NO_HUE, 0);
        }
        List<Harmony> all = Arrays.stream(Kind.values())
                .filter(k -> k.places.length > 0)
                .map(k -> new Harmony(k, off(k, hues)))
                .toList();
        return all.stream().filter(Harmony::isClose).findFirst().orElseGet(() -> all.stream()
                .min(Comparator.comparingDouble(Harmony::off))
                .orElseThrow());
    }

    /** With the wheel of places turned as well as it can be, to a degree. */
    private static double off(Kind kind, List<Double> hues) {
        double best = Double.MAX_VALUE;
        for (int turn = 0; turn < 360; turn++) {
            double worst = 0;
            for (double hue : hues) {
                double nearest = 180;
                for (int place : kind.places) {
                    nearest = Math.min(nearest, Math.abs(Math.IEEEremainder(hue - turn - place, 360)));
                }
                worst = Math.max(worst, nearest);
            }
            best = Math.min(best, worst);
        }
        return best;
    }
}
