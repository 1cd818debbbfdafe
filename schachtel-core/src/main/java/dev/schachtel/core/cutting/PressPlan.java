package dev.schachtel.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.Spares;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.Surfacing;
import dev.schachtel.core.material.Tools;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;

/**
 * Stamped pieces laid together in the stamping press: each stamp is there once, so a lay is pressed as often as the piece that is
 * wanted most of those on it, each time on a fresh sheet. Of all ways to share the stamps out over lays the one with the fewest
 * presses is taken, up to {@value #ALL_WAYS} stamps; beyond that each goes to the first lay with room, those wanted most first.
 * Stamps lie {@value #GAP} mm apart, for cutting. Handbook chapter 11.
 */
public record PressPlan(List<Lay> lays, List<Stamp> tooLarge) {
    public static final double GAP = 6;
    static final int ALL_WAYS = 8;
    /** A larger stamp, in square centimetres, is pressed twice to be even: estimate. */
    private static final double LARGE = 60;

    public PressPlan {
        lays = List.copyOf(lays);
        tooLarge = List.copyOf(tooLarge);
    }

    /**
     * One stamp.
     *
     * @param pieces that are wanted of it, spares included
     */
    public record Stamp(Surface surface, String name, Outline outline, int pieces) {
        public Colour ink() {
            return surface.colour();
        }

        /** Whether it is so large that it is pressed twice. */
        public boolean isPressedTwice() {
            return outline.filled().area().squareMillimetres() / 100 > LARGE;
        }

        private Box box() {
            return outline.bounds();
        }
    }

    /** Where a stamp lies in the press, in millimetres from its lower left corner; turned by a quarter or not. */
    public record Placed(Stamp stamp, Box at, boolean turned) {}

    /** Stamps that are pressed together. */
    public record Lay(List<Placed> stamps) {
        public Lay {
            stamps = List.copyOf(stamps);
        }

        /** How often it is pressed, each time on a fresh sheet. */
        public int times() {
            return stamps.stream().mapToInt(p -> p.stamp.pieces).max().orElse(0);
        }
    }

    /** Presses in all. */
    public int presses() {
        return lays.stream().mapToInt(Lay::times).sum();
    }

    /** For all cards of a build: what is stamped alone, on parts of its own. */
    public static PressPlan of(Build build, Tools tools) {
        List<Stamp> stamps = new ArrayList<>();
        for (Surface s : build.surfaces()) {
            Part part = build.part(s.part()).orElse(null);
            boolean alone = part != null && s.technique().kind() == Surfacing.STAMP && s.times() == 1;
            if (alone) {
                int pieces = part.perCard() * build.spec().brief().cards() + Spares.of(build, part);
                stamps.add(new Stamp(s, part.name(), part.outline(), pieces));
            }
        }
        return of(stamps, Mm.of(tools.pressWidth()), Mm.of(tools.pressHeight()));
    }

    /** In a press of this size, mm. */
    static PressPlan of(List<Stamp> stamps, double width, double height) {
        List<Stamp> sorted = stamps.stream()
                .sorted(Comparator.comparingInt(Stamp::pieces)
                        .reversed()
                        .thenComparing(s -> s.surface.owner().value()))
                .toList();
        List<Stamp> fitting = sorted.stream()
                .filter(s -> !lay(List.of(s), width, height).isEmpty())
                .toList();
        List<Stamp> tooLarge = sorted.stream().filter(s -> !fitting.contains(s)).toList();
        List<List<Stamp>> shared = fitting.size() <= ALL_WAYS
                ? new Sharing(fitting, width, height).best()
                : firstFit(fitting, width, height);
        return new PressPlan(
                shared.stream().map(s -> new Lay(lay(s, width, height))).toList(), tooLarge);
    }

    private static List<List<Stamp>> firstFit(List<Stamp> stamps, double width, double height) {
        List<List<Stamp>> lays = new ArrayList<>();
        for (Stamp stamp : stamps) {
            List<Stamp> into = lays.stream()
                    .filter(l -> !lay(with(l, stamp), width, height).isEmpty())
                    .findFirst()
                    .orElse(null);
            if (into == null) {
                lays.add(new ArrayList<>(List.of(stamp)));
            } else {
                into.add(stamp);
            }
        }
        return lays;
    }

    private static List<Stamp> with(List<Stamp> some, Stamp more) {
        List<Stamp> all = new ArrayList<>(some);
        all.add(more);
        return all;
    }

    /** All ways to share stamps out, by sets of them as bits: the fewest presses for a set are those of one lay and the rest. */
    private record Sharing(List<Stamp> stamps, double width, double height) {
        List<List<Stamp>> best() {
            int all = (1 << stamps.size()) - 1;
            int[] presses = new int[all + 1];
            int[] lays = new int[all + 1];
            for (int set = 1; set <= all; set++) {
                presses[set] = Integer.MAX_VALUE;
                int first = Integer.lowestOneBit(set);
                for (int lay = set; lay > 0; lay = (lay - 1) & set) {
                    int rest = set & ~lay;
                    if ((lay & first) != 0
                            && presses[rest] != Integer.MAX_VALUE
                            && times(lay) + presses[rest] < presses[set]
                            && !lay(of(lay), width, height).isEmpty()) {
                        presses[set] = times(lay) + presses[rest];
                        lays[set] = lay;
                    }
                }
            }
            List<List<Stamp>> found = new ArrayList<>();
            for (int set = all; set > 0; set &= ~lays[set]) {
                found.add(of(lays[set]));
            }
            return found;
        }

        /** They are sorted: the first is wanted most. */
        private int times(int set) {
            return stamps.get(Integer.numberOfTrailingZeros(set)).pieces;
        }

        private List<Stamp> of(int set) {
            List<Stamp> some = new ArrayList<>();
            for (int i = 0; i < stamps.size(); i++) {
                if ((set >> i & 1) == 1) {
                    some.add(stamps.get(i));
                }
            }
            return some;
        }
    }

    /** In rows from the foot, the highest first, each lying down or standing as it makes the row lower; empty if they have no room. */
    private static List<Placed> lay(List<Stamp> stamps, double width, double height) {
        List<Stamp> highest = stamps.stream()
                .sorted(Comparator.comparingDouble((Stamp s) -> low(s, width))
                        .reversed()
                        .thenComparing(s -> s.surface.owner().value()))
                .toList();
        List<Placed> placed = new ArrayList<>();
        double x = 0;
        double y = 0;
        double row = 0;
        for (Stamp s : highest) {
            boolean turned = isTurned(s, width);
            double w = turned ? s.box().height() : s.box().width();
            double h = turned ? s.box().width() : s.box().height();
            if (x > 0 && x + w > width) {
                x = 0;
                y += row + GAP;
                row = 0;
            }
            if (w > width || y + h > height) {
                return List.of();
            }
            placed.add(new Placed(s, new Box(x, y, x + w, y + h), turned));
            x += w + GAP;
            row = Math.max(row, h);
        }
        return placed;
    }

    private static boolean isTurned(Stamp s, double width) {
        return s.box().height() > s.box().width() && s.box().height() <= width;
    }

    private static double low(Stamp s, double width) {
        return isTurned(s, width) ? s.box().width() : s.box().height();
    }
}
