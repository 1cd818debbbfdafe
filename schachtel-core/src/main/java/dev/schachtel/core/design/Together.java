package dev.schachtel.core.design;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import dev.schachtel.core.material.MaterialId;

/** What several cards take together: each alone may have enough. */
public final class Together {
    private Together() {}

    /** What one card takes, and by when. */
    public record Taking(String card, Optional<LocalDate> due, List<UseUp.Use> uses) {
        public Taking {
            uses = List.copyOf(uses);
        }
    }

    /**
     * One thing that they take.
     *
     * @param share of full ones, for all cards of all takings
     * @param there of full ones, how much there is
     * @param cards that take it, those that take most first
     * @param by the first day on which it is needed
     */
    public record Wish(
            MaterialId id, String name, double share, double there, List<String> cards, Optional<LocalDate> by) {
        public boolean isShort() {
            return share > there + 1e-9;
        }
    }

    private record Part(Taking taking, UseUp.Use use) {}

    /** All that is taken, what is shortest first. */
    public static List<Wish> of(List<Taking> takings) {
        Map<MaterialId, List<Part>> all = new LinkedHashMap<>();
        takings.forEach(t -> t.uses.forEach(
                u -> all.computeIfAbsent(u.id(), k -> new ArrayList<>()).add(new Part(t, u))));
        return all.values().stream()
                .map(Together::wish)
                .sorted(Comparator.comparingDouble((Wish w) -> w.share / Math.max(1e-6, w.there))
                        .reversed())
                .toList();
    }

    private static Wish wish(List<Part> parts) {
        UseUp.Use one = parts.get(0).use;
        return new Wish(
                one.id(),
                one.name(),
                parts.stream().mapToDouble(p -> p.use.share()).sum(),
                one.there(),
                parts.stream()
                        .sorted(Comparator.comparingDouble((Part p) -> p.use.share())
                                .reversed())
                        .map(p -> p.taking.card)
                        .distinct()
                        .toList(),
                parts.stream().flatMap(p -> p.taking.due.stream()).min(Comparator.naturalOrder()));
    }
}
