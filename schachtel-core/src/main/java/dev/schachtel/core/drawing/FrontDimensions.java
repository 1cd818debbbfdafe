package dev.schachtel.core.drawing;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Move;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Path;
import dev.schachtel.core.shape.Point;

/** Sizes of the face, of its openings, and the place of the selected piece. */
final class FrontDimensions {
    private final Build build;
    private final Id selected;
    private final List<Mark> marks;
    private final Box face;

    FrontDimensions(Build build, Id selected, List<Mark> marks) {
        this.build = build;
        this.selected = selected;
        this.marks = marks;
        this.face = build.face().bounds();
    }

    void add() {
        Point topLeft = new Point(face.left(), face.top());
        marks.add(new Mark.Dimension(
                topLeft, new Point(face.right(), face.top()), Mark.Side.TOP, 1, Words.of(face.wide())));
        marks.add(new Mark.Dimension(
                new Point(face.left(), face.bottom()), topLeft, Mark.Side.LEFT, 2, Words.of(face.high())));
        boolean placed = openings();
        placed |= stops();
        if (!placed) {
            build.partsOf(selected).stream()
                    .filter(FrontDimensions::labelled)
                    .findFirst()
                    .ifPresent(this::place);
        }
    }

    /** Names each piece's first opening; answers whether one of them is the selected piece's. */
    private boolean openings() {
        Map<Id, Cutout> first = new LinkedHashMap<>();
        Map<Id, Integer> count = new HashMap<>();
        for (Part part : build.parts()) {
            boolean seen = build.levels().stream()
                    .anyMatch(l -> l.slab().part().equals(part.id()) && FrontLayers.before(build, l));
            part.cutouts().stream().filter(c -> seen && named(c)).forEach(c -> {
                first.putIfAbsent(c.owner(), c);
                count.merge(c.owner(), 1, Integer::sum);
            });
        }
        boolean known = first.keySet().stream().anyMatch(this::isSelected);
        int labels = 0;
        for (Cutout cutout : first.values()) {
            boolean window = cutout.sort() == Cutout.Sort.WINDOW;
            boolean chosen = window && (known ? isSelected(cutout.owner()) : labels == 0 && !moves());
            label(cutout, count.getOrDefault(cutout.owner(), 1), labels++, chosen);
        }
        return known;
    }

    private boolean named(Cutout cutout) {
        return cutout.sort() == Cutout.Sort.WINDOW
                || cutout.sort() == Cutout.Sort.SLOT && cutout.owner().equals(selected);
    }

    private boolean moves() {
        return build.mechanics().motions().stream().anyMatch(m -> m.owner().equals(selected));
    }

    /** The window itself, or what belongs to it. */
    private boolean isSelected(Id window) {
        return window.equals(selected)
                || build.chambers().stream().anyMatch(c -> c.owner().equals(selected) && c.behind(window));
    }

    private void label(Cutout cutout, int count, int index, boolean withPlace) {
        Box box = cutout.onFace().bounds();
        Point middle = box.centre();
        if (withPlace) {
            marks.add(new Mark.Dimension(
                    middle,
                    new Point(middle.x(), face.top()),
                    Mark.Side.LEFT,
                    1,
                    Words.of(Mm.length(face.top() - middle.y()))));
            marks.add(new Mark.Dimension(
                    new Point(face.left(), middle.y()),
                    middle,
                    Mark.Side.BOTTOM,
                    0,
                    Words.of(Mm.length(middle.x() - face.left()))));
        }
        if (cutout.sort() == Cutout.Sort.WINDOW) {
            cross(middle);
        }
        Words words = words(cutout, count);
        Point edge = new Point(middle.x() + box.width() / 2 * 0.72, middle.y() + box.height() / 2 * 0.7);
        double right = face.right() - edge.x();
        marks.add(new Mark.Label(
                edge,
                new Mark.Shift(right > 0 ? right * 1.9 + 26 : 30, -30 - 4.0 * index, Mark.Anchor.START),
                words,
                Mark.Style.SIZE,
                Optional.of(cutout.owner())));
    }

    private static Words words(Cutout cutout, int count) {
        Words size = cutout.form().sort() == Form.Sort.ROUND
                ? Words.of(cutout.form().width(), " round")
                : Words.of(cutout.form().width(), cutout.form().height());
        String before = (count > 1 ? count + " × " : "") + (cutout.sort() == Cutout.Sort.SLOT ? "slot " : "");
        return before.isEmpty() ? size : size.after(before);
    }

    private void cross(Point at) {
        marks.add(new Mark.Line(List.of(at.plus(-4, 0), at.plus(4, 0)), Meaning.CENTRE));
        marks.add(new Mark.Line(List.of(at.plus(0, -4), at.plus(0, 4)), Meaning.CENTRE));
    }

    /** The stops of a path, from the left edge and the foot. */
    private boolean stops() {
        boolean any = false;
        for (Motion motion : build.mechanics().motions()) {
            Path path = motion.move() instanceof Move.Slide s
                    ? s.path()
                    : motion.move() instanceof Move.Roll r ? r.path() : null;
            boolean stopped = path != null
                    && !motion.keeping().retainers().isEmpty()
                    && motion.keeping().inside();
            if (stopped && motion.owner().equals(selected)) {
                stop(path.at(0), 0);
                stop(path.at(1), 1);
                any = true;
            }
        }
        return any;
    }

    private void stop(Point at, int lane) {
        marks.add(new Mark.Dimension(
                new Point(face.right(), face.bottom()),
                new Point(at.x(), at.y()),
                Mark.Side.RIGHT,
                lane + 1,
                Words.of(Mm.length(at.y() - face.bottom()))));
        marks.add(new Mark.Line(List.of(at.plus(-2, 0), at.plus(2, 0)), Meaning.CENTRE));
        marks.add(new Mark.Line(List.of(at.plus(0, -2), at.plus(0, 2)), Meaning.CENTRE));
    }

    private static boolean labelled(Part part) {
        return !part.owner().equals(Id.BASE) && !(part.material() instanceof Foam);
    }

    /** How far a selected part lies from the foot, and its size. */
    private void place(Part part) {
        Optional<Level> level = build.level(SlabId.of(part.id()));
        if (level.isEmpty() || !FrontLayers.before(build, level.get())) {
            return;
        }
        Box box = level.get().slab().footprints().get(0).bounds();
        Point low = new Point(box.right(), box.bottom());
        marks.add(new Mark.Dimension(
                new Point(box.right(), face.bottom()),
                low,
                Mark.Side.RIGHT,
                1,
                Words.of(Mm.length(box.bottom() - face.bottom()))));
        marks.add(new Mark.Dimension(low, new Point(box.right(), box.top()), Mark.Side.RIGHT, 1, Words.of(box.high())));
        marks.add(new Mark.Dimension(
                new Point(box.left(), box.top()),
                new Point(box.right(), box.top()),
                Mark.Side.TOP,
                0,
                Words.of(box.wide())));
    }
}
