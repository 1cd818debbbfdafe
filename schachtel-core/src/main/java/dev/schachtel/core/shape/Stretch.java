package dev.schachtel.core.shape;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import dev.schachtel.core.measure.Length;

/** A piece of a straight line between two places on it, to the micrometre. */
public record Stretch(Length from, Length to) {
    public static Stretch of(double from, double to) {
        return new Stretch(Mm.length(from), Mm.length(to));
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
