package dev.schachtel.core.build;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

import dev.schachtel.core.build.Bond.Freedom;

/** Finds how all slabs of a card are bound to each other, from what moves, what folds and what is joined. */
public final class Bonds {
    private final List<Bond> all = new ArrayList<>();
    private final Set<Set<SlabId>> pairs = new HashSet<>();

    private Bonds() {}

    /** Each pair once. */
    public static List<Bond> of(Build build) {
        Bonds bonds = new Bonds();
        build.mechanics().motions().forEach(bonds::motion);
        List.of(Freedom.SWINGS, Freedom.FOLDS, Freedom.FIXED).forEach(f -> bonds.joints(build, f));
        Unfolding unfolding = build.mechanics().unfolding();
        unfolding.hinges().stream()
                .filter(h -> h.on() != Hinge.BOARD && h.isMoving())
                .forEach(h -> bonds.add(
                        unfolding.panels().get(h.on()).slab(),
                        unfolding.panels().get(h.turns()).slab(),
                        Freedom.FOLDS));
        bonds.joints(build, Freedom.UNTIL_OPENED);
        return List.copyOf(bonds.all);
    }

    private void joints(Build build, Freedom freedom) {
        build.joints().stream().filter(j -> of(j.hold()) == freedom).forEach(j -> add(j.upper(), j.lower(), freedom));
    }

    private void motion(Motion motion) {
        Freedom freedom = motion.move().tell(new Freedoms());
        for (SlabId guide : motion.keeping().guides()) {
            motion.moving().forEach(m -> add(m, guide, freedom));
        }
    }

    private void add(SlabId one, SlabId other, Freedom freedom) {
        if (!one.equals(other) && pairs.add(Set.of(one, other))) {
            all.add(new Bond(one, other, freedom));
        }
    }

    private static Freedom of(Joint.Hold hold) {
        return switch (hold) {
            case RESTS, HANGS -> Freedom.FIXED;
            case MEETS -> Freedom.UNTIL_OPENED;
            case TIED -> Freedom.SWINGS;
            case HINGES -> Freedom.FOLDS;
        };
    }

    /** A slab and all that is fixed to it, or to what is. */
    public static Set<SlabId> fixedTo(SlabId slab, List<Bond> bonds) {
        Set<SlabId> found = new LinkedHashSet<>(Set.of(slab));
        boolean more = true;
        while (more) {
            more = false;
            for (Bond bond : bonds) {
                if (bond.freedom() == Freedom.FIXED) {
                    more |= found.contains(bond.one()) && found.add(bond.other());
                    more |= found.contains(bond.other()) && found.add(bond.one());
                }
            }
        }
        return found;
    }

    /** What is left by each kind of movement. */
    private static final class Freedoms implements Move.Cases<Freedom> {
        @Override
        public Freedom slide(Move.Slide slide) {
            return Freedom.SLIDES;
        }

        @Override
        public Freedom roll(Move.Roll roll) {
            return Freedom.SLIDES;
        }

        @Override
        public Freedom turn(Move.Turn turn) {
            return Freedom.TURNS;
        }

        @Override
        public Freedom fold(Move.Fold fold) {
            return Freedom.FOLDS;
        }

        @Override
        public Freedom hang(Move.Hang hang) {
            return Freedom.SWINGS;
        }
    }
}
