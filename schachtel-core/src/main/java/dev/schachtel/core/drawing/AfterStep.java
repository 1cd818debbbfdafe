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
import dev.schachtel.core.shape.Box;
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

    /** How far off something begins to come, as a share of the card's height as it is drawn. */
    private static final double FAR = 0.25;

    private static final int FRAMES = 7;

    private final Build build;
    private final List<Op> done;

    private AfterStep(Build build, List<Op> done) {
        this.build = build;
        this.done = done;
    }

    /** @param before the steps that are done already */
    public static Optional<Scene> of(Build build, Op op, List<Op> before) {
        return op.effect().joins().map(joining -> {
            AfterStep after = after(build, op, before);
            SpaceView view = after.view(after.together(joining, after.done));
            return RoundView.of(view, after.eye(view, joining, op.owner()));
        });
    }

    /**
     * How what a step fixes comes to its place, along its face and slower as it nears; all seen from one side and to one scale. The last one is what
     * {@link #of} shows. Empty for what fixes nothing, or sheets of the base to each other.
     *
     * @param before the steps that are done already
     */
    public static List<Scene> goingIn(Build build, Op op, List<Op> before) {
        if (op.effect().joins().isEmpty() || op.owner().equals(Id.BASE)) {
            return List.of();
        }
        Joining joining = op.effect().joins().get();
        AfterStep after = after(build, op, before);
        Set<PartId> comes = after.together(joining, before);
        Set<PartId> there = after.together(joining, after.done);
        there.removeAll(comes);
        SpaceView rest = after.view(there);
        SpaceView moved = after.view(comes);
        Eye eye = after.eye(rest.with(moved, 0), joining, op.owner());
        double side = joining.side() == Joining.Side.BACK ? -1 : 1;
        double from = side * FAR * build.face().bounds().height();
        List<Scene> all = new ArrayList<>();
        for (int i = 0; i < FRAMES; i++) {
            double left = 1 - i / (FRAMES - 1.0);
            all.add(RoundView.of(rest.with(moved, from * left * left), eye));
        }
        Box seen = all.stream().map(Scene::extent).reduce(Box::union).orElseThrow();
        return all.stream()
                .map(s -> new Scene(s.title(), seen, s.room(), s.toScale(), s.marks()))
                .toList();
    }

    private static AfterStep after(Build build, Op op, List<Op> before) {
        List<Op> done = new ArrayList<>(before);
        done.add(op);
        return new AfterStep(build, done);
    }

    private SpaceView view(Set<PartId> held) {
        Set<Id> owners = held.stream().map(PartId::owner).collect(Collectors.toSet());
        Set<Id> filled = done.stream()
                .filter(o -> o.kind().has(Trait.FILLS))
                .map(Op::owner)
                .filter(owners::contains)
                .collect(Collectors.toSet());
        return SpaceView.of(build, new SpaceView.Shown(held::contains, filled::contains));
    }

    /** From where it is usually looked at, if enough of the new part is seen from there; else from where most of it is. */
    private Eye eye(SpaceView view, Joining joining, Id owner) {
        Eye best = isInside(joining) ? Eye.RIGHT : Eye.CORNER;
        double most = InSight.of(RoundView.of(view, best), owner);
        if (most >= ENOUGH * flat(joining) || owner.equals(Id.BASE)) {
            return best;
        }
        for (Eye eye : EYES) {
            double seen = InSight.of(RoundView.of(view, eye), owner);
            if (seen > most * CLEARLY) {
                best = eye;
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
    private Set<PartId> together(Joining joining, List<Op> fixed) {
        Set<PartId> held = new HashSet<>(joining.laid());
        boolean more = true;
        while (more) {
            more = false;
            for (Op op : fixed) {
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
