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
    /** Of a line that is rather upright than level. */
    private static final double STEEP = 0.3;
    /** From a line to its name, and from a name's middle to where it stands, as drawn. */
    private static final double BESIDE = 7;

    private static final double BASELINE = 4;

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
            double share = 0.3 + 0.4 * (i + 1) / (open.lines().size() + 1);
            marks.add(named(line, share, view.lines().get(i), box.centre()));
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
        return new Scene(title(view), box.grown(MARGIN), new Scene.Room(60, 22, 70, 16), true, marks);
    }

    static String title(SideView view) {
        return view.from() == SideView.Seen.ABOVE ? "From above" : "From the side";
    }

    /** Its name beside a line, above it or else away from the middle, at a share of its corners: so names of lines that end together keep apart. */
    private static Mark named(List<Point> line, double share, String name, Point middle) {
        double at = share * (line.size() - 1);
        int i = (int) Math.min(line.size() - 2, Math.floor(at));
        Point a = line.get(i);
        Point b = line.get(i + 1);
        double x = b.x() - a.x();
        double y = b.y() - a.y();
        boolean level = Math.abs(x) > STEEP * Math.abs(y);
        double side = level ? Math.signum(x) : a.x() < middle.x() ? Math.signum(y) : -Math.signum(y);
        double long_ = Math.max(Math.hypot(x, y), 1e-9);
        double across = -y / long_ * side;
        Mark.Anchor anchor =
                Math.abs(across) < STEEP ? Mark.Anchor.MIDDLE : across > 0 ? Mark.Anchor.START : Mark.Anchor.END;
        return new Mark.Label(
                a.plus(x * (at - i), y * (at - i)),
                new Mark.Shift(BESIDE * across, -BESIDE * x / long_ * side + BASELINE * Math.abs(across), anchor),
                Words.of(name),
                Mark.Style.NOTE,
                Optional.empty());
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
