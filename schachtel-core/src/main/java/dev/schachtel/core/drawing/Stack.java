package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Face;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.card.Carrier;
import dev.schachtel.core.card.Folded;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;

/**
 * The card's layers in their true order, from the back to the front, as a section through the selected piece would
 * show them. Layers of one piece, name and height count as one; layers at the same height stand beside each other in
 * columns.
 */
public record Stack(List<Layer> layers, List<Length> heights, Length closed) {
    public Stack {
        layers = List.copyOf(layers);
        heights = List.copyOf(heights);
    }

    /**
     * One layer.
     *
     * @param spans what the section cuts of it, as shares of the card's width
     * @param addOn the face that it offers for more to lie on, if it does
     */
    public record Layer(
            Id owner,
            String name,
            Material material,
            Length bottom,
            Length top,
            List<Part> spans,
            int column,
            int columns,
            Optional<Id> addOn) {
        private Layer in(int which, int of) {
            return new Layer(owner, name, material, bottom, top, spans, which, of, addOn);
        }
    }

    /** A stretch of the card's width, 0 to 1. */
    public record Part(double from, double to) {}

    public static Stack of(Build build, Id selected) {
        double y = SectionView.height(build, Optional.of(selected));
        Map<String, Layer> layers = new LinkedHashMap<>();
        for (Level level : build.levels()) {
            dev.schachtel.core.build.Part part = build.part(level.slab().part()).orElseThrow();
            String key = part.owner() + level.slab().name() + level.bottom() + level.top();
            Layer own = new Layer(
                    part.owner(),
                    level.slab().name(),
                    part.material(),
                    level.bottom(),
                    level.top(),
                    spans(build, level, y),
                    0,
                    1,
                    addOn(build, level));
            layers.merge(key, own, Stack::both);
        }
        return new Stack(columns(List.copyOf(layers.values())), Tiers.heights(build), build.thickness());
    }

    private static Optional<Id> addOn(Build build, Level level) {
        Id owner = level.slab().part().owner();
        if (build.spec().piece(owner).filter(Folded.class::isInstance).isPresent()) {
            return build.faces().stream()
                    .filter(f -> f.slab().equals(level.slab().id()))
                    .map(Face::name)
                    .findFirst();
        }
        if (!owner.equals(Id.BASE)) {
            return build.spec()
                    .piece(owner)
                    .filter(p ->
                            p instanceof Carrier && (level.slab().part().which().isEmpty()))
                    .map(p -> owner);
        }
        List<Id> faces = build.spec().base().faces();
        Length highest = build.levels().stream()
                .filter(l -> l.slab().part().owner().equals(Id.BASE))
                .filter(l -> !(build.part(l.slab().part()).orElseThrow().material() instanceof Foam))
                .map(Level::top)
                .reduce(Length.ZERO, Length::max);
        if (level.top().equals(highest)) {
            return Optional.of(faces.get(0));
        }
        boolean closedOver = build.mechanics().leaves().stream()
                .anyMatch(l -> l.over().equals(level.slab().id()));
        return closedOver && faces.contains(Id.INSIDE) ? Optional.of(Id.INSIDE) : Optional.empty();
    }

    private static Layer both(Layer a, Layer b) {
        List<Part> spans = new ArrayList<>(a.spans());
        spans.addAll(b.spans());
        return new Layer(a.owner(), a.name(), a.material(), a.bottom(), a.top(), spans, 0, 1, a.addOn());
    }

    private static List<Part> spans(Build build, Level level, double y) {
        Box face = build.face().bounds();
        List<Part> spans = new ArrayList<>();
        for (Outline footprint : level.slab().footprints()) {
            for (Outline.Span s : footprint.across(y)) {
                spans.add(new Part(share(s.from(), face), share(s.to(), face)));
            }
        }
        return spans;
    }

    private static double share(double x, Box face) {
        return Math.max(0, Math.min(1, (x - face.left()) / face.width()));
    }

    /** Layers that overlap in height stand beside each other: each in the first free column of its cluster. */
    private static List<Layer> columns(List<Layer> layers) {
        List<Layer> sorted = layers.stream()
                .sorted(Comparator.comparing(Layer::bottom).thenComparing(Layer::top))
                .toList();
        List<Layer> placed = new ArrayList<>();
        int start = 0;
        while (start < sorted.size()) {
            int end = start + 1;
            Length top = sorted.get(start).top();
            while (end < sorted.size() && sorted.get(end).bottom().isBelow(top)) {
                top = Length.max(top, sorted.get(end).top());
                end++;
            }
            placed.addAll(cluster(sorted.subList(start, end)));
            start = end;
        }
        return placed;
    }

    private static List<Layer> cluster(List<Layer> layers) {
        List<Length> reached = new ArrayList<>();
        List<Integer> columns = new ArrayList<>();
        for (Layer layer : layers) {
            int column = 0;
            while (column < reached.size() && reached.get(column).isAbove(layer.bottom())) {
                column++;
            }
            if (column == reached.size()) {
                reached.add(layer.top());
            } else {
                reached.set(column, layer.top());
            }
            columns.add(column);
        }
        List<Layer> placed = new ArrayList<>();
        for (int i = 0; i < layers.size(); i++) {
            placed.add(layers.get(i).in(columns.get(i), reached.size()));
        }
        return placed;
    }

    /** Whether a layer fills these heights, so that its name must fit between them. */
    public boolean named(Length from, Length to) {
        return layers.stream()
                .anyMatch(l -> !l.bottom().isAbove(from) && !l.top().isBelow(to));
    }
}
