package dev.schachtel.core.motion;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiPredicate;
import java.util.function.DoubleFunction;
import java.util.function.Function;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.pose.Rigid;

/**
 * What goes through what on a way: in even steps, finer ones where the room that two slabs pass over between two of them is shared; the first
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
    private static final int STEPS = 32;
    private static final int FINER = 4;
    private static final int NARROWED = 6;

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
            List<Near> near = near(pairs, before, after);
            for (int i = 1; i <= FINER && !near.isEmpty(); i++) {
                double share = from + (to - from) * i / FINER;
                look(near, share, (to - from) / FINER, found);
            }
            before = after;
        }
        return List.copyOf(found.values());
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
        Function<Space.Body, Rigid> places = at.apply(share);
        return bodies.stream().map(b -> Contact.Lying.of(b, places.apply(b))).toList();
    }

    private static List<Near> near(List<Near> pairs, List<Contact.Lying> before, List<Contact.Lying> after) {
        List<Bounds> passed = new ArrayList<>();
        for (int i = 0; i < before.size(); i++) {
            passed.add(before.get(i).round().union(after.get(i).round()));
        }
        return pairs.stream()
                .filter(p -> passed.get(p.one).touches(passed.get(p.other)))
                .toList();
    }

    private void look(List<Near> near, double share, double step, Map<Pair, Contact> found) {
        Function<Space.Body, Rigid> places = at.apply(share);
        for (Near p : near) {
            Pair pair = Pair.of(bodies.get(p.one), bodies.get(p.other));
            if (!found.containsKey(pair)) {
                Contact.Lying one = Contact.Lying.of(bodies.get(p.one), places.apply(bodies.get(p.one)));
                Contact.Lying other = Contact.Lying.of(bodies.get(p.other), places.apply(bodies.get(p.other)));
                Contact.between(one, other)
                        .ifPresent(place -> found.put(
                                pair, new Contact(one.body(), other.body(), narrowed(p, share - step, share), place)));
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
