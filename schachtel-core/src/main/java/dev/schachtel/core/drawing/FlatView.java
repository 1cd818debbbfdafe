package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Fold;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.Stretch;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;

/** Every folded part opened flat with its outside up: cut lines, fold lines, where the front lies, dimensions. */
final class FlatView {
    private final Build build;
    private final List<Mark> marks = new ArrayList<>();

    FlatView(Build build) {
        this.build = build;
    }

    Scene scene() {
        Part blank = build.part(build.folds().stream()
                        .map(Fold::part)
                        .findFirst()
                        .orElse(build.parts().get(0).id()))
                .orElseThrow();
        Box box = blank.outline().bounds();
        marks.add(new Mark.Area(
                blank.outline(), new Fill.Made(blank.material()), Meaning.CUT, Optional.of(blank.owner())));
        onFront(blank);
        Point corner = new Point(box.left(), box.top());
        marks.add(
                new Mark.Dimension(corner, new Point(box.right(), box.top()), Mark.Side.TOP, 2, Words.of(box.wide())));
        marks.add(new Mark.Dimension(
                new Point(box.left(), box.bottom()), corner, Mark.Side.LEFT, 1, Words.of(box.high())));
        List<Fold> own =
                build.folds().stream().filter(f -> f.part().equals(blank.id())).toList();
        own.forEach(f -> fold(f, box));
        chain(own, box, true);
        chain(own, box, false);
        blank.slits().forEach(slit -> marks.add(new Mark.Line(slit.points(), Meaning.CUT)));
        List<Stretch> stretches = build.mechanics().stretches().stream()
                .filter(s -> s.part().equals(blank.id()))
                .toList();
        stretches.forEach(s -> marks.add(note(s.at(), Mark.Shift.NONE, s.name())));
        String title = stretches.isEmpty() ? "Opened flat" : "Opened flat, outside up";
        return new Scene(title, box, new Scene.Room(64, 74, 56, 40), true, marks);
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
    private void chain(List<Fold> folds, Box box, boolean upright) {
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
            marks.add(new Mark.Dimension(from, to, side, 1, Words.of(Mm.length(next - last))));
            last = next;
        }
    }

    private static Mark note(Point at, Mark.Shift shift, String text) {
        return new Mark.Label(at, shift, Words.of(text), Mark.Style.NOTE, Optional.empty());
    }

    /** What lies on the front leaf, as thin edges, and the openings in it as hidden lines. */
    private void onFront(Part blank) {
        Placement at = blank.at().get(0);
        Placement back = Placement.at(at.across().negated(), at.up().negated());
        build.levels().stream()
                .filter(l -> !l.slab().part().equals(blank.id()))
                .filter(l -> build.joints().stream()
                        .anyMatch(j -> j.upper().equals(l.slab().id())
                                && j.lower().value().equals("base/front")))
                .filter(l -> build.part(l.slab().part())
                        .filter(p -> p.material() instanceof dev.schachtel.core.material.Cardstock)
                        .isPresent())
                .forEach(l -> l.slab().footprints().forEach(f -> hidden(f.filled(), back)));
        build.chambers().stream()
                .flatMap(c -> c.apertures().stream())
                .map(Cutout::onFace)
                .forEach(o -> hidden(o, back));
    }

    private void hidden(Outline outline, Placement back) {
        marks.add(new Mark.Area(outline.placed(back), new Fill.Empty(), Meaning.HIDDEN, Optional.empty()));
    }
}
