package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.card.Id;
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
     */
    public record Layer(
            Id owner,
            String name,
            Material material,
            Length bottom,
            Length top,
            List<Part> spans,
            int column,
            int columns) {
        private Layer in(int which, int of) {
            return new Layer(owner, name, material, bottom, top, spans, which, of);
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
                    1);
            layers.merge(key, own, Stack::both);
        }
        return new Stack(columns(List.copyOf(layers.values())), Tiers.heights(build), build.thickness());
    }

    private static Layer both(Layer a, Layer b) {
        List<Part> spans = new ArrayList<>(a.spans());
        spans.addAll(b.spans());
        return new Layer(a.owner(), a.name(), a.material(), a.bottom(), a.top(), spans, 0, 1);
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

    private static List<Layer> columns(List<Layer> layers) {
        List<Layer> placed = new ArrayList<>();
        for (Layer layer : layers) {
            List<Layer> beside = layers.stream().filter(o -> overlap(o, layer)).toList();
            placed.add(layer.in(beside.indexOf(layer), beside.size()));
        }
        return placed;
    }

    private static boolean overlap(Layer a, Layer b) {
        return a.bottom().isBelow(b.top()) && b.bottom().isBelow(a.top());
    }

    /** Whether a layer fills these heights, so that its name must fit between them. */
    public boolean named(Length from, Length to) {
        return layers.stream()
                .anyMatch(l -> !l.bottom().isAbove(from) && !l.top().isBelow(to));
    }
}
