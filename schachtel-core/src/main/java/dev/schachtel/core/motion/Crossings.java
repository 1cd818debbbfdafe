package dev.schachtel.core.motion;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiPredicate;
import java.util.function.DoubleFunction;
import java.util.function.Function;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.patience.Patience;
import dev.schachtel.core.pose.Linkage;
import dev.schachtel.core.pose.Rigid;

/**
 * What goes through what on a way: in even steps, and finer ones for what may have passed through each other between two of them; the first
 * crossing of each two pieces is narrowed down.
 *
 * @param bodies what is held against each other
 * @param at where each is at a share of the way, from 0 to 1
 * @param mayMeet which two are held against each other
 */
record Crossings(
        List<Space.Body> bodies,
        DoubleFunction<Function<Space.Body, Rigid>> at,
        BiPredicate<Space.Body, Space.Body> mayMeet) {
    private static final int STEPS = Linkage.STEPS;
    private static final int FINER = 2;
    private static final int NARROWED = 7;

    /** Two pieces, whichever way round. */
    private record Pair(Id first, Id second) {
        static Pair of(Space.Body one, Space.Body other) {
            Id a = one.level().slab().part().owner();
            Id b = other.level().slab().part().owner();
            return a.compareTo(b) <= 0 ? new Pair(a, b) : new Pair(b, a);
        }
    }

    /** Two slabs by their numbers. */
    private record Near(int one, int other) {}

    /** The first of each two pieces, up to a share of the way. */
    List<Contact> until(double end) {
        Map<Pair, Contact> found = new LinkedHashMap<>();
        List<Near> pairs = pairs();
        List<Contact.Lying> before = pairs.isEmpty() ? List.of() : lying(0);
        for (int step = 1; step <= STEPS && !pairs.isEmpty(); step++) {
            double from = (step - 1) * end / STEPS;
            double to = step * end / STEPS;
            List<Contact.Lying> after = lying(to);
            List<Near> passing = passing(pairs, before, after);
            for (int i = 1; i < FINER && !passing.isEmpty(); i++) {
                double share = from + (to - from) * i / FINER;
                look(passing, lying(share), share, (to - from) / FINER, found);
            }
            look(pairs, after, to, to - from, found);
            before = after;
        }
        return List.copyOf(found.values());
    }

    private Pair pair(Near near) {
        return Pair.of(bodies.get(near.one), bodies.get(near.other));
    }

    private List<Near> pairs() {
        List<Near> all = new ArrayList<>();
        for (int i = 0; i < bodies.size(); i++) {
            for (int k = 0; k < i; k++) {
                if (mayMeet.test(bodies.get(i), bodies.get(k))) {
                    all.add(new Near(i, k));
                }
            }
        }
        return all;
    }

    private List<Contact.Lying> lying(double share) {
        Patience.take(bodies.size());
        Function<Space.Body, Rigid> places = at.apply(share);
        return bodies.stream().map(b -> Contact.Lying.of(b, places.apply(b))).toList();
    }

    /** What may have gone through each other between two steps: the boxes that they pass over touch, and at the end they are apart again. */
    private static List<Near> passing(List<Near> pairs, List<Contact.Lying> before, List<Contact.Lying> after) {
        List<Bounds> passed = new ArrayList<>();
        for (int i = 0; i < before.size(); i++) {
            passed.add(before.get(i).round().union(after.get(i).round()));
        }
        return pairs.stream()
                .filter(p -> passed.get(p.one).touches(passed.get(p.other)) && !touch(p, after))
                .toList();
    }

    private static boolean touch(Near pair, List<Contact.Lying> lying) {
        return lying.get(pair.one).round().touches(lying.get(pair.other).round());
    }

    private void look(List<Near> near, List<Contact.Lying> lying, double share, double step, Map<Pair, Contact> found) {
        for (Near p : near) {
            if (touch(p, lying) && !found.containsKey(pair(p))) {
                Contact.Lying one = lying.get(p.one);
                Contact.Lying other = lying.get(p.other);
                Contact.between(one, other)
                        .ifPresent(place -> found.put(
                                pair(p),
                                new Contact(one.body(), other.body(), narrowed(p, share - step, share), place)));
            }
        }
    }

    /** The share at which they first cross, between one where they don't and one where they do. */
    private double narrowed(Near pair, double from, double to) {
        double free = from;
        double crossed = to;
        for (int i = 0; i < NARROWED; i++) {
            double middle = (free + crossed) / 2;
            Function<Space.Body, Rigid> places = at.apply(middle);
            Space.Body one = bodies.get(pair.one);
            Space.Body other = bodies.get(pair.other);
            boolean there = Contact.between(
                            Contact.Lying.of(one, places.apply(one)), Contact.Lying.of(other, places.apply(other)))
                    .isPresent();
            free = there ? free : middle;
            crossed = there ? middle : crossed;
        }
        return crossed;
    }
}
