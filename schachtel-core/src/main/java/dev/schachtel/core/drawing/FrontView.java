package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.FlatFold;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Film;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/** The closed card from the front, to scale: what is seen, what is hidden behind card, and the dimensions. */
final class FrontView {
    private static final SlabId FRONT = new SlabId("base/front");
    private final Build build;
    private final Id selected;
    private final List<Mark> marks = new ArrayList<>();

    FrontView(Build build, Id selected) {
        this.build = build;
        this.selected = selected;
    }

    Scene scene() {
        slabs();
        fold();
        dimensions();
        Box face = build.face().bounds();
        Box all = build.levels().stream()
                .filter(this::before)
                .map(l -> l.slab().bounds())
                .reduce(face, Box::union);
        return new Scene("Front", all, new Scene.Room(92, 42, 104, 12), true, marks);
    }

    private boolean before(Level level) {
        Length front = build.level(FRONT).map(Level::bottom).orElse(Length.ZERO);
        return !level.bottom().isBelow(front);
    }

    private void slabs() {
        List<Level> hidden = new ArrayList<>();
        for (Level level : build.levels()) {
            if (!before(level)) {
                continue;
            }
            Part part = build.part(level.slab().part()).orElseThrow();
            if (part.material() instanceof Foam || part.material() instanceof Film) {
                hidden.add(level);
                continue;
            }
            area(level, new Fill.Made(part.material()), Meaning.CUT);
            if (hidden.stream().anyMatch(h -> restsOn(level, h))) {
                hidden.forEach(this::behind);
                hidden.clear();
                build.chambers().forEach(this::filling);
            }
            words(part, level);
        }
        hidden.forEach(this::behind);
    }

    private boolean restsOn(Level upper, Level lower) {
        return build.joints().stream()
                .anyMatch(j -> j.upper().equals(upper.slab().id())
                        && j.lower().equals(lower.slab().id()));
    }

    private void behind(Level level) {
        Part part = build.part(level.slab().part()).orElseThrow();
        boolean film = part.material() instanceof Film;
        area(level, film ? new Fill.Empty() : new Fill.Behind(part.material()), Meaning.HIDDEN);
    }

    private void area(Level level, Fill fill, Meaning edge) {
        Id owner = level.slab().part().owner();
        level.slab().footprints().forEach(f -> marks.add(new Mark.Area(f, fill, edge, Optional.of(owner))));
    }

    /** The filling as it lies when the card stands: pieces to scale, in the lower part of the window. */
    private void filling(Chamber chamber) {
        Outline window = chamber.aperture().onFace();
        if (marks.stream().anyMatch(m -> m instanceof Mark.Area a && a.outline().equals(window))) {
            return;
        }
        build.part(chamber.film())
                .ifPresent(film -> marks.add(new Mark.Area(
                        window, new Fill.Behind(film.material()), Meaning.CUT, Optional.of(chamber.owner()))));
        new Heap(chamber)
                .pieces()
                .forEach(piece -> marks.add(new Mark.Area(
                        piece,
                        new Fill.Plain(chamber.filling().colour()),
                        Meaning.EDGE,
                        Optional.of(chamber.owner()))));
    }

    private void words(Part part, Level level) {
        build.spec()
                .find(part.owner(), dev.schachtel.core.card.Sentiment.class)
                .filter(s -> part.id().which().equals("strip"))
                .ifPresent(s -> marks.add(new Mark.Label(
                        level.slab().bounds().centre(),
                        Mark.Shift.NONE,
                        Words.of(s.text()),
                        Mark.Style.ON_CARD,
                        Optional.of(s.id()))));
    }

    private void fold() {
        Box face = build.face().bounds();
        boolean side = !(build.spec().base() instanceof FlatFold f) || f.fold() == FlatFold.Fold.SIDE;
        Point end = side ? new Point(face.left(), face.bottom()) : new Point(face.right(), face.top());
        marks.add(new Mark.Line(List.of(new Point(face.left(), face.top()), end), Meaning.MOUNTAIN));
        marks.add(new Mark.Label(
                side ? new Point(face.left(), face.centre().y()) : new Point(face.right(), face.top()),
                side ? new Mark.Shift(-8, 0, Mark.Anchor.MIDDLE) : new Mark.Shift(8, 4, Mark.Anchor.START),
                Words.of("fold"),
                side ? Mark.Style.UPRIGHT : Mark.Style.NOTE,
                Optional.empty()));
    }

    private void dimensions() {
        Box face = build.face().bounds();
        Point topLeft = new Point(face.left(), face.top());
        marks.add(new Mark.Dimension(
                topLeft, new Point(face.right(), face.top()), Mark.Side.TOP, 1, Words.of(face.wide())));
        marks.add(new Mark.Dimension(
                new Point(face.left(), face.bottom()), topLeft, Mark.Side.LEFT, 2, Words.of(face.high())));
        boolean known = build.parts().stream()
                .flatMap(p -> p.cutouts().stream())
                .map(c -> c.owner())
                .anyMatch(this::isSelected);
        int labels = 0;
        for (Part part : build.parts()) {
            for (Cutout cutout : part.cutouts()) {
                boolean chosen = known ? isSelected(cutout.owner()) : labels == 0;
                label(cutout, face, labels++, chosen);
            }
        }
        build.partsOf(selected).stream()
                .filter(p -> p.owner().equals(selected) && !known && labelled(p))
                .findFirst()
                .ifPresent(p -> place(p, face));
    }

    /** The window itself, or what belongs to it. */
    private boolean isSelected(Id window) {
        return window.equals(selected)
                || build.chambers().stream()
                        .anyMatch(c -> c.owner().equals(selected)
                                && c.aperture().owner().equals(window));
    }

    private void label(Cutout cutout, Box face, int index, boolean withPlace) {
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
        cross(middle);
        Words words = cutout.form().sort() == Form.Sort.ROUND
                ? Words.of(cutout.form().width(), " round")
                : Words.of(cutout.form().width(), cutout.form().height());
        Point edge = new Point(middle.x() + box.width() / 2 * 0.72, middle.y() + box.height() / 2 * 0.7);
        double right = (face.right() - edge.x());
        marks.add(new Mark.Label(
                edge,
                new Mark.Shift(right > 0 ? right * 1.9 + 26 : 30, -30 - 4.0 * index, Mark.Anchor.START),
                words,
                Mark.Style.SIZE,
                Optional.of(cutout.owner())));
    }

    private void cross(Point at) {
        marks.add(new Mark.Line(List.of(at.plus(-4, 0), at.plus(4, 0)), Meaning.CENTRE));
        marks.add(new Mark.Line(List.of(at.plus(0, -4), at.plus(0, 4)), Meaning.CENTRE));
    }

    private static boolean labelled(Part part) {
        return !part.owner().equals(Id.BASE) && !(part.material() instanceof Foam);
    }

    /** How far a selected part lies from the left and from the foot. */
    private void place(Part part, Box face) {
        Box box = part.footprints().get(0).bounds();
        if (!before(build.level(SlabId.of(part.id())).orElseThrow())) {
            return;
        }
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
