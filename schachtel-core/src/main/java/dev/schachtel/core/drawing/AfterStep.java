package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import dev.schachtel.core.assembly.Joining;
import dev.schachtel.core.assembly.Op;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.work.Trait;

/** What is in the hands when a step is done, in space: all that hangs together with what it fixed. Empty for a step that fixes nothing. */
public final class AfterStep {
    /** Where else one looks from, in turn. */
    private static final List<Eye> EYES =
            List.of(new Eye(-30, 22), Eye.RIGHT, new Eye(30, 60), new Eye(150, 22), new Eye(-150, 22));
    /** Share of a part that must be seen. */
    private static final double ENOUGH = 0.2;
    /** A card is turned only for so much more. */
    private static final double CLEARLY = 1.3;

    private final Build build;
    private final List<Op> done;

    private AfterStep(Build build, List<Op> done) {
        this.build = build;
        this.done = done;
    }

    /** @param before the steps that are done already */
    public static Optional<Scene> of(Build build, Op op, List<Op> before) {
        return op.effect().joins().map(joining -> {
            List<Op> done = new ArrayList<>(before);
            done.add(op);
            return new AfterStep(build, done).scene(joining, op.owner());
        });
    }

    private Scene scene(Joining joining, Id owner) {
        Set<PartId> held = together(joining);
        Set<Id> filled = done.stream()
                .filter(o -> o.kind().has(Trait.FILLS))
                .map(Op::owner)
                .collect(Collectors.toSet());
        SpaceView view = SpaceView.of(build, new SpaceView.Shown(held::contains, filled::contains));
        return turned(view, isInside(joining) ? Eye.RIGHT : Eye.CORNER, owner, flat(joining));
    }

    /** From where it is usually looked at, if enough of the new part is seen from there; else from where most of it is. */
    private static Scene turned(SpaceView view, Eye usual, Id owner, double whole) {
        Scene best = RoundView.of(view, usual);
        double most = InSight.of(best, owner);
        if (most >= ENOUGH * whole || owner.equals(Id.BASE)) {
            return best;
        }
        for (Eye eye : EYES) {
            Scene other = RoundView.of(view, eye);
            double seen = InSight.of(other, owner);
            if (seen > most * CLEARLY) {
                best = other;
                most = seen;
            }
        }
        return best;
    }

    /** Square millimetres of the largest part that was laid. */
    private double flat(Joining joining) {
        return build.levels().stream()
                .map(Level::slab)
                .filter(s -> joining.laid().contains(s.part()))
                .flatMap(s -> s.footprints().stream())
                .mapToDouble(f -> f.area().squareMillimetres())
                .max()
                .orElse(0);
    }

    /** By what was fixed so far, to each other. */
    private Set<PartId> together(Joining joining) {
        Set<PartId> held = new HashSet<>(joining.laid());
        boolean more = true;
        while (more) {
            more = false;
            for (Op op : done) {
                Set<PartId> parts =
                        op.effect().joins().stream().flatMap(this::parts).collect(Collectors.toSet());
                if (parts.stream().anyMatch(held::contains)) {
                    more |= held.addAll(parts);
                }
            }
        }
        if (held.stream().anyMatch(p -> p.owner().equals(Id.BASE))) {
            build.parts().stream()
                    .map(Part::id)
                    .filter(p -> p.owner().equals(Id.BASE))
                    .forEach(held::add);
        }
        return held;
    }

    private Stream<PartId> parts(Joining joining) {
        return Stream.concat(joining.laid().stream(), build.partAt(joining.onto()).map(Part::id).stream());
    }

    /** Between the leaves of a card that stands like a book, where one looks in from its open side. */
    private boolean isInside(Joining joining) {
        boolean stands = build.mechanics().unfolding().standing() == Unfolding.Standing.STANDS;
        Optional<Level> onto = build.level(joining.onto());
        return stands
                && build.mechanics().leaves().stream()
                        .anyMatch(l ->
                                onto.filter(o -> o.slab().id().equals(l.over())).isPresent());
    }
}
