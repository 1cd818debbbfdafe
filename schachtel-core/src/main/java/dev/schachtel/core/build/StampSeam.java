package dev.schachtel.core.build;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import dev.schachtel.core.card.Where;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;

/**
 * Where two impressions of a stamp or stencil that is shorter than its sheet meet: a line across the sheet, in the middle of
 * their overlap. n impressions of length S with overlap o reach n(S - o) + o; by what that is longer than the sheet they may be
 * shifted, and are, to where what comes to lie on the sheet hides most of the lines. Handbook chapter 11.
 *
 * @param from where the first impression begins, in mm on the face
 * @param before how far it stands over the edge there, mm
 * @param step from one impression to the next, mm
 * @param line across the sheet
 * @param seen how much of it is not covered in the end
 */
public record StampSeam(double from, double before, double step, Outline line, Length seen) {
    private static final double THIN = 0.1;
    private static final double STEP = 1;

    /** Those of some surface work; none where its tool is set down once. */
    public static List<StampSeam> of(Build build, Surface surface) {
        if (!(surface.where() instanceof Where.Stepped s) || surface.times() < 2) {
            return List.of();
        }
        List<Outline> sheet =
                build.level(surface.slab()).map(l -> l.slab().footprints()).orElse(List.of());
        List<Outline> covers = Needed.covers(build, surface.slab());
        Box box = sheet.stream().map(Outline::bounds).reduce(Box::union).orElse(new Box(0, 0, 1, 1));
        boolean upright = box.height() >= box.width();
        double step = (s.tool().nanometres() - s.overlap().nanometres()) / 1e6;
        double overlap = s.overlap().nanometres() / 1e6;
        double whole = upright ? box.height() : box.width();
        double slack = Math.max(0, surface.times() * step + overlap - whole);
        List<List<StampSeam>> ways = new ArrayList<>();
        for (double back = 0; back <= slack + 1e-9; back += STEP) {
            double from = (upright ? box.bottom() : box.left()) - back;
            List<StampSeam> seams = new ArrayList<>();
            for (int i = 1; i < surface.times(); i++) {
                double at = from + i * step + overlap / 2;
                Outline line = Outline.of(
                        upright
                                ? new Box(box.left(), at - THIN / 2, box.right(), at + THIN / 2)
                                : new Box(at - THIN / 2, box.bottom(), at + THIN / 2, box.top()));
                seams.add(new StampSeam(from, back, step, line, seen(line, sheet, covers)));
            }
            ways.add(seams);
        }
        return ways.stream().min(Comparator.comparing(StampSeam::all)).orElse(List.of());
    }

    private static Length all(List<StampSeam> seams) {
        return seams.stream().map(StampSeam::seen).reduce(Length.ZERO, Length::plus);
    }

    private static Length seen(Outline line, List<Outline> sheet, List<Outline> covers) {
        double area = sheet.stream()
                .flatMap(f -> f.common(line).stream())
                .flatMap(part -> part.less(covers).stream())
                .mapToDouble(a -> a.area().squareMillimetres())
                .sum();
        return Length.ofMicrometres(Math.round(1000 * area / THIN));
    }
}
