package dev.schachtel.core.motion;

import java.util.HashSet;
import java.util.List;
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
 * Whether a card whose panels follow each other opens: slabs on different panels are held against each other from shut to open ({@link Crossings}).
 *
 * @param contacts one for each two pieces that go through each other, the first
 * @param opens how far it opens before something gapes, from 0 to 1
 * @param gapes what gapes then; empty for a card that opens all the way
 */
public record Opening(List<Contact> contacts, double opens, String gapes) {
    private static final int STEPS = Linkage.STEPS;
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
            double opens = 1;
            String gapes = "";
            for (int step = 1; step <= STEPS && gapes.isEmpty(); step++) {
                Linkage.Pose pose = space.at(step / (double) STEPS);
                if (pose.gap() > GAPES) {
                    opens = (step - 1) / (double) STEPS;
                    gapes = pose.loop();
                }
            }
            List<Contact> contacts = new Crossings(
                            space.bodies(),
                            share -> {
                                List<Rigid> panels = space.at(share).panels();
                                return body -> panels.get(body.panel());
                            },
                            this::mayMeet)
                    .until(opens);
            return new Opening(contacts, opens, gapes);
        }

        private boolean mayMeet(Space.Body one, Space.Body other) {
            SlabId first = one.level().slab().id();
            SlabId second = other.level().slab().id();
            return one.panel() != other.panel()
                    && !one.level().slab().part().equals(other.level().slab().part())
                    && !meeting.contains(List.of(one.panel(), other.panel()))
                    && !hinged.contains(List.of(first, second));
        }
    }

    /** The pieces that are in the way of others. */
    public Stream<Contact> of(Id piece) {
        return contacts.stream()
                .filter(c -> c.one().level().slab().part().owner().equals(piece)
                        || c.other().level().slab().part().owner().equals(piece));
    }
}
