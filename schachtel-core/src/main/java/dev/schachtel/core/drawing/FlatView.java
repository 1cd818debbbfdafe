package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Fold;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;

/** The folded sheets of the base opened flat with their outside up, each above the next: cut lines, fold lines, where the front lies, dimensions. */
final class FlatView {
    /** Between two sheets: for the distances of the lower one, and the names of folds of the upper one. */
    private static final double APART = 30;

    /** How high a further sheet's name stands on it, as a share of its height. */
    private static final double NAMED = 0.28;

    private final Build build;
    private final List<Mark> marks = new ArrayList<>();

    FlatView(Build build) {
        this.build = build;
    }

    Scene scene() {
        Box all = null;
        List<Part> sheets = sheets();
        for (Part sheet : sheets) {
            Box own = sheet.outline().bounds();
            double down = all == null ? 0 : all.bottom() - APART - own.top();
            Box box = blank(sheet, new Point(0, down));
            all = all == null ? box : all.union(box);
        }
        boolean named = !build.mechanics().stretches().isEmpty();
        String title = named ? "Opened flat, outside up" : "Opened flat";
        return new Scene(title, Objects.requireNonNull(all), new Scene.Room(64, 74, 56, 40), true, marks);
    }

    /** Folded sheets of the base, like ones once; else the first that is folded, or the first of all. */
    private List<Part> sheets() {
        List<Part> folded = build.parts().stream()
                .filter(p -> build.folds().stream().anyMatch(f -> f.part().equals(p.id())))
                .toList();
        List<Part> base = new ArrayList<>();
        for (Part part : folded) {
            if (part.owner().equals(Id.BASE) && base.stream().noneMatch(b -> isLike(b, part))) {
                base.add(part);
            }
        }
        return !base.isEmpty() ? base : List.of(folded.isEmpty() ? build.parts().get(0) : folded.get(0));
    }

    private boolean isLike(Part one, Part other) {
        return one.outline().equals(other.outline()) && lines(one).equals(lines(other));
    }

    private List<List<Object>> lines(Part part) {
        return build.folds().stream()
                .filter(f -> f.part().equals(part.id()))
                .map(f -> List.<Object>of(f.from(), f.to(), f.crease()))
                .toList();
    }

    /**
     * The first with its dimensions round all; each further one with its name and size, and distances at its upper edge.
     *
     * @return where it is drawn
     */
    private Box blank(Part blank, Point by) {
        boolean first = by.y() == 0;
        Outline drawn = blank.outline().moved(by);
        Box box = drawn.bounds();
        marks.add(new Mark.Area(drawn, new Fill.Made(blank.material()), Meaning.CUT, Optional.of(blank.owner())));
        List<Fold> own = build.folds().stream()
                .filter(f -> f.part().equals(blank.id()))
                .map(f -> new Fold(f.part(), f.from().plus(by.x(), by.y()), f.to().plus(by.x(), by.y()), f.crease()))
                .toList();
        own.forEach(f -> fold(f, box));
        chain(own, box, true, first ? 1 : 0);
        if (first) {
            onFront(blank);
            around(box);
            chain(own, box, false, 1);
        } else {
            named(blank, box);
        }
        blank.slits()
                .forEach(slit -> marks.add(new Mark.Line(
                        slit.points().stream().map(p -> p.plus(by.x(), by.y())).toList(), Meaning.CUT)));
        stretches(blank, by);
        return box;
    }

    /** Below its middle, where the name of a fold may stand; with how many are like it. */
    private void named(Part blank, Box box) {
        long alike = build.parts().stream()
                .filter(p -> p.owner().equals(blank.owner()) && isLike(p, blank))
                .count();
        String name = blank.name() + (alike > 1 ? ", " + alike + " alike: " : ": ");
        Point at = new Point(box.centre().x(), box.bottom() + box.height() * NAMED);
        Words size = Words.of(box.wide(), box.high()).after(name);
        marks.add(new Mark.Label(at, Mark.Shift.NONE, size, Mark.Style.NOTE, Optional.empty()));
    }

    private void around(Box box) {
        Point corner = new Point(box.left(), box.top());
        marks.add(
                new Mark.Dimension(corner, new Point(box.right(), box.top()), Mark.Side.TOP, 2, Words.of(box.wide())));
        marks.add(new Mark.Dimension(
                new Point(box.left(), box.bottom()), corner, Mark.Side.LEFT, 1, Words.of(box.high())));
    }

    private void stretches(Part blank, Point by) {
        build.mechanics().stretches().stream()
                .filter(s -> s.part().equals(blank.id()))
                .forEach(s -> marks.add(note(s.at().plus(by.x(), by.y()), Mark.Shift.NONE, s.name())));
    }

    private void fold(Fold fold, Box box) {
        boolean mountain = fold.crease() == Fold.Crease.MOUNTAIN;
        marks.add(new Mark.Line(List.of(fold.from(), fold.to()), mountain ? Meaning.MOUNTAIN : Meaning.VALLEY));
        boolean upright = fold.from().x() == fold.to().x();
        Point at = upright
                ? new Point(fold.from().x(), Math.max(box.bottom(), fold.from().y()))
                : fold.from().midway(fold.to());
        Mark.Shift shift =
                upright ? new Mark.Shift(0, 18, Mark.Anchor.MIDDLE) : new Mark.Shift(0, -5, Mark.Anchor.MIDDLE);
        marks.add(note(at, shift, mountain ? "mountain" : "valley"));
    }

    /** Distances from fold to fold in one line: above the blank for upright folds, beside it for level ones. */
    private void chain(List<Fold> folds, Box box, boolean upright, int lane) {
        List<Double> at = folds.stream()
                .filter(f -> (f.from().x() == f.to().x()) == upright)
                .map(f -> upright ? f.from().x() : f.from().y())
                .distinct()
                .sorted()
                .toList();
        double last = upright ? box.left() : box.bottom();
        for (double next : at) {
            Point from = upright ? new Point(last, box.top()) : new Point(box.right(), last);
            Point to = upright ? new Point(next, box.top()) : new Point(box.right(), next);
            Mark.Side side = upright ? Mark.Side.TOP : Mark.Side.RIGHT;
            marks.add(new Mark.Dimension(from, to, side, lane, Words.of(Mm.length(next - last))));
            last = next;
        }
    }

    private static Mark note(Point at, Mark.Shift shift, String text) {
        return new Mark.Label(at, shift, Words.of(text), Mark.Style.NOTE, Optional.empty());
    }

    /** On the first sheet: what lies on the front leaf, as thin edges, and the openings in it as hidden lines. */
    private void onFront(Part blank) {
        Placement at = blank.at().get(0);
        Point back = new Point(-Mm.of(at.across()), -Mm.of(at.up()));
        build.levels().stream()
                .filter(l -> !l.slab().part().equals(blank.id()))
                .filter(l -> build.joints().stream()
                        .anyMatch(j -> j.upper().equals(l.slab().id())
                                && build.face(Id.FRONT)
                                        .filter(f -> f.slab().equals(j.lower()))
                                        .isPresent()))
                .filter(l -> build.part(l.slab().part())
                        .filter(p -> p.material() instanceof dev.schachtel.core.material.Cardstock)
                        .isPresent())
                .forEach(l -> l.slab().footprints().forEach(f -> hidden(f.filled(), back)));
        build.chambers().stream()
                .flatMap(c -> c.apertures().stream())
                .map(Cutout::onFace)
                .forEach(o -> hidden(o, back));
    }

    private void hidden(Outline outline, Point back) {
        marks.add(new Mark.Area(outline.moved(back), new Fill.Empty(), Meaning.HIDDEN, Optional.empty()));
    }
}
