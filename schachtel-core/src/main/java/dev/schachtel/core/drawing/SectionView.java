package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.motion.Course;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/** A level cut through the closed card, to scale across, its thickness drawn larger; front at the top. */
final class SectionView {
    private static final double BEYOND = 9;
    private final Build build;
    private final double y;
    private final List<Mark> marks = new ArrayList<>();

    private final double aspect;
    private final boolean small;
    /** A short stretch only, drawn small. */
    private final boolean brief;

    /** @param aspect how high the drawing is to be against its width */
    SectionView(Build build, Optional<Id> through, double aspect) {
        this.build = build;
        this.y = height(build, through);
        this.aspect = aspect;
        this.small = aspect > 1;
        this.brief = false;
    }

    private SectionView(Build build, double y, double aspect) {
        this.build = build;
        this.y = y;
        this.aspect = aspect;
        this.small = true;
        this.brief = true;
    }

    /** Through the middle of the selected piece, else of the first window, else of the card. */
    static double height(Build build, Optional<Id> through) {
        Optional<Id> window = build.chambers().stream()
                .filter(c -> through.filter(c.owner()::equals).isPresent())
                .flatMap(c -> c.apertures().stream())
                .map(a -> a.owner())
                .findFirst();
        Optional<Id> wanted = window.or(() -> through);
        return build.parts().stream()
                .flatMap(p -> p.cutouts().stream())
                .filter(c -> wanted.filter(c.owner()::equals).isPresent())
                .map(c -> c.onFace().bounds().centre().y())
                .findFirst()
                .or(() -> build.levels().stream()
                        .filter(l ->
                                through.filter(l.slab().part().owner()::equals).isPresent())
                        .filter(l -> !l.slab().part().owner().equals(Id.BASE))
                        .map(l -> l.slab().bounds().centre().y())
                        .reduce((a, b) -> b))
                .or(() -> build.parts().stream()
                        .flatMap(p -> p.cutouts().stream())
                        .map(c -> c.onFace().bounds().centre().y())
                        .findFirst())
                .orElse(build.face().bounds().centre().y());
    }

    /** Across a moving piece where it rests, and a little beyond it. */
    static Scene across(Build build, Course course) {
        Box box = course.moving().stream()
                .flatMap(id -> build.level(id).stream())
                .map(l -> l.slab().bounds())
                .reduce(Box::union)
                .orElse(build.face().bounds());
        Box face = build.face().bounds();
        double y = box.centre().y();
        SectionView view = new SectionView(build, y, 1.1);
        return view.scene(new Box(
                Math.max(face.left(), box.left() - BEYOND), y, Math.min(face.right(), box.right() + BEYOND), y));
    }

    Scene scene() {
        return scene(build.face().bounds());
    }

    private Scene scene(Box face) {
        marks.clear();
        double thick = Math.max(0.5, Mm.of(build.thickness()));
        double larger = Math.max(2, aspect * face.width() / thick);
        List<Label> labels = new ArrayList<>();
        for (Level level : build.levels()) {
            Part part = build.part(level.slab().part()).orElseThrow();
            boolean cut = false;
            for (Outline footprint : level.slab().footprints()) {
                for (Outline.Span whole : footprint.across(y)) {
                    Outline.Span span =
                            new Outline.Span(Math.max(whole.from(), face.left()), Math.min(whole.to(), face.right()));
                    if (span.to() <= span.from()) {
                        continue;
                    }
                    marks.add(new Mark.Area(
                            block(span, level, larger),
                            new Fill.Made(part.material()),
                            Meaning.EDGE,
                            Optional.of(part.owner())));
                    cut = true;
                }
            }
            if (cut) {
                labels.add(new Label(level, middle(level) * larger));
            }
        }
        label(labels, face, larger);
        return new Scene(
                "Section, thickness " + Math.round(larger) + " times larger",
                new Box(face.left(), 0, face.right(), thick * larger),
                small ? new Scene.Room(46, 8, 96, 8) : new Scene.Room(76, 40, 190, 30),
                false,
                marks);
    }

    private static double middle(Level level) {
        return (Mm.of(level.bottom()) + Mm.of(level.top())) / 2;
    }

    private static Outline block(Outline.Span span, Level level, double larger) {
        double low = Mm.of(level.bottom()) * larger;
        double high = Mm.of(level.top()) * larger;
        return Outline.ofCorners(List.of(
                new Point(span.from(), low),
                new Point(span.to(), low),
                new Point(span.to(), high),
                new Point(span.from(), high)));
    }

    private record Label(Level level, double at) {}

    /** Names at the right, kept apart by moving them up, each with a line to its layer. */
    private void label(List<Label> labels, Box face, double larger) {
        double gap = Mm.of(build.thickness()) * larger / (brief ? 8.5 : small ? 15 : 18);
        double next = 0;
        String last = "";
        for (Label label : labels) {
            String name = label.level().slab().name();
            if (name.equals(last)) {
                continue;
            }
            last = name;
            double at = Math.max(label.at(), next);
            next = at + gap;
            Point from = new Point(
                    Math.min(face.right(), label.level().slab().bounds().right()), label.at());
            Point to = new Point(face.right() + 5, at);
            marks.add(new Mark.Line(List.of(from, new Point(face.right() + 1, label.at()), to), Meaning.LEAD));
            Length thickness = label.level().slab().thickness();
            marks.add(new Mark.Label(
                    to,
                    new Mark.Shift(4, 5, Mark.Anchor.START),
                    Words.of(small ? name : name + "  " + Units.thickness(thickness)),
                    Mark.Style.NAME,
                    Optional.of(label.level().slab().part().owner())));
        }
        marks.add(new Mark.Dimension(
                new Point(face.left(), 0),
                new Point(face.left(), Mm.of(build.thickness()) * larger),
                Mark.Side.LEFT,
                1,
                Words.of(Units.tenths(build.thickness()) + " mm")));
    }
}
