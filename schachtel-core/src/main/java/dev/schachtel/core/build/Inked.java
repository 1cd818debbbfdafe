package dev.schachtel.core.build;

import java.util.List;

import dev.schachtel.core.material.Colour;
import dev.schachtel.core.shape.Outline;

/**
 * The colour that a ground has once its surface work is done, in one place or on the whole: by areas, as the eye mixes
 * them, from what is laid over all of an area. Stamps, stencils and splatter leave the ground as it is.
 */
public final class Inked {
    private Inked() {}

    /** Of some areas of a sheet that is plain before. */
    public static Colour of(List<Surface> surfaces, List<Outline> areas, Colour plain) {
        double whole = area(areas);
        Colour now = plain;
        for (Surface surface : surfaces) {
            if (whole > 0 && surface.technique().kind().blends()) {
                for (Coat coat : surface.coats()) {
                    double share = shared(coat, areas) / whole;
                    Colour under = now;
                    Colour laid = surface.technique().medium().over(under, surface.colour(), coat.coverage());
                    now = under.seenThrough(laid, Math.min(1, share));
                }
            }
        }
        return now;
    }

    private static double shared(Coat coat, List<Outline> areas) {
        return coat.areas().stream()
                .mapToDouble(c -> areas.stream()
                        .mapToDouble(a -> a.shared(c).squareMillimetres())
                        .sum())
                .sum();
    }

    private static double area(List<Outline> outlines) {
        return outlines.stream().mapToDouble(o -> o.area().squareMillimetres()).sum();
    }
}
