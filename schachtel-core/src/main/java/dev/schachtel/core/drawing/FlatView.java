package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Fold;
import dev.schachtel.core.build.Part;
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
        build.folds().stream().filter(f -> f.part().equals(blank.id())).forEach(f -> fold(f, box));
        return new Scene("Opened flat, outside up", box, new Scene.Room(64, 74, 40, 40), true, marks);
    }

    private void fold(Fold fold, Box box) {
        boolean upright = Math.abs(fold.from().x() - fold.to().x()) < 1e-6;
        marks.add(new Mark.Line(
                List.of(fold.from(), fold.to()), fold.way() == Fold.Way.MOUNTAIN ? Meaning.MOUNTAIN : Meaning.VALLEY));
        String way = fold.way() == Fold.Way.MOUNTAIN ? "score, mountain" : "score, valley";
        if (upright) {
            marks.add(new Mark.Dimension(
                    new Point(box.left(), box.top()),
                    new Point(fold.from().x(), box.top()),
                    Mark.Side.TOP,
                    1,
                    Words.of(Mm.length(fold.from().x() - box.left()))));
            marks.add(note(new Point(fold.from().x(), box.bottom()), new Mark.Shift(0, 18, Mark.Anchor.MIDDLE), way));
            double quarter = box.width() / 4;
            marks.add(leaf(box.left() + quarter, box.bottom() + 8, "back"));
            marks.add(leaf(box.right() - quarter, box.bottom() + 8, "front"));
        } else {
            marks.add(new Mark.Dimension(
                    new Point(box.right(), box.bottom()),
                    new Point(box.right(), fold.from().y()),
                    Mark.Side.RIGHT,
                    1,
                    Words.of(Mm.length(fold.from().y() - box.bottom()))));
            marks.add(note(new Point(box.right(), fold.from().y()), new Mark.Shift(-6, -6, Mark.Anchor.END), way));
            marks.add(leaf(box.centre().x(), box.top() - 8, "back, upside down"));
            marks.add(leaf(box.centre().x(), box.bottom() + 8, "front"));
        }
    }

    private static Mark leaf(double x, double y, String name) {
        return note(new Point(x, y), Mark.Shift.NONE, name);
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
