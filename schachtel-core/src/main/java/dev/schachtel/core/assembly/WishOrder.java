package dev.schachtel.core.assembly;

import dev.schachtel.core.card.OrderWish;

/** The maker wants one step before another. */
record WishOrder(OrderWish wish) implements OrderRule {
    @Override
    public String id() {
        return "wish";
    }

    @Override
    public Strength strength() {
        return Strength.WISHES;
    }

    @Override
    public boolean follows(Op a, Op b, Shop shop) {
        return a.id().equals(wish.first()) && b.id().equals(wish.then());
    }

    @Override
    public boolean dry() {
        return false;
    }
}
