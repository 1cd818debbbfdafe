package dev.schachtel.core.engineering;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToIntFunction;

import dev.schachtel.core.build.Coloured;
import dev.schachtel.core.build.Inking;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Shade;
import dev.schachtel.core.material.Technique;
import dev.schachtel.core.measure.Area;
import dev.schachtel.core.shape.Outline;

/**
 * What is done with one shade after the other, each in one go on all pictures. Colouring a picture takes as long as the
 * technique book says, and each shade of it its share by area.
 */
final class Strokes {
    /** Neighbours that differ by more in lightness must not run into each other. */
    private static final double STRONG = 25;

    private final Id owner;
    private final Technique way;
    private final boolean darkFirst;
    private final List<Coloured> areas;
    private final ToIntFunction<PartId> copies;

    Strokes(Id owner, Technique way, boolean darkFirst, List<Coloured> areas, ToIntFunction<PartId> copies) {
        this.owner = owner;
        this.way = way;
        this.darkFirst = darkFirst;
        this.areas = areas;
        this.copies = copies;
    }

    /** What one shade goes over. */
    private static final class Go {
        private final Set<PartId> parts = new LinkedHashSet<>();
        private double area;
        private double seconds;
    }

    /** In the order of the strokes; then the blender over narrow areas, whose tones meet in a hard line, and the veil last. */
    List<Inking> all(Optional<Shade> blender, Optional<Shade> veil) {
        Map<PartId, Double> whole = new LinkedHashMap<>();
        areas.stream()
                .filter(c -> !c.isBare())
                .forEach(c -> whole.merge(c.part(), c.area().squareMillimetres(), Double::sum));
        Map<Shade, Go> goes = new LinkedHashMap<>();
        Go shadows = new Go();
        Go narrow = new Go();
        for (Coloured c : areas) {
            for (int i : c.strokes()) {
                Go go = goes.computeIfAbsent(c.recipe().tones().get(i).shade(), k -> new Go());
                add(go, c, c.shading().tones(c.recipe().tones().size()).get(i), whole);
            }
            if (c.recipe().tones().size() > 1) {
                add(shadows, c, c.shading().dark(), whole);
                if (c.narrow()) {
                    add(narrow, c, c.shading().light(), whole);
                }
            }
        }
        Comparator<Shade> dark =
                Comparator.comparingDouble((Shade s) -> s.colour().lightness()).thenComparing(s -> s.id().value());
        List<Inking> strokes = new ArrayList<>();
        List<Shade> order = goes.keySet().stream()
                .sorted(darkFirst ? dark : dark.reversed())
                .toList();
        for (int i = 0; i < order.size(); i++) {
            boolean runs = i + 1 < order.size()
                    && isStrong(order.get(i), order.get(i + 1))
                    && goes.get(order.get(i)).parts.stream().anyMatch(goes.get(order.get(i + 1)).parts::contains);
            strokes.add(inking(order.get(i), goes.get(order.get(i)), runs));
        }
        blender.filter(b -> !narrow.parts.isEmpty()).ifPresent(b -> strokes.add(inking(b, narrow, false)));
        veil.filter(v -> !shadows.parts.isEmpty()).ifPresent(v -> strokes.add(inking(v, shadows, false)));
        return strokes;
    }

    private void add(Go go, Coloured c, List<Outline> tone, Map<PartId, Double> whole) {
        double area =
                tone.stream().mapToDouble(o -> o.area().squareMillimetres()).sum();
        int copies = this.copies.applyAsInt(c.part());
        go.parts.add(c.part());
        go.area += area * copies;
        go.seconds += copies * way.each() * area / Math.max(1e-6, whole.get(c.part()));
    }

    private Inking inking(Shade shade, Go go, boolean overWet) {
        return new Inking(
                owner,
                way,
                shade,
                List.copyOf(go.parts),
                new Area(go.area),
                Duration.ofSeconds(Math.max(1, Math.round(go.seconds))),
                overWet);
    }

    private static boolean isStrong(Shade one, Shade other) {
        return Math.abs(one.colour().lightness() - other.colour().lightness()) > STRONG;
    }
}
