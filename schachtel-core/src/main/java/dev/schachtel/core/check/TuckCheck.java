package dev.schachtel.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.card.Tuck;
import dev.schachtel.core.material.Spacers;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * What is tucked in goes under an edge that reaches it, bends over it and still has enough glue; and no three pieces lie
 * over each other in a ring at one place. Handbook chapter 10, tuck-in and weaving.
 */
final class TuckCheck implements Check {
    /** Round what is tucked in, an edge has no glue. */
    private static final Length NO_GLUE = Length.ofMillimetres(1);
    /** So much of a piece must be glued to hold. */
    private static final double LEAST_GLUED = 0.3;

    /** How far a piece is moved under an edge that it doesn't reach, mm. */
    private static final double UNDER = 3;

    private static final double SOME = 1;
    /** Places that are looked at, 1 mm apart. */
    private static final int STEPS = 120;

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        List<Id> order = build.spec().pieces().map(Piece::id).toList();
        for (Tuck tuck : build.spec().tucks()) {
            Optional<Level> piece = sheet(build, tuck.piece());
            Optional<Level> edge = sheet(build, tuck.under());
            if (piece.isPresent() && edge.isPresent()) {
                look(build, workshop, tuck, report);
                rings(build, tuck, order, report);
            }
        }
    }

    private static Optional<Level> sheet(Build build, Id piece) {
        return build.levels().stream()
                .filter(l -> l.slab().part().owner().equals(piece) && build.isCard(l))
                .reduce((lower, upper) -> upper);
    }

    private static void look(Build build, Workshop workshop, Tuck tuck, Report report) {
        Level piece = sheet(build, tuck.piece()).orElseThrow();
        Level edge = sheet(build, tuck.under()).orElseThrow();
        List<Outline> shared = shared(piece, edge);
        Report.Draft apart = draft(RuleId.TUCK_APART, tuck, piece, edge, report);
        if (shared.isEmpty()) {
            Outline.Gap gap = outline(piece).gapTo(outline(edge));
            apart.measured(gap.length(), Length.ZERO)
                    .at(gap.here())
                    .remedy(Remedies.move(build, tuck.piece(), towards(gap)))
                    .watch();
            return;
        }
        Length lift = piece.top().minus(edge.bottom());
        if (lift.isAbove(Spacers.BENDS)) {
            draft(RuleId.TUCK_HIGH, tuck, piece, edge, report)
                    .thick(lift, Spacers.BENDS)
                    .remedy(Remedies.flat(build, workshop, tuck.piece()))
                    .mend();
        }
        double glued = glued(outline(edge), shared);
        if (lift.isPositive() && glued < LEAST_GLUED) {
            draft(RuleId.TUCK_DEEP, tuck, piece, edge, report)
                    .measured(new Amount.Count((int) Math.round(100 * glued)), new Amount.Count((int)
                            (100 * LEAST_GLUED)))
                    .remedy(lessDeep(piece, edge).flatMap(by -> Remedies.move(build, tuck.piece(), by)))
                    .mend();
        }
    }

    /** The share of an edge's sheet that is still glued with something under it. */
    private static double glued(Outline edge, List<Outline> under) {
        return edge.less(under.stream().map(o -> o.grown(NO_GLUE)).toList()).stream()
                        .mapToDouble(o -> o.area().squareMillimetres())
                        .sum()
                / edge.area().squareMillimetres();
    }

    /** Out from under the edge until enough is glued, with some of the piece still under it. */
    private static Optional<Point> lessDeep(Level piece, Level edge) {
        return away(outline(edge).centroid(), outline(piece).centroid(), by -> {
            List<Outline> under = outline(piece).moved(by).common(outline(edge));
            return !under.isEmpty() && glued(outline(edge), under) >= LEAST_GLUED;
        });
    }

    /** The first of some steps away from a place that will do. */
    private static Optional<Point> away(Point from, Point now, Predicate<Point> will) {
        double dx = now.x() - from.x();
        double dy = now.y() - from.y();
        double length = Math.hypot(dx, dy);
        double x = length < 1e-6 ? 0 : dx / length;
        double y = length < 1e-6 ? 1 : dy / length;
        return IntStream.rangeClosed(1, STEPS)
                .mapToObj(i -> new Point(i * x, i * y))
                .filter(will)
                .findFirst();
    }

    /** Over the gap, and some further under the edge. */
    private static Point towards(Outline.Gap gap) {
        double dx = gap.there().x() - gap.here().x();
        double dy = gap.there().y() - gap.here().y();
        double length = Math.hypot(dx, dy);
        double times = length == 0 ? 0 : (length + UNDER) / length;
        return new Point(dx * times, dy * times);
    }

    /** A third piece that lies over the edge and under what goes under that, where all three meet. */
    private static void rings(Build build, Tuck tuck, List<Id> order, Report report) {
        Level piece = sheet(build, tuck.piece()).orElseThrow();
        Level edge = sheet(build, tuck.under()).orElseThrow();
        for (Id third : order) {
            Optional<Level> other = sheet(build, third);
            boolean ring = other.isPresent()
                    && !third.equals(tuck.piece())
                    && !third.equals(tuck.under())
                    && isOver(build, order, tuck.piece(), third)
                    && isOver(build, order, third, tuck.under());
            if (ring && meet(shared(piece, edge), outline(other.get()))) {
                Report.Draft draft = report.on(RuleId.TUCK_CIRCLE, tuck.piece())
                        .parts(piece.slab().part(), edge.slab().part())
                        .names(
                                piece.slab().name(),
                                edge.slab().name(),
                                other.get().slab().name())
                        .at(outline(other.get()).bounds().centre())
                        .remedy(aside(shared(piece, edge), outline(other.get()))
                                .flatMap(by -> Remedies.move(build, third, by)));
                draft.mend();
            }
        }
    }

    private static boolean isOver(Build build, List<Id> order, Id upper, Id lower) {
        return build.spec().isTucked(lower, upper)
                || !build.spec().isTucked(upper, lower) && order.indexOf(upper) > order.indexOf(lower);
    }

    /** Away from where the other two meet. */
    private static Optional<Point> aside(List<Outline> shared, Outline third) {
        return away(shared.get(0).centroid(), third.centroid(), by -> !meet(shared, third.moved(by)));
    }

    private static boolean meet(List<Outline> shared, Outline third) {
        return shared.stream()
                        .mapToDouble(o -> o.shared(third).squareMillimetres())
                        .sum()
                > SOME;
    }

    private static Report.Draft draft(RuleId rule, Tuck tuck, Level piece, Level edge, Report report) {
        return report.on(rule, tuck.piece())
                .parts(piece.slab().part(), edge.slab().part())
                .names(piece.slab().name(), edge.slab().name())
                .at(outline(piece).bounds().centre());
    }

    private static List<Outline> shared(Level piece, Level edge) {
        List<Outline> all = new ArrayList<>();
        for (Outline a : piece.slab().footprints()) {
            edge.slab().footprints().forEach(b -> all.addAll(a.common(b)));
        }
        return all;
    }

    private static Outline outline(Level level) {
        return level.slab().footprints().get(0);
    }
}
