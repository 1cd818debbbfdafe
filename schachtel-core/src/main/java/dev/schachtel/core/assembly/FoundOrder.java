package dev.schachtel.core.assembly;

import java.util.List;

/** How far the search for an earlier finish came: the sizes of lots that were tried, each with its best order. */
public record FoundOrder(List<Lots> tried) {
    public static final FoundOrder NONE = new FoundOrder(List.of());

    /** So many cards in a lot, and the order of the tasks. */
    public record Lots(int together, List<Integer> order) {
        public Lots {
            order = List.copyOf(order);
        }
    }

    public FoundOrder {
        tried = List.copyOf(tried);
    }
}
