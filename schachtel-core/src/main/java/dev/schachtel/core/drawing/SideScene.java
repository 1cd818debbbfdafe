package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.motion.Movements;
import dev.schachtel.core.motion.SideView;
import dev.schachtel.core.motion.SideViews;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Point;

/** A movement from the side, open; the table is a line under it. */
final class SideScene {
    private static final double MARGIN = 6;

    private SideScene() {}

    static Scene of(Build build, SideView view) {
        Box box = view.poses().stream()
                .flatMap(p -> p.lines().stream())
                .flatMap(List::stream)
                .map(p -> new Box(p.x(), p.y(), p.x(), p.y()))
                .reduce(new Box(0, 0, 0, 0), Box::union);
        List<Mark> marks = new ArrayList<>();
        marks.add(new Mark.Line(
                List.of(new Point(box.left() - MARGIN, -1), new Point(box.right() + MARGIN, -1)), Meaning.CENTRE));
        SideView.Pose open = view.at(
                view.owner().equals(Id.BASE) ? build.mechanics().unfolding().shownShare() : 1);
        for (int i = 0; i < open.lines().size(); i++) {
            List<Point> line = open.lines().get(i);
            marks.add(new Mark.Limb(i, view.lines().get(i), line));
            marks.add(new Mark.Label(
                    along(line, (i + 1.0) / (open.lines().size() + 1)),
                    new Mark.Shift(7, -5, Mark.Anchor.START),
                    Words.of(view.lines().get(i)),
                    Mark.Style.NOTE,
                    Optional.empty()));
        }
        double high = open.lines().stream()
                .flatMap(List::stream)
                .mapToDouble(Point::y)
                .max()
                .orElse(0);
        if (high > 1) {
            Point top = open.lines().stream()
                    .flatMap(List::stream)
                    .max(Comparator.comparingDouble(Point::y))
                    .orElse(Point.ORIGIN);
            marks.add(new Mark.Dimension(new Point(top.x(), 0), top, Mark.Side.LEFT, 1, Words.of(Mm.length(high))));
        }
        if (view.owner().equals(Id.BASE)) {
            stance(build, view.from(), marks);
        }
        return new Scene("From the side", box.grown(MARGIN), new Scene.Room(60, 22, 70, 16), true, marks);
    }

    /** A place on a line at a share of its corners, so that names of lines that end together keep apart. */
    private static Point along(List<Point> line, double share) {
        double at = share * (line.size() - 1);
        int i = (int) Math.min(line.size() - 2, Math.floor(at));
        Point a = line.get(i);
        Point b = line.get(i + 1);
        return a.plus((b.x() - a.x()) * (at - i), (b.y() - a.y()) * (at - i));
    }

    /** Where the centre of mass is, and where the card stands. */
    private static void stance(Build build, SideView.Seen from, List<Mark> marks) {
        Movements.of(build).stands().filter(t -> from != SideView.Seen.ABOVE).ifPresent(tipping -> {
            Point c = SideViews.flat(tipping.centre(), from);
            marks.add(new Mark.Line(List.of(c.plus(-4, 0), c.plus(4, 0)), Meaning.CENTRE));
            marks.add(new Mark.Line(List.of(c.plus(0, -4), c.plus(0, 4)), Meaning.CENTRE));
            marks.add(new Mark.Line(List.of(c, new Point(c.x(), 0)), Meaning.HIDDEN));
            marks.add(new Mark.Label(
                    c,
                    new Mark.Shift(10, 4, Mark.Anchor.START),
                    Words.of("centre of mass"),
                    Mark.Style.NOTE,
                    Optional.empty()));
        });
    }
}
