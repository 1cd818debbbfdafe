package dev.schachtel.core.assembly;

import java.util.List;

import dev.schachtel.core.build.Inking;
import dev.schachtel.core.work.WorkKind;

/** What colouring pictures by hand asks of the order. */
enum PenOrder implements OrderRule {
    /** What is drawn on a part that moves is there before it is coloured. */
    DRAW_BEFORE_COLOUR(Strength.FORBIDS, true) {
        @Override
        public boolean follows(Op a, Op b, Shop shop) {
            return a.is(WorkKind.DRAW) && b.is(WorkKind.COLOUR_IN) && SurfaceOrder.works(b, a);
        }
    },
    /** All pictures with one pen, dark to light or light to dark: each is blended out with the next while it is wet. */
    PEN_BY_PEN(Strength.WARNS, false) {
        @Override
        public boolean follows(Op a, Op b, Shop shop) {
            return isNext(a, b, shop) && a.rest().isZero();
        }
    },
    /** Light beside dark: the first must not run into the other. */
    NEIGHBOURS_DRY(Strength.FORBIDS, true) {
        @Override
        public boolean follows(Op a, Op b, Shop shop) {
            return isNext(a, b, shop) && !a.rest().isZero();
        }
    };

    private final String id;
    private final Strength strength;
    private final boolean dry;

    PenOrder(Strength strength, boolean dry) {
        this.id = OrderRule.id(this);
        this.strength = strength;
        this.dry = dry;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public Strength strength() {
        return strength;
    }

    @Override
    public boolean dry() {
        return dry;
    }

    private static boolean isNext(Op a, Op b, Shop shop) {
        boolean pens = a.is(WorkKind.COLOUR_IN)
                && b.is(WorkKind.COLOUR_IN)
                && a.owner().equals(b.owner());
        return pens && stroke(b, shop) == stroke(a, shop) + 1;
    }

    /** Its place among the pens. */
    private static int stroke(Op op, Shop shop) {
        List<Inking> all = shop.build().inkings();
        return op.surface().flatMap(shop.build()::inking).map(all::indexOf).orElse(-2);
    }
}
