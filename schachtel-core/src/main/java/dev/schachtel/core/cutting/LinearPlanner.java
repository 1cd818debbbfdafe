package dev.schachtel.core.cutting;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.Roll;
import dev.schachtel.core.material.Thread;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.patience.Patience;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;

/**
 * Strips and threads from rolls at least as wide. A strip of a dam comes off one roll in one piece, since a joint would leak; others may
 * be put together. Begun rolls go first, those with least on them before the rest, each filled as well as it can be.
 * Tape that holds a part is counted once round its edge.
 */
final class LinearPlanner {
    /** Lengths are fitted to this: half a millimetre, upwards. */
    private static final Length STEP = Length.ofMicrometres(500);
    /** Rolls are looked at up to this many steps, 50 m. */
    private static final int LONGEST = 100_000;
    /** Lengths that are looked at in one step of work. */
    private static final int BITS = 1000;

    private LinearPlanner() {}

    /** A strip that must be whole. */
    private record Strip(Length length, Length width) {}

    /** Pieces of one material: those that must be whole, and the sum of those that may be joined. */
    private static final class Need {
        private final List<Strip> whole = new ArrayList<>();
        private Length joined = Length.ZERO;

        Length length() {
            return whole.stream().map(Strip::length).reduce(joined, Length::plus);
        }

        Length widest() {
            return whole.stream().map(Strip::width).reduce(Length.ZERO, Length::max);
        }

        /** What is wider than the roll and may be joined is laid side by side. */
        void join(Length length, Length width, Length roll) {
            boolean wider = roll.isPositive() && width.isAbove(roll);
            int strips = !wider ? 1 : width.wholeTimes(roll) + (width.isMultipleOf(roll) ? 0 : 1);
            joined = joined.plus(length.times(strips));
        }

        /** Takes out what fills so much of a roll, whole strips first, and answers what that comes to. */
        Length take(Roll roll) {
            List<Strip> fitting = new ArrayList<>(
                    whole.stream().filter(s -> !s.width.isAbove(roll.width())).toList());
            List<Strip> filled = fill(fitting, roll.left());
            filled.forEach(whole::remove);
            Length taken = filled.stream().map(Strip::length).reduce(Length.ZERO, Length::plus);
            Length more = Length.min(joined, roll.left().minus(taken));
            joined = joined.minus(more);
            return taken.plus(more);
        }
    }

    static List<LinearPlan> plan(Build build, List<Demand> demands, Workshop workshop) {
        Map<Material, Need> needs = new LinkedHashMap<>();
        Set<PartId> walls = build.chambers().stream()
                .flatMap((Chamber c) -> c.walls().stream())
                .collect(Collectors.toSet());
        for (Demand d : demands) {
            if (d.part().material().fromRoll() && d.isThere()) {
                Need need = needs.computeIfAbsent(d.part().material(), m -> new Need());
                Length across = d.part().material() instanceof Thread ? Length.ZERO : d.height();
                Length roll = widest(workshop, d.part().material());
                for (int i = 0; i < d.count(); i++) {
                    if (walls.contains(d.part().id())) {
                        need.whole.add(new Strip(d.width(), across));
                    } else {
                        need.join(d.width(), across, roll);
                    }
                }
            }
        }
        tapes(build, needs, workshop);
        List<LinearPlan> plans = new ArrayList<>();
        needs.forEach((material, need) -> plans.add(plan(material, need, workshop.rollsOf(material.id()))));
        return plans;
    }

    private static void tapes(Build build, Map<Material, Need> needs, Workshop workshop) {
        for (Joint joint : build.joints()) {
            boolean tape = joint.by() instanceof Adhesive a
                    && !a.dries()
                    && !workshop.rollsOf(a.id()).isEmpty();
            if (tape && joint.hold() != Joint.Hold.MEETS) {
                build.level(joint.stuck()).ifPresent(level -> {
                    Need need = needs.computeIfAbsent(joint.by(), m -> new Need());
                    int cards = build.spec().brief().cards();
                    if (((Adhesive) joint.by()).whole()) {
                        cover(need, level.slab(), cards, widest(workshop, joint.by()));
                    } else {
                        need.joined = need.joined.plus(round(level.slab()).times(cards));
                    }
                });
            }
        }
    }

    /** Its whole back, laid along the roll, whichever way takes less of it. */
    private static void cover(Need need, Slab slab, int cards, Length roll) {
        Box box = slab.bounds();
        Length wide = Mm.length(box.width());
        Length high = Mm.length(box.height());
        boolean across = roll.isPositive() && Length.max(wide, high).isAbove(roll);
        Length along = across ? Length.max(wide, high) : Length.min(wide, high);
        Length other = across ? Length.min(wide, high) : Length.max(wide, high);
        for (int i = 0; i < cards; i++) {
            need.join(along, other, roll);
        }
    }

    private static Length round(Slab slab) {
        Box box = slab.bounds();
        return Mm.length(2 * (box.width() + box.height()));
    }

    private static LinearPlan plan(Material material, Need need, List<Roll> rolls) {
        Length needed = need.length();
        Length full = rolls.stream().map(Roll::full).reduce(Length.ZERO, Length::max);
        Length widest = widest(rolls);
        Length tooWide = !rolls.isEmpty() && need.widest().isAbove(widest) ? need.widest() : Length.ZERO;
        need.whole.sort(Comparator.comparing(Strip::length).reversed());
        List<LinearPlan.Use> uses = new ArrayList<>();
        List<Roll> begunFirst = rolls.stream()
                .sorted(Comparator.comparing(Roll::left).thenComparing(Roll::id))
                .toList();
        for (Roll roll : begunFirst) {
            Length taken = need.take(roll);
            if (taken.isPositive()) {
                uses.add(new LinearPlan.Use(roll, taken, roll.left().minus(taken)));
            }
        }
        Length missing = need.length();
        int buy = full.isZero() ? 0 : missing.wholeTimes(full) + (missing.isMultipleOf(full) ? 0 : 1);
        return new LinearPlan(material, needed, uses, missing, buy, new LinearPlan.Widths(tooWide, widest));
    }

    private static Length widest(Workshop workshop, Material material) {
        return widest(workshop.rollsOf(material.id()));
    }

    private static Length widest(List<Roll> rolls) {
        return rolls.stream().map(Roll::width).reduce(Length.ZERO, Length::max);
    }

    /** Of the strips those that fill a length best: a bit for each length that the first so many of them come to. */
    private static List<Strip> fill(List<Strip> strips, Length length) {
        int room = Math.min(LONGEST, length.wholeTimes(STEP));
        long all = strips.stream().mapToLong(s -> steps(s.length)).sum();
        if (all <= room) {
            return strips;
        }
        BigInteger fits = BigInteger.ONE.shiftLeft(room + 1).subtract(BigInteger.ONE);
        List<BigInteger> reached = new ArrayList<>(List.of(BigInteger.ONE));
        for (int i = 0; i < strips.size() && !reached.get(i).testBit(room); i++) {
            Patience.take(1 + room / BITS);
            BigInteger without = reached.get(i);
            reached.add(
                    without.or(without.shiftLeft(steps(strips.get(i).length))).and(fits));
        }
        int at = reached.get(reached.size() - 1).bitLength() - 1;
        List<Strip> taken = new ArrayList<>();
        for (int i = reached.size() - 2; i >= 0; i--) {
            if (!reached.get(i).testBit(at)) {
                taken.add(strips.get(i));
                at -= steps(strips.get(i).length);
            }
        }
        return taken;
    }

    private static int steps(Length length) {
        int whole = length.wholeTimes(STEP);
        return STEP.times(whole).equals(length) ? whole : whole + 1;
    }
}
