package dev.schachtel.core.colour;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

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
    private static final double THROWN = 0.25;

    /** What is narrower takes two tones. */
    public static final Length NARROW = Length.ofMillimetres(4);

    public Shading {
        dark = List.copyOf(dark);
        middle = List.copyOf(middle);
        light = List.copyOf(light);
    }

    /**
     * Of areas of one colour.
     *
     * @param over what lies on them and hides them there
     * @param above other pieces that lie over it, and throw a shadow on it
     * @param toward a step of length 1 toward the light
     * @param tones 0 to 3; with one all is dark, with two nothing is middle
     */
    public static Shading of(List<Outline> areas, List<Outline> over, List<Outline> above, Point toward, int tones) {
        List<Outline> dark = new ArrayList<>();
        List<Outline> middle = new ArrayList<>();
        List<Outline> light = new ArrayList<>();
        for (Outline area : areas) {
            Shading one = one(area, over, above, toward, tones);
            dark.addAll(one.dark);
            middle.addAll(one.middle);
            light.addAll(one.light);
        }
        return new Shading(dark, middle, light);
    }

    private static Shading one(Outline area, List<Outline> over, List<Outline> above, Point toward, int tones) {
        List<Outline> seen = area.less(over);
        if (tones < 2) {
            return new Shading(seen, List.of(), List.of());
        }
        Box box = area.bounds();
        double wide = Math.abs(toward.x()) * box.width() + Math.abs(toward.y()) * box.height();
        double step = SHARE * wide;
        List<Outline> thrown = Outline.union(Stream.concat(over.stream(), above.stream())
                .map(o -> moved(o, toward, -THROWN * step))
                .filter(o -> o.bounds().touches(box))
                .toList());
        List<Outline> dark = new ArrayList<>();
        List<Outline> middle = new ArrayList<>();
        List<Outline> light = new ArrayList<>();
        Outline once = moved(area, toward, step);
        Outline twice = moved(area, toward, 2 * step);
        for (Outline part : seen) {
            dark.addAll(part.less(List.of(once)));
            for (Outline lit : part.common(once)) {
                thrown.forEach(t -> dark.addAll(lit.common(t)));
                for (Outline open : lit.less(thrown)) {
                    middle.addAll(tones == 2 ? List.of() : open.less(List.of(twice)));
                    light.addAll(tones == 2 ? List.of(open) : open.common(twice));
                }
            }
        }
        return new Shading(dark, middle, light);
    }

    private static Outline moved(Outline outline, Point toward, double by) {
        return outline.moved(new Point(by * toward.x(), by * toward.y()));
    }

    /** The areas that are there, the darkest first. */
    public List<List<Outline>> tones() {
        return List.of(dark, middle, light);
    }

    /** The areas of a recipe of so many tones, the darkest first. */
    public List<List<Outline>> tones(int many) {
        return many == 3 ? tones() : many == 2 ? List.of(dark, light) : List.of(dark);
    }
}
