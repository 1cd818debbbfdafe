package dev.schachtel.core.motion;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.Panel;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.pose.Linkage;
import dev.schachtel.core.pose.Rigid;

/**
 * Whether a card whose panels follow each other opens: in even steps from shut to open, sheets on different panels are held against each other by the
 * middles of their thickness, and the first crossing of two pieces is narrowed down.
 *
 * @param contacts one for each two pieces that go through each other, the first
 * @param opens how far it opens before something gapes, from 0 to 1
 * @param gapes what gapes then; empty for a card that opens all the way
 */
public record Opening(List<Contact> contacts, double opens, String gapes) {
    private static final int STEPS = 32;
    private static final int NARROWED = 8;
    /** What gapes by more doesn't close, mm. */
    private static final double GAPES = 0.01;

    private static final Opening FREE = new Opening(List.of(), 1, "");

    public Opening {
        contacts = List.copyOf(contacts);
    }

    static Opening of(Build build, Space space) {
        Unfolding unfolding = build.mechanics().unfolding();
        return unfolding.hinges().stream().anyMatch(Hinge::follows) ? new Trial(space, unfolding).open() : FREE;
    }

    /** Two pieces, whichever way round. */
    private record Pair(Id first, Id second) {
        static Pair of(Space.Body one, Space.Body other) {
            Id a = one.level().slab().part().owner();
            Id b = other.level().slab().part().owner();
            return a.compareTo(b) <= 0 ? new Pair(a, b) : new Pair(b, a);
        }
    }

    /** One card opened. */
    private static final class Trial {
        private final Space space;
        /** Panels that rest on each other: those sheets meet at an edge, as they should. */
        private final Set<List<Integer>> meeting = new HashSet<>();
        /** Sheets that hang together at a hinge: thick ones cut the corner there, and those that lie on them don't. */
        private final Set<List<SlabId>> hinged = new HashSet<>();

        Trial(Space space, Unfolding unfolding) {
            this.space = space;
            unfolding.rests().forEach(r -> meet(r.panel(), r.on()));
            List<Panel> panels = unfolding.panels();
            unfolding.hinges().stream().filter(h -> h.on() != Hinge.BOARD).forEach(h -> {
                SlabId on = panels.get(h.on()).slab();
                SlabId turns = panels.get(h.turns()).slab();
                hinged.addAll(List.of(List.of(on, turns), List.of(turns, on)));
            });
        }

        private void meet(int one, int other) {
            meeting.add(List.of(one, other));
            meeting.add(List.of(other, one));
        }

        Opening open() {
            Map<Pair, Contact> found = new LinkedHashMap<>();
            for (int step = 1; step <= STEPS; step++) {
                double share = step / (double) STEPS;
                Linkage.Pose pose = space.at(share);
                if (pose.gap() > GAPES) {
                    return new Opening(List.copyOf(found.values()), (step - 1) / (double) STEPS, pose.loop());
                }
                List<Contact.Lying> lying = lying(pose.panels());
                for (int i = 0; i < lying.size(); i++) {
                    for (int k = 0; k < i; k++) {
                        Contact.Lying one = lying.get(i);
                        Contact.Lying other = lying.get(k);
                        Pair pair = Pair.of(one.body(), other.body());
                        if (mayMeet(one, other) && !found.containsKey(pair)) {
                            crossing(one, other, share).ifPresent(c -> found.put(pair, c));
                        }
                    }
                }
            }
            return new Opening(List.copyOf(found.values()), 1, "");
        }

        private List<Contact.Lying> lying(List<Rigid> panels) {
            return space.bodies().stream()
                    .map(b -> Contact.Lying.of(b, panels.get(b.panel())))
                    .toList();
        }

        private boolean mayMeet(Contact.Lying one, Contact.Lying other) {
            int a = one.body().panel();
            int b = other.body().panel();
            boolean oneSheet = one.body()
                    .level()
                    .slab()
                    .part()
                    .equals(other.body().level().slab().part());
            return a != b
                    && !oneSheet
                    && !meeting.contains(List.of(a, b))
                    && !hinged.contains(List.of(
                            one.body().level().slab().id(),
                            other.body().level().slab().id()))
                    && Bounds.of(one).touches(Bounds.of(other));
        }

        /** With the share narrowed down to between the step before and this one. */
        private Optional<Contact> crossing(Contact.Lying one, Contact.Lying other, double share) {
            return Contact.between(one, other).map(place -> {
                double free = share - 1.0 / STEPS;
                double crossed = share;
                for (int i = 0; i < NARROWED; i++) {
                    double middle = (free + crossed) / 2;
                    List<Rigid> panels = space.at(middle).panels();
                    boolean there = Contact.between(
                                    Contact.Lying.of(
                                            one.body(), panels.get(one.body().panel())),
                                    Contact.Lying.of(
                                            other.body(),
                                            panels.get(other.body().panel())))
                            .isPresent();
                    free = there ? free : middle;
                    crossed = there ? middle : crossed;
                }
                return new Contact(one.body(), other.body(), crossed, place);
            });
        }
    }

    /** The pieces that are in the way of others. */
    public Stream<Contact> of(Id piece) {
        return contacts.stream()
                .filter(c -> c.one().level().slab().part().owner().equals(piece)
                        || c.other().level().slab().part().owner().equals(piece));
    }
}
