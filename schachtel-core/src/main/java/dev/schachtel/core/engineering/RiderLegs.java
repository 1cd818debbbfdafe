package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;

import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Path;
import dev.schachtel.core.shape.Point;

/**
 * How wide things are across each leg of a path, and how long along it. A connector keeps its direction, so on another leg
 * it is guided over another length, and its slot is wider.
 */
final class RiderLegs {
    private final List<Double> headings = new ArrayList<>();

    RiderLegs(Path path) {
        List<Point> points = path.points();
        for (int i = 1; i < points.size(); i++) {
            Point a = points.get(i - 1);
            Point b = points.get(i);
            headings.add(Math.atan2(b.y() - a.y(), b.x() - a.x()));
        }
        if (headings.isEmpty()) {
            headings.add(0.0);
        }
    }

    /** What holds against its opening on the leg where it holds least, each measured across the leg. */
    record Hold(Length width, Length opening) {
        private Length spare() {
            return width.minus(opening);
        }
    }

    Hold leastHold(Outline keeper, Outline opening) {
        return headings.stream()
                .map(h -> new Hold(across(keeper, h), across(opening, h)))
                .min(Comparator.comparing(Hold::spare))
                .orElseThrow();
    }

    /** The shortest length of an outline along any leg. */
    Length shortestAlong(Outline outline) {
        return headings.stream()
                .map(h -> along(outline, h))
                .min(Comparator.naturalOrder())
                .orElseThrow();
    }

    /** The greatest width of an outline across any leg. */
    Length widestAcross(Outline outline) {
        return headings.stream()
                .map(h -> across(outline, h))
                .max(Comparator.naturalOrder())
                .orElseThrow();
    }

    private static Length across(Outline outline, double heading) {
        return extent(outline, p -> p.y() * Math.cos(heading) - p.x() * Math.sin(heading));
    }

    private static Length along(Outline outline, double heading) {
        return extent(outline, p -> p.x() * Math.cos(heading) + p.y() * Math.sin(heading));
    }

    private static Length extent(Outline outline, ToDoubleFunction<Point> place) {
        var places = outline.outer().flattened().stream().mapToDouble(place).summaryStatistics();
        return Mm.length(places.getMax() - places.getMin());
    }
}
