package dev.schachtel.core.assembly;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.OrderWish;

/** All rules there are. Further families of rules are added here. */
public final class OrderRules {
    private OrderRules() {}

    /** Those of the craft, the same for every card. */
    public static List<OrderRule> all() {
        List<OrderRule> rules = new ArrayList<>(List.of(BuildOrder.values()));
        rules.addAll(List.of(SurfaceOrder.values()));
        rules.addAll(List.of(PenOrder.values()));
        rules.addAll(List.of(RunOrder.values()));
        return rules;
    }

    /** Those of the craft and the maker's wishes for one card. */
    static List<OrderRule> of(CardSpec spec) {
        List<OrderRule> rules = all();
        for (OrderWish wish : spec.order()) {
            rules.add(new WishOrder(wish));
        }
        return rules;
    }
}
