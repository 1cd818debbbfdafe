package dev.schachtel.core.drawing;

import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import dev.schachtel.core.assembly.Joining;
import dev.schachtel.core.assembly.Op;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Point;

/** Where a piece is laid: what lies there already, the piece in the colour of what is new, and two measures from the nearest edges. */
final class PlaceView {
    private final Build build;
    private final Joining joining;
    private final SlabId ground;
    private final Box face;
    private final FaceView view;

    private PlaceView(Build build, Joining joining, Level ground) {
        this.build = build;
        this.joining = joining;
        this.ground = ground.slab().id();
        this.face = ground.slab().bounds();
        this.view = new FaceView(build);
        view.area(ground, Meaning.CUT);
    }

    /** The view of an operation that lays something on the front of something; empty for any other. */
    static Optional<Scene> of(Build build, Op op, Collection<Op> before) {
        Optional<Joining> joining = op.joins().filter(j -> j.side() == Joining.Side.FRONT);
        Optional<Level> ground = joining.flatMap(j -> build.level(FaceView.root(build, j.onto())));
        return ground.map(g -> new PlaceView(build, joining.orElseThrow(), g).scene(before));
    }

    private Scene scene(Collection<Op> before) {
        Set<PartId> lying = new LinkedHashSet<>();
        Map<SlabId, SlabId> roots = new HashMap<>();
        before.forEach(op -> op.joins()
                .filter(j -> j.side() == Joining.Side.FRONT
                        && roots.computeIfAbsent(j.onto(), s -> FaceView.root(build, s))
                                .equals(ground))
                .ifPresent(j -> lying.addAll(j.laid())));
        build.levels().stream()
                .filter(l -> lying.contains(l.slab().part()) && view.isSeen(l))
                .forEach(l -> view.area(l, Meaning.CUT));
        for (PartId part : joining.laid()) {
            build.level(SlabId.of(part)).ifPresent(l -> view.area(l, Meaning.FRESH));
        }
        joining.laid().stream()
                .findFirst()
                .flatMap(p -> build.level(SlabId.of(p)))
                .map(l -> l.slab().footprints().get(0).bounds())
                .ifPresent(this::measures);
        return new Scene("Where it lies", face, new Scene.Room(58, 16, 58, 50), false, view.marks());
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
        view.marks()
                .add(new Mark.Dimension(
                        new Point(from, piece.bottom()),
                        new Point(to, piece.bottom()),
                        Mark.Side.BOTTOM,
                        1,
                        Words.of(Mm.length(to - from))));
    }

    private void up(double from, double to, Box piece) {
        boolean onLeft = piece.centre().x() < face.centre().x();
        double x = onLeft ? piece.left() : piece.right();
        view.marks()
                .add(new Mark.Dimension(
                        new Point(x, from),
                        new Point(x, to),
                        onLeft ? Mark.Side.LEFT : Mark.Side.RIGHT,
                        1,
                        Words.of(Mm.length(to - from))));
    }
}
