package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import dev.schachtel.core.assembly.Joining;
import dev.schachtel.core.assembly.Op;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.Element;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/** Where a piece is laid: what lies there already, the piece in the colour of what is new, and two measures from the nearest edges. */
final class PlaceView {
    private final Build build;
    private final Joining joining;
    private final SlabId ground;
    private final Box face;
    private final List<Mark> marks = new ArrayList<>();

    private PlaceView(Build build, Joining joining, Level ground) {
        this.build = build;
        this.joining = joining;
        this.ground = ground.slab().id();
        this.face = ground.slab().bounds();
        area(ground.slab().part(), ground, Meaning.CUT);
    }

    /** The view of an operation that lays something on the front of something; empty for any other. */
    static Optional<Scene> of(Build build, Op op, Collection<Op> before) {
        Optional<Joining> joining = op.joins().filter(j -> j.side() == Joining.Side.FRONT);
        Optional<Level> ground = joining.flatMap(j -> build.level(root(build, j.onto())));
        return ground.map(g -> new PlaceView(build, joining.orElseThrow(), g).scene(before));
    }

    /** What a scene lies on, however many of its pieces are between. */
    private static SlabId root(Build build, SlabId slab) {
        SlabId at = slab;
        for (int i = 0; i < build.joints().size(); i++) {
            Id owner = build.level(at).map(l -> l.slab().part().owner()).orElse(Id.BASE);
            SlabId now = at;
            Optional<SlabId> under = build.spec().find(owner, Element.class).isEmpty()
                    ? Optional.empty()
                    : build.joints().stream()
                            .filter(j -> j.upper().equals(now) && j.hold() == Joint.Hold.RESTS)
                            .map(Joint::lower)
                            .filter(l -> build.level(l)
                                    .filter(x -> !x.slab().part().owner().equals(owner))
                                    .isPresent())
                            .findFirst();
            if (under.isEmpty()) {
                return at;
            }
            at = under.get();
        }
        return at;
    }

    private Scene scene(Collection<Op> before) {
        Set<PartId> lying = new LinkedHashSet<>();
        before.forEach(op -> op.joins()
                .filter(j ->
                        j.side() == Joining.Side.FRONT && root(build, j.onto()).equals(ground))
                .ifPresent(j -> lying.addAll(j.laid())));
        build.levels().stream()
                .filter(l -> lying.contains(l.slab().part()) && isSeen(l))
                .forEach(l -> area(l.slab().part(), l, Meaning.CUT));
        for (PartId part : joining.laid()) {
            build.level(SlabId.of(part)).ifPresent(l -> area(part, l, Meaning.FRESH));
        }
        joining.laid().stream()
                .findFirst()
                .flatMap(p -> build.level(SlabId.of(p)))
                .map(l -> l.slab().footprints().get(0).bounds())
                .ifPresent(this::measures);
        return new Scene("Where it lies", face, new Scene.Room(34, 26, 34, 26), false, marks);
    }

    private boolean isSeen(Level level) {
        return !(build.part(level.slab().part()).orElseThrow().material() instanceof Foam);
    }

    private void area(PartId id, Level level, Meaning edge) {
        Part part = build.part(id).orElseThrow();
        List<Outline> over = over(id);
        for (Outline outline : level.slab().footprints()) {
            seen(outline, over)
                    .forEach(o -> marks.add(
                            new Mark.Area(o, new Fill.Made(part.material()), edge, Optional.of(part.owner()))));
        }
        build.art(id).ifPresent(art -> part.at().forEach(at -> art.tints().forEach(tint -> tint.areas().stream()
                .flatMap(a -> seen(a.placed(at), over).stream())
                .forEach(a -> marks.add(
                        new Mark.Area(a, new Fill.Plain(tint.colour()), Meaning.WORKED, Optional.of(part.owner())))))));
    }

    /** The edges under which it goes. */
    private List<Outline> over(PartId id) {
        return build.spec().tucks().stream()
                .filter(t -> t.piece().equals(id.owner()))
                .flatMap(t -> build.levels().stream()
                        .filter(l -> l.slab().part().owner().equals(t.under()) && build.isCard(l)))
                .flatMap(l -> l.slab().footprints().stream())
                .toList();
    }

    private static List<Outline> seen(Outline outline, List<Outline> over) {
        return over.isEmpty() ? List.of(outline) : outline.less(over);
    }

    private void measures(Box piece) {
        double left = piece.left() - face.left();
        double right = face.right() - piece.right();
        if (left >= 0 && (left <= right || right < 0)) {
            across(face.left(), piece.left(), piece);
        } else if (right >= 0) {
            across(piece.right(), face.right(), piece);
        }
        double foot = piece.bottom() - face.bottom();
        double top = face.top() - piece.top();
        if (foot >= 0 && (foot <= top || top < 0)) {
            up(face.bottom(), piece.bottom(), piece);
        } else if (top >= 0) {
            up(piece.top(), face.top(), piece);
        }
    }

    private void across(double from, double to, Box piece) {
        marks.add(new Mark.Dimension(
                new Point(from, piece.bottom()),
                new Point(to, piece.bottom()),
                Mark.Side.BOTTOM,
                0,
                Words.of(Mm.length(to - from))));
    }

    private void up(double from, double to, Box piece) {
        boolean onLeft = piece.centre().x() < face.centre().x();
        double x = onLeft ? piece.left() : piece.right();
        marks.add(new Mark.Dimension(
                new Point(x, from),
                new Point(x, to),
                onLeft ? Mark.Side.LEFT : Mark.Side.RIGHT,
                0,
                Words.of(Mm.length(to - from))));
    }
}
