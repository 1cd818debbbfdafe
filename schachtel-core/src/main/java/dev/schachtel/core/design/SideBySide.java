package dev.schachtel.core.design;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import dev.schachtel.core.build.Art;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.colour.Harmony;
import dev.schachtel.core.colour.Recipe;
import dev.schachtel.core.colour.Sight;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.measure.Area;

/**
 * The colours of a card beside each other: its pictures against what they lie on, as all eyes see them, and how the hues of
 * all of it stand to each other.
 *
 * @param pairs the least difference first
 * @param shares what of the front is of which colour, the largest share first
 */
public record SideBySide(List<Pair> pairs, List<Share> shares, Harmony harmony) {
    public SideBySide {
        pairs = List.copyOf(pairs);
        shares = List.copyOf(shares);
    }

    /**
     * A picture and what it lies on.
     *
     * @param count how many of that picture lie on that
     * @param differences CIEDE2000, by sight
     * @param meant whether the maker wants it so
     */
    public record Pair(
            Id piece,
            String picture,
            Id under,
            String ground,
            int count,
            Map<Sight, Double> differences,
            boolean meant) {
        public Pair {
            differences = Map.copyOf(differences);
        }

        public double difference() {
            return differences.getOrDefault(Sight.ALL, 0.0);
        }

        public boolean runsTogether() {
            return difference() < Recipe.UNLIKE && !meant;
        }

        /** Who does not see them apart, though others do. */
        public List<Sight> lost() {
            return differences.entrySet().stream()
                    .filter(e -> e.getValue() < Recipe.UNLIKE && difference() >= Recipe.UNLIKE)
                    .map(Map.Entry::getKey)
                    .sorted()
                    .toList();
        }
    }

    /** A colour and its share of all, 0 to 1. */
    public record Share(Colour colour, double of) {}

    public static SideBySide of(Build build) {
        Map<String, Pair> pairs = new LinkedHashMap<>();
        for (Art art : build.arts()) {
            Optional<Part> upper = build.part(art.part());
            Optional<Part> lower = under(build, art);
            if (!art.isWords() && upper.isPresent() && lower.isPresent()) {
                pair(build, upper.get(), lower.get())
                        .ifPresent(p -> pairs.merge(p.picture + "/" + p.ground, p, SideBySide::lesser));
            }
        }
        List<Share> shares = shares(build);
        return new SideBySide(
                pairs.values().stream()
                        .sorted((a, b) -> Double.compare(a.difference(), b.difference()))
                        .toList(),
                shares,
                Harmony.of(shares.stream().map(s -> s.colour.lab()).toList()));
    }

    private static Pair lesser(Pair one, Pair other) {
        Pair less = one.difference() <= other.difference() ? one : other;
        return new Pair(
                less.piece,
                less.picture,
                less.under,
                less.ground,
                one.count + other.count,
                less.differences,
                less.meant);
    }

    private static Optional<Part> under(Build build, Art art) {
        SlabId own = SlabId.of(art.part());
        return build.joints().stream()
                .filter(j -> j.upper().equals(own) && j.hold() == Joint.Hold.RESTS)
                .findFirst()
                .flatMap(j -> build.partAt(j.lower()));
    }

    private static Optional<Pair> pair(Build build, Part upper, Part lower) {
        return build.colour(upper.id())
                .flatMap(above -> build.colour(lower.id()).map(below -> {
                    Map<Sight, Double> differences = new EnumMap<>(Sight.class);
                    for (Sight sight : Sight.values()) {
                        differences.put(
                                sight,
                                sight.of(above)
                                        .lab()
                                        .differenceTo(sight.of(below).lab()));
                    }
                    return new Pair(
                            upper.owner(),
                            upper.name(),
                            lower.owner(),
                            lower.name(),
                            upper.perCard(),
                            differences,
                            build.spec().isMeant(upper.owner(), lower.owner()));
                }));
    }

    /** By the sheets that are not hidden behind the front; alike colours are one. */
    private static List<Share> shares(Build build) {
        Map<Colour, Double> areas = new LinkedHashMap<>();
        for (Part part : build.parts()) {
            build.colour(part.id()).ifPresent(colour -> {
                Area area = part.outline().area().times(part.perCard());
                areas.merge(like(areas, colour), area.squareMillimetres(), Double::sum);
            });
        }
        double all = areas.values().stream().mapToDouble(a -> a).sum();
        List<Share> shares = new ArrayList<>();
        areas.forEach((colour, area) -> shares.add(new Share(colour, area / all)));
        shares.sort((a, b) -> Double.compare(b.of, a.of));
        return shares;
    }

    private static Colour like(Map<Colour, Double> known, Colour colour) {
        return known.keySet().stream()
                .filter(k -> k.lab().differenceTo(colour.lab()) < Recipe.UNLIKE / 2)
                .findFirst()
                .orElse(colour);
    }
}
