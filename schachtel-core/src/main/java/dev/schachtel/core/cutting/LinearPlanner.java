package dev.schachtel.core.cutting;

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
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;

/**
 * Strips and threads from rolls. A strip of a dam comes off one roll in one piece, since a joint would leak; others may
 * be put together. Begun rolls go first, those with least on them before the rest, each filled as well as it can be.
 * Tape that holds a part is counted once round its edge.
 */
final class LinearPlanner {
    /** Lengths are fitted to this: half a millimetre, upwards. */
    private static final Length STEP = Length.ofMicrometres(500);
    /** Rolls are looked at up to this many steps, 50 m. */
    private static final int LONGEST = 100_000;

    private LinearPlanner() {}

    /** Pieces of one material: those that must be whole, and the sum of those that may be joined. */
    private static final class Need {
        private final List<Length> whole = new ArrayList<>();
        private Length joined = Length.ZERO;
    }

    static List<LinearPlan> plan(Build build, List<Demand> demands, Workshop workshop) {
        Map<Material, Need> needs = new LinkedHashMap<>();
        Set<PartId> walls = build.chambers().stream()
                .flatMap((Chamber c) -> c.walls().stream())
                .collect(Collectors.toSet());
        for (Demand d : demands) {
            if (d.part().material().fromRoll() && d.isThere()) {
                Need need = needs.computeIfAbsent(d.part().material(), m -> new Need());
                for (int i = 0; i < d.count(); i++) {
                    if (walls.contains(d.part().id())) {
                        need.whole.add(d.width());
                    } else {
                        need.joined = need.joined.plus(d.width());
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
                build.level(joint.upper()).ifPresent(level -> {
                    Need need = needs.computeIfAbsent(joint.by(), m -> new Need());
                    need.joined = need.joined.plus(
                            round(level.slab()).times(build.spec().brief().cards()));
                });
            }
        }
    }

    private static Length round(Slab slab) {
        Box box = slab.bounds();
        return Mm.length(2 * (box.width() + box.height()));
    }

    private static LinearPlan plan(Material material, Need need, List<Roll> rolls) {
        Length needed = need.whole.stream().reduce(need.joined, Length::plus);
        List<Length> whole = new ArrayList<>(need.whole);
        whole.sort(Comparator.<Length>naturalOrder().reversed());
        Length joined = need.joined;
        List<LinearPlan.Use> uses = new ArrayList<>();
        List<Roll> begunFirst = rolls.stream()
                .sorted(Comparator.comparing(Roll::left).thenComparing(Roll::id))
                .toList();
        for (Roll roll : begunFirst) {
            Length taken = fill(whole, roll.left());
            Length more = Length.min(joined, roll.left().minus(taken));
            joined = joined.minus(more);
            taken = taken.plus(more);
            if (taken.isPositive()) {
                uses.add(new LinearPlan.Use(roll, taken, roll.left().minus(taken)));
            }
        }
        Length missing = whole.stream().reduce(joined, Length::plus);
        Length full = rolls.stream().map(Roll::full).reduce(Length.ZERO, Length::max);
        int buy = full.isZero() ? 0 : missing.holds(full) + (missing.isMultipleOf(full) ? 0 : 1);
        return new LinearPlan(material, needed, uses, missing, buy);
    }

    /** Takes out of the list the pieces that fill a length best, and answers what they come to. */
    private static Length fill(List<Length> pieces, Length length) {
        int room = Math.min(LONGEST, length.holds(STEP));
        int[] last = new int[room + 1];
        java.util.Arrays.fill(last, -1);
        last[0] = pieces.size();
        for (int i = 0; i < pieces.size(); i++) {
            int size = steps(pieces.get(i));
            for (int at = room; at >= size; at--) {
                if (last[at] < 0 && last[at - size] >= 0 && last[at - size] != i) {
                    last[at] = i;
                }
            }
        }
        int most = room;
        while (last[most] < 0) {
            most--;
        }
        List<Integer> taken = new ArrayList<>();
        for (int at = most; at > 0; at -= steps(pieces.get(last[at]))) {
            taken.add(last[at]);
        }
        taken.sort(Comparator.<Integer>naturalOrder().reversed());
        Length sum = Length.ZERO;
        for (int i : taken) {
            sum = sum.plus(pieces.remove(i));
        }
        return sum;
    }

    private static int steps(Length length) {
        int whole = length.holds(STEP);
        return STEP.times(whole).equals(length) ? whole : whole + 1;
    }
}
