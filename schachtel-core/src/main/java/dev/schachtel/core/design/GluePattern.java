package dev.schachtel.core.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;

/**
 * Where dots, lines and strips go: tape along the edge, glue in a line inside it, dots in the corners and the middle; glue on a
 * lattice at its crossings and along its edge, where it can't be seen through the openings.
 */
final class GluePattern {
    private static final Length FROM_EDGE = Length.ofMicrometres(1500);
    private static final Length LINE_IN = Length.ofMillimetres(3);
    private static final Length LINE = Length.ofMicrometres(800);
    /** A dot of glue where bars of a lattice cross. */
    private static final Length CROSSING = Length.ofMicrometres(1800);

    /** With so many openings a sheet is a lattice. */
    static final int LATTICE = 4;

    private static final double NEXT = 1.9;

    private GluePattern() {}

    /** On where two pieces touch; dots where no width of tape is given. */
    static List<Outline> of(List<Outline> land, Adhesive by, Optional<Length> tape) {
        List<Outline> marks = new ArrayList<>();
        for (Outline l : land) {
            if (by.isPoured() && l.holes().size() >= LATTICE) {
                marks.addAll(crossings(l));
                ring(l.filled(), LINE, LINE).forEach(m -> marks.addAll(l.common(m)));
            } else if (by.isPoured()) {
                boolean narrow = l.isNarrower(LINE_IN.plus(LINE).times(2));
                marks.addAll(ring(l, narrow ? LINE : LINE_IN, LINE));
            } else {
                marks.addAll(tape.isEmpty() ? dots(l) : ring(l, FROM_EDGE, tape.get()));
            }
        }
        return marks;
    }

    /** A band of a width along the edge, so far in from it; nothing where there is no room. */
    private static List<Outline> ring(Outline land, Length in, Length width) {
        if (land.isNarrower(in.plus(width).times(2))) {
            return land.isNarrower(in.times(2)) ? List.of() : List.of(land.grown(in.negated()));
        }
        Outline outer = land.grown(in.negated());
        return outer.less(List.of(outer.grown(width.negated())));
    }

    /** A dot of glue where bars cross: between openings that lie across a corner from each other. */
    private static List<Outline> crossings(Outline lattice) {
        List<Box> openings = lattice.holes().stream()
                .map(h -> new Outline(h, List.of()).bounds())
                .toList();
        List<Outline> dots = new ArrayList<>();
        for (Box a : openings) {
            for (Box b : openings) {
                double dx = b.centre().x() - a.centre().x();
                double dy = Math.abs(b.centre().y() - a.centre().y());
                boolean corner =
                        dx > a.width() / 2 && dx < NEXT * a.width() && dy > a.height() / 2 && dy < NEXT * a.height();
                Point middle = new Point(
                        (a.centre().x() + b.centre().x()) / 2,
                        (a.centre().y() + b.centre().y()) / 2);
                Outline dot = Outline.circle(CROSSING).moved(middle);
                if (corner && lattice.holds(middle) && dots.stream().noneMatch(dot::overlaps)) {
                    dots.add(dot);
                }
            }
        }
        return dots;
    }

    /** In the corners and the middle, where there is land for it. */
    private static List<Outline> dots(Outline land) {
        Box box = land.bounds();
        double in = Mm.of(Holding.DOT) / 2 + 2;
        List<Outline> dots = new ArrayList<>();
        double[] xs = {box.left() + in, box.centre().x(), box.right() - in};
        double[] ys = {box.bottom() + in, box.centre().y(), box.top() - in};
        for (double x : xs) {
            for (double y : ys) {
                Outline dot = Outline.circle(Holding.DOT).placed(Placement.at(Mm.length(x), Mm.length(y)));
                if (land.holds(dot) && dots.stream().noneMatch(dot::overlaps)) {
                    dots.add(dot);
                }
            }
        }
        return dots;
    }
}
