package dev.schachtel.core.shape;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.measure.Length;

/** A piece of a straight line between two places on it, to the micrometre. */
public record Stretch(Length from, Length to) {
    public static Stretch of(double from, double to) {
        return new Stretch(Mm.length(from), Mm.length(to));
    }

    /** The longest straight stretch of an outer edge along an upright line, to 0.01 mm. */
    public static Optional<Stretch> uprightEdge(Outline outline, double x) {
        List<Point> p = outline.outer().flattened();
        Optional<Stretch> longest = Optional.empty();
        for (int i = 0; i < p.size(); i++) {
            Point a = p.get(i);
            Point b = p.get((i + 1) % p.size());
            if (Math.abs(a.x() - x) < 2 * Ring.CHORD_ERROR && Math.abs(b.x() - x) < 2 * Ring.CHORD_ERROR) {
                Stretch found = Stretch.of(Math.min(a.y(), b.y()), Math.max(a.y(), b.y()));
                longest =
                        longest.filter(l -> !l.length().isBelow(found.length())).or(() -> Optional.of(found));
            }
        }
        return longest;
    }

    public Length length() {
        return to.minus(from);
    }

    /** What is left of this stretch when all taken are cut out, in order; empty pieces are dropped. */
    public List<Stretch> less(List<Stretch> taken) {
        List<Stretch> left = new ArrayList<>();
        Length start = from;
        for (Stretch t :
                taken.stream().sorted(Comparator.comparing(Stretch::from)).toList()) {
            if (t.from.isAbove(start)) {
                left.add(new Stretch(start, Length.min(t.from, to)));
            }
            start = Length.max(start, t.to);
        }
        if (start.isBelow(to)) {
            left.add(new Stretch(start, to));
        }
        return left.stream().filter(s -> s.length().isPositive()).toList();
    }
}
