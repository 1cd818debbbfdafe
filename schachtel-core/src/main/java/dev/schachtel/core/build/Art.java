package dev.schachtel.core.build;

import java.util.List;

import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;

/**
 * The picture on a part.
 *
 * @param picture which of the box
 * @param mirrored left for right
 * @param tints coloured areas from the back to the front, in the part's own coordinates
 */
public record Art(PartId part, MaterialId picture, boolean mirrored, List<Tint> tints) {
    /** What a drawing of nothing but words is called. */
    private static final MaterialId WORDS = new MaterialId("words");

    public Art {
        tints = List.copyOf(tints);
    }

    /** Words on a part: each tint bears what it says. */
    public static Art words(PartId part, List<Tint> said) {
        return new Art(part, WORDS, false, said);
    }

    /** Whether it is there to be read. */
    public boolean isWords() {
        return picture.equals(WORDS);
    }

    /** One colour, which may lie in several places. */
    public record Tint(String name, Colour colour, List<Outline> areas) {
        public Tint {
            areas = List.copyOf(areas);
        }

        Tint within(Outline kept) {
            return new Tint(
                    name,
                    colour,
                    areas.stream().flatMap(a -> a.common(kept).stream()).toList());
        }

        Tint mirrored() {
            return new Tint(name, colour, areas.stream().map(a -> a.mirrored(0)).toList());
        }
    }

    /** Its colours by their areas, with that of the card wherever the sheet shows between them. */
    public Colour mean(Outline sheet, Colour card) {
        double[] sum = new double[4];
        for (Tint tint : tints) {
            double area = tint.areas.stream()
                    .mapToDouble(a -> a.area().squareMillimetres())
                    .sum();
            add(sum, tint.colour, area);
        }
        add(sum, card, Math.max(1e-6, sheet.area().squareMillimetres() - sum[3]));
        return new Colour((int) Math.round(sum[0] / sum[3]) << 16
                | (int) Math.round(sum[1] / sum[3]) << 8
                | (int) Math.round(sum[2] / sum[3]));
    }

    private static void add(double[] sum, Colour colour, double area) {
        int rgb = colour.rgb();
        sum[0] += area * (rgb >> 16 & 255);
        sum[1] += area * (rgb >> 8 & 255);
        sum[2] += area * (rgb & 255);
        sum[3] += area;
    }

    /** Of its tints only what lies in an outline of the part's own coordinates. */
    public Art within(Outline kept) {
        Box box = kept.bounds();
        boolean all = tints.stream().flatMap(t -> t.areas.stream()).allMatch(a -> box.holds(a.bounds()));
        return all
                ? this
                : new Art(
                        part,
                        picture,
                        mirrored,
                        tints.stream().map(t -> t.within(kept)).toList());
    }

    /** With its tints left for right, about the part's own middle. */
    public Art turnedRound() {
        return new Art(
                part, picture, !mirrored, tints.stream().map(Tint::mirrored).toList());
    }
}
