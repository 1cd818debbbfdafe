package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.Optional;

import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.work.Trait;
import dev.schachtel.core.work.WorkKind;

/** What masks, runs with what is left on the tool, cut edges and small finish ask of the order. */
enum RunOrder implements OrderRule {
    /** A mask keeps ink off only when it lies before. */
    MASK_BEFORE_INK(Strength.FORBIDS) {
        @Override
        public boolean follows(Op a, Op b, Shop shop) {
            return a.is(WorkKind.MASK)
                    && (masked(b, a) || b.is(WorkKind.UNMASK) && a.owner().equals(b.owner()));
        }
    },
    /** What the mask is to lie on is inked before it. */
    INK_BEFORE_MASK(Strength.WARNS) {
        @Override
        public boolean follows(Op a, Op b, Shop shop) {
            return b.is(WorkKind.MASK) && surfaceOn(a, b) && !masked(a, b);
        }
    },
    /** Wet ink runs under a mask that is lifted. */
    INK_BEFORE_UNMASK(Strength.FORBIDS) {
        @Override
        public boolean follows(Op a, Op b, Shop shop) {
            return b.is(WorkKind.UNMASK) && masked(a, b);
        }
    },
    /** A mask is off before words and glue. */
    UNMASK_BEFORE_USE(Strength.FORBIDS) {
        @Override
        public boolean follows(Op a, Op b, Shop shop) {
            boolean uses = b.kind().has(Trait.JOINS)
                    || b.kind().has(Trait.FOLLOWS_EDGES)
                    || b.is(WorkKind.FOLD)
                    || b.is(WorkKind.COLOUR_IN);
            return a.is(WorkKind.UNMASK) && uses && b.handles(a.onto());
        }
    },
    /** What is left on brush and stencil dries there. */
    LEFTOVER_AT_ONCE(Strength.FORBIDS) {
        @Override
        public boolean follows(Op a, Op b, Shop shop) {
            return leftFrom(b).filter(a.owner()::equals).isPresent() && a.kind().has(Trait.WETS);
        }

        @Override
        public boolean dry() {
            return false;
        }

        @Override
        public Optional<Duration> within(Op a) {
            return Optional.of(AT_ONCE);
        }
    },
    /** A stencil that is still needed is not washed yet. */
    LEFTOVER_BEFORE_WASH(Strength.FORBIDS) {
        @Override
        public boolean follows(Op a, Op b, Shop shop) {
            return b.kind().has(Trait.WASHES)
                    && leftFrom(a).filter(b.owner()::equals).isPresent();
        }

        @Override
        public boolean dry() {
            return false;
        }
    },
    /** Cutting leaves a white core again. */
    CUT_BEFORE_EDGE(Strength.FORBIDS) {
        @Override
        public boolean follows(Op a, Op b, Shop shop) {
            return a.kind().cuts() && b.surface().filter(Surface::isOnCutEdge).isPresent() && a.handles(b.main());
        }
    },
    /** Gems are knocked off by whatever is laid afterwards. */
    GEMS_LAST(Strength.ADVISES) {
        @Override
        public boolean follows(Op a, Op b, Shop shop) {
            return b.is(WorkKind.STICK_ON) && a.kind().has(Trait.PLACES) && !a.is(WorkKind.STICK_ON);
        }
    },
    /** Its ends go behind the sheet while that lies alone. */
    RIBBON_BEFORE_MOUNT(Strength.FORBIDS) {
        @Override
        public boolean follows(Op a, Op b, Shop shop) {
            return a.joins().isPresent() && shop.isTurnedBehind(a.main()) && b.lays(shop.wrapped(a.onto()));
        }
    };

    private static final Duration AT_ONCE = Duration.ofMinutes(5);

    private final String id;
    private final Strength strength;

    RunOrder(Strength strength) {
        this.id = OrderRule.id(this);
        this.strength = strength;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public Strength strength() {
        return strength;
    }

    private static boolean surfaceOn(Op surface, Op mask) {
        PartId sheet = mask.onto();
        return surface.surface().filter(s -> s.part().equals(sheet)).isPresent()
                && !surface.kind().has(Trait.WASHES);
    }

    private static boolean masked(Op surface, Op mask) {
        return surfaceOn(surface, mask)
                && surface.surface()
                        .filter(s -> s.masks().contains(mask.owner()))
                        .isPresent();
    }

    static Optional<Id> leftFrom(Op op) {
        return op.surface().filter(s -> !op.kind().has(Trait.WASHES)).flatMap(Surface::leftFrom);
    }
}
