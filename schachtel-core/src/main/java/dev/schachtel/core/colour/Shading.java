package dev.schachtel.core.colour;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * Where an area is dark, middle and light when light falls from one side. Dark is the area less itself moved by
 * {@value #SHARE} of its width toward the light, and what lies in the shadow of something over it; middle is as much again;
 * the rest is light. Handbook chapter 11. The three cover the area and don't overlap.
 *
 * @param dark from here the strokes begin
 */
public record Shading(List<Outline> dark, List<Outline> middle, List<Outline> light) {
    /** Of the area's width, along the light. */
    static final double SHARE = 0.15;
    /** Of that, how far what lies over it throws its shadow. */
    private static final double THROWN = 0.5;

    /** What is narrower takes two tones. */
    public static final Length NARROW = Length.ofMillimetres(4);

    public Shading {
        dark = List.copyOf(dark);
        middle = List.copyOf(middle);
        light = List.copyOf(light);
    }

    /**
     * Of an area.
     *
     * @param over what lies on it and hides it there
     * @param toward a step of length 1 toward the light
     * @param tones 1 to 3; with one all is middle, with two nothing is
     */
    public static Shading of(Outline area, List<Outline> over, Point toward, int tones) {
        List<Outline> seen = area.less(over);
        if (tones < 2) {
            return new Shading(List.of(), seen, List.of());
        }
        Box box = area.bounds();
        double wide = Math.abs(toward.x()) * box.width() + Math.abs(toward.y()) * box.height();
        double step = SHARE * wide;
        List<Outline> thrown =
                over.stream().map(o -> moved(o, toward, -THROWN * step)).toList();
        List<Outline> dark = new ArrayList<>();
        List<Outline> middle = new ArrayList<>();
        List<Outline> light = new ArrayList<>();
        Outline once = moved(area, toward, step);
        Outline twice = moved(area, toward, 2 * step);
        for (Outline part : seen) {
            List<Outline> lit = part.common(once);
            List<Outline> open =
                    lit.stream().flatMap(l -> l.less(thrown).stream()).toList();
            dark.addAll(open.isEmpty() ? List.of(part) : part.less(open));
            if (tones == 2) {
                light.addAll(open);
            } else {
                List<Outline> bright =
                        open.stream().flatMap(o -> o.common(twice).stream()).toList();
                open.stream().flatMap(o -> o.less(bright).stream()).forEach(middle::add);
                light.addAll(bright);
            }
        }
        return new Shading(dark, middle, light);
    }

    private static Outline moved(Outline outline, Point toward, double by) {
        return outline.moved(new Point(by * toward.x(), by * toward.y()));
    }

    /** The areas of so many tones, the darkest first. */
    public List<List<Outline>> tones() {
        List<List<Outline>> all = new ArrayList<>(List.of(dark, middle, light));
        all.removeIf(List::isEmpty);
        return all;
    }
}
