package dev.schachtel.core.scene;

import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleBiFunction;

import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;

/** What is measured of a scene and of what could become of it: outlines that stay where they are aren't measured twice. */
final class Measured {
    private final Map<Outline, Integer> numbers = new IdentityHashMap<>();
    private final Map<Long, Double> between = new HashMap<>();
    private final Map<Long, Double> shared = new HashMap<>();
    private final Map<Outline, Ground.Profile> profiles = new IdentityHashMap<>();
    private final Rows rows = new Rows();

    Ground ground(Scenery scenery) {
        return new Ground(scenery, o -> profiles.computeIfAbsent(o, Ground.Profile::of));
    }

    /** See {@link #apart(Outline, Outline)}. */
    double between(Outline a, Outline b) {
        return known(between, a, b, Measured::apart);
    }

    /** The area that both cover, mm2. */
    double shared(Outline a, Outline b) {
        return known(shared, a, b, (x, y) -> x.shared(y).squareMillimetres());
    }

    /** How much of an outline's area none of the others covers, in percent. */
    double uncovered(Outline outline, List<Outline> others) {
        return rows.uncovered(outline, others);
    }

    private double known(
            Map<Long, Double> figures, Outline a, Outline b, ToDoubleBiFunction<Outline, Outline> measure) {
        long pair = ((long) number(a) << Integer.SIZE) + number(b);
        Double figure = figures.get(pair);
        if (figure == null) {
            figure = measure.applyAsDouble(a, b);
            figures.put(pair, figure);
        }
        return figure;
    }

    private int number(Outline outline) {
        return numbers.computeIfAbsent(outline, o -> numbers.size());
    }

    /** How far two outlines are apart, mm; less than 0 by how much they overlap: the narrower side of what they share. */
    static double apart(Outline a, Outline b) {
        if (!a.overlaps(b)) {
            return Mm.of(a.gapTo(b).length());
        }
        Box x = a.bounds();
        Box y = b.bounds();
        double wide = Math.min(x.right(), y.right()) - Math.max(x.left(), y.left());
        double high = Math.min(x.top(), y.top()) - Math.max(x.bottom(), y.bottom());
        return -Math.min(wide, high);
    }
}
