package dev.schachtel.core.shape;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** Where level lines run inside an outline, from its edges, the lowest first. */
final class LevelLines {
    /** A share is off by less than this. */
    static final double ROUGH = 0.02;

    private static final int LINES = 64;

    /** By edge: x and y of its lower end, x and y of its upper end. */
    private final double[] ends;

    private LevelLines(double[] ends) {
        this.ends = ends;
    }

    static LevelLines of(Outline outline) {
        List<double[]> all = new ArrayList<>();
        outline.corners().forEach(line -> add(line, all));
        all.sort(Comparator.comparingDouble(e -> e[1]));
        return new LevelLines(all.stream().flatMapToDouble(Arrays::stream).toArray());
    }

    private static void add(List<Point> line, List<double[]> all) {
        for (int i = 0; i < line.size(); i++) {
            Point a = line.get(i);
            Point b = line.get(i + 1 < line.size() ? i + 1 : 0);
            if (a.y() < b.y()) {
                all.add(new double[] {a.x(), a.y(), b.x(), b.y()});
            } else if (a.y() > b.y()) {
                all.add(new double[] {b.x(), b.y(), a.x(), a.y()});
            }
        }
    }

    /** From the left, without those shorter than chords may be off; an end on the line counts for the edge above it only. */
    List<Outline.Span> across(double y) {
        double[] crossings = new double[ends.length / 4];
        int count = 0;
        for (int i = 0; i < ends.length && ends[i + 1] <= y; i += 4) {
            if (ends[i + 3] > y) {
                double share = (y - ends[i + 1]) / (ends[i + 3] - ends[i + 1]);
                crossings[count++] = ends[i] + share * (ends[i + 2] - ends[i]);
            }
        }
        Arrays.sort(crossings, 0, count);
        List<Outline.Span> spans = new ArrayList<>(count / 2);
        for (int i = 0; i + 1 < count; i += 2) {
            if (crossings[i + 1] - crossings[i] > Ring.CHORD_ERROR) {
                spans.add(new Outline.Span(crossings[i], crossings[i + 1]));
            }
        }
        return spans;
    }

    /** What another outline covers of this one's area, about. */
    double share(LevelLines other) {
        double bottom = ends.length == 0 ? 0 : ends[1];
        double top = bottom;
        for (int i = 3; i < ends.length; i += 4) {
            top = Math.max(top, ends[i]);
        }
        double all = 0;
        double both = 0;
        for (int i = 0; i < LINES; i++) {
            double y = bottom + (top - bottom) * (i + 0.5) / LINES;
            List<Outline.Span> here = across(y);
            List<Outline.Span> there = other.across(y);
            for (Outline.Span a : here) {
                all += a.to() - a.from();
                for (Outline.Span b : there) {
                    both += Math.max(0, Math.min(a.to(), b.to()) - Math.max(a.from(), b.from()));
                }
            }
        }
        return all <= 0 ? 0 : both / all;
    }
}
